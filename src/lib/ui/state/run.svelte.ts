import { liveQuery } from 'dexie';
import { foldRun } from '$lib/core/crank/run';
import type { Project, RunEvent } from '$lib/core/model/project';
import type { TombleDb } from '$lib/store/db';
import {
	appendAsLead,
	asLead,
	claimLead,
	releaseLead,
	RENEW_MS,
	type Claim
} from '$lib/store/lead';
import { Presence } from '$lib/store/presence';
import { troubleOf, type StoreTrouble } from '$lib/store/failure';
import { RunWriter, type NewEvent } from '$lib/store/run-writer';
import { appendEvents, eventsOf, newId } from '$lib/store/store';

export type { NewEvent } from '$lib/store/run-writer';

/** This tab, for as long as it is open. */
const TAB = newId();
/** Made with the first run that is followed. */
let known: Presence | null = null;
const presence = (): Presence => (known ??= new Presence(TAB));

/**
 * One project's run at the crank. A press is marked at once in `pending`; the count moves only when the
 * events are committed, so that a row shown as counted is on disk.
 */
export class Run {
	/** Committed events. */
	events = $state.raw<readonly RunEvent[]>([]);
	/** All pieces folded together: ticks, faults, time. Of one piece: `foldRun(events, key)`. */
	readonly state = $derived(foldRun(this.events));
	/** The same with what is on its way to the disk: a tick stands at once, and stays where it could not be stored. */
	readonly shown = $derived.by(() => foldRun([...this.events, ...this.#queue]));
	/** Presses marked and not yet committed. */
	pending = $state(0);
	ready = $state(false);
	/** Why something is not on the disk, or could not be read from it. */
	trouble = $state.raw<StoreTrouble | null>(null);
	/** The run has as many events as a file takes. */
	full = $state(false);
	#queue = $state.raw<readonly RunEvent[]>([]);
	/** Whether this tab counts, or follows one that does. */
	leads = $state(true);
	/** Grows when a press was refused because another tab leads. */
	refused = $state(0);
	readonly #writer: RunWriter;
	#asLead = false;
	/** While the lead is being taken: presses made meanwhile count here already. */
	#taking = false;

	constructor(
		private readonly db: TombleDb,
		private readonly projectId: Project['id']
	) {
		this.#writer = new RunWriter({
			projectId,
			append: (events) => this.#append(events),
			now: () => Date.now(),
			newId,
			changed: () => {
				this.events = this.#writer.events;
				this.#queue = this.#writer.queue;
				this.pending = this.#writer.queue.length;
				this.trouble = this.#writer.trouble;
				this.full = this.#writer.full;
				if (this.#writer.refused > this.refused) this.leads = false;
				this.refused = this.#writer.refused;
			}
		});
	}

	#claim(): Claim {
		return { projectId: this.projectId, tab: TAB, now: Date.now(), takeOver: this.#taking };
	}

	#leading(act: (claim: Claim) => Promise<boolean>): Promise<boolean> {
		return asLead(this.db, this.#claim(), (tab) => presence().gone(tab), act);
	}

	async #append(events: readonly RunEvent[]): Promise<boolean> {
		if (this.#asLead) return this.#leading((claim) => appendAsLead(this.db, events, claim));
		await appendEvents(this.db, events);
		return true;
	}

	/** Reads the committed events once. */
	async load(): Promise<void> {
		try {
			this.#writer.load(await eventsOf(this.db, this.projectId));
		} catch (e) {
			this.trouble = troubleOf(e);
		}
		this.ready = true;
	}

	/** At the crank: follows the store, other tabs included, and takes the lead where it is free. Ends by the function returned. */
	follow(): () => void {
		this.#asLead = true;
		// From here on this tab answers to its name.
		const here = presence();
		const renew = async () => {
			// A tab that is not looked at keeps a lead it has and takes no new one.
			if (!this.leads && document.visibilityState !== 'visible') return;
			try {
				this.leads = await this.#leading((claim) => claimLead(this.db, claim));
			} catch {
				// A store that does not answer is told of by what could not be written.
			}
		};
		void renew();
		const timer = setInterval(() => void renew(), RENEW_MS);
		const seen = () => document.visibilityState === 'visible' && void renew();
		document.addEventListener('visibilitychange', seen);
		const leave = () => void releaseLead(this.db, this.projectId, TAB).catch(() => undefined);
		const hide = () => {
			here.leave();
			leave();
		};
		const show = () => {
			here.back();
			void renew();
		};
		window.addEventListener('pagehide', hide);
		window.addEventListener('pageshow', show);
		const following = liveQuery(() => eventsOf(this.db, this.projectId)).subscribe({
			next: (events) => {
				if (this.#writer.queue.length === 0) this.#writer.load(events);
				this.ready = true;
			},
			error: (e) => {
				this.trouble = troubleOf(e);
				this.ready = true;
			}
		});
		return () => {
			clearInterval(timer);
			following.unsubscribe();
			document.removeEventListener('visibilitychange', seen);
			window.removeEventListener('pagehide', hide);
			window.removeEventListener('pageshow', show);
			this.#asLead = false;
			leave();
		};
	}

	/** Counts here from now on; the tab that did follows. */
	async takeOver(): Promise<void> {
		this.leads = true;
		this.#taking = true;
		try {
			this.leads = await claimLead(this.db, this.#claim());
		} finally {
			this.#taking = false;
		}
	}

	add(...events: NewEvent[]): void {
		void this.#writer.add(...events);
	}

	/** Tries again to store what could not be written. */
	async retry(): Promise<boolean> {
		await this.#writer.write();
		if (this.#writer.queue.length === 0 && this.trouble) await this.load();
		return this.#writer.queue.length === 0;
	}
}
