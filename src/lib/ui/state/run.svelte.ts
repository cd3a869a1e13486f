import { liveQuery } from 'dexie';
import { foldRun } from '$lib/core/count/run';
import type { Project, RunEvent } from '$lib/core/model/project';
import type { TombleDb } from '$lib/store/db';
import { appendAsLead, claimLead, releaseLead, RENEW_MS } from '$lib/store/lead';
import { RunWriter, type NewEvent } from '$lib/store/run-writer';
import { appendEvents, eventsOf, newId } from '$lib/store/store';

export type { NewEvent } from '$lib/store/run-writer';

/** This tab, for as long as it is open. */
const TAB = newId();

/**
 * One project's run at the crank. A press is marked at once in `pending`; the count moves only when the
 * events are committed, so that a row shown as counted is on disk.
 */
export class Run {
	/** Committed events. */
	events = $state.raw<readonly RunEvent[]>([]);
	/** All pieces folded together: ticks, faults, time. Of one piece: `foldRun(events, key)`. */
	readonly state = $derived(foldRun(this.events));
	/** Presses marked and not yet committed. */
	pending = $state(0);
	ready = $state(false);
	failure = $state<string | null>(null);
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
				this.pending = this.#writer.queue.length;
				this.failure = this.#writer.failure;
				if (this.#writer.refused > this.refused) this.leads = false;
				this.refused = this.#writer.refused;
			}
		});
	}

	#claim(takeOver = this.#taking) {
		return { projectId: this.projectId, tab: TAB, now: Date.now(), takeOver };
	}

	async #append(events: readonly RunEvent[]): Promise<boolean> {
		if (this.#asLead) return appendAsLead(this.db, events, this.#claim());
		await appendEvents(this.db, events);
		return true;
	}

	/** Reads the committed events once. */
	async load(): Promise<void> {
		this.#writer.load(await eventsOf(this.db, this.projectId));
		this.ready = true;
	}

	/** At the crank: follows the store, other tabs included, and takes the lead where it is free. Ends by the function returned. */
	follow(): () => void {
		this.#asLead = true;
		const renew = async () => {
			// A tab that is not looked at keeps a lead it has and takes no new one.
			if (!this.leads && document.visibilityState !== 'visible') return;
			this.leads = await claimLead(this.db, this.#claim());
		};
		void renew();
		const timer = setInterval(() => void renew(), RENEW_MS);
		const seen = () => document.visibilityState === 'visible' && void renew();
		document.addEventListener('visibilitychange', seen);
		const leave = () => void releaseLead(this.db, this.projectId, TAB);
		window.addEventListener('pagehide', leave);
		const following = liveQuery(() => eventsOf(this.db, this.projectId)).subscribe((events) => {
			if (this.#writer.queue.length === 0) this.#writer.load(events);
			this.ready = true;
		});
		return () => {
			clearInterval(timer);
			following.unsubscribe();
			document.removeEventListener('visibilitychange', seen);
			window.removeEventListener('pagehide', leave);
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
	retry(): void {
		void this.#writer.write();
	}
}
