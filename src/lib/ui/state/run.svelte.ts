import { foldRun, type RunState } from '$lib/core/learn/count';
import type { Project, RunEvent } from '$lib/core/model/project';
import type { TombleDb } from '$lib/store/db';
import { appendEvents, eventsOf, newId } from '$lib/store/store';

type Bare<T> = T extends unknown ? Omit<T, 'id' | 'projectId' | 'at'> : never;
export type NewEvent = Bare<RunEvent>;

/**
 * One project's run at the crank. A press is marked at once in `pending`; the count moves only when the
 * events are committed, so that a row shown as counted is on disk.
 */
export class Run {
	/** Committed events, folded. */
	state = $state.raw<RunState>(foldRun([]));
	/** Presses marked and not yet committed. */
	pending = $state(0);
	ready = $state(false);
	failure = $state<string | null>(null);
	#events: RunEvent[] = [];
	#queue: RunEvent[] = [];
	#writing = false;

	constructor(
		private readonly db: TombleDb,
		private readonly projectId: Project['id']
	) {}

	/** Reads the committed events; again whenever another tab may have written. */
	async load(): Promise<void> {
		if (this.#writing) return;
		this.#events = await eventsOf(this.db, this.projectId);
		this.state = foldRun(this.#events);
		this.ready = true;
	}

	add(...events: NewEvent[]): void {
		const at = Date.now();
		for (const e of events) {
			this.#queue.push({ ...e, id: newId(), projectId: this.projectId, at } as RunEvent);
		}
		this.pending += events.length;
		void this.#write();
	}

	async #write(): Promise<void> {
		if (this.#writing) return;
		this.#writing = true;
		try {
			while (this.#queue.length > 0) {
				// All that has gathered while the last transaction was on its way goes in one.
				const batch = this.#queue.slice();
				await appendEvents(this.db, batch);
				this.#queue.splice(0, batch.length);
				this.#events.push(...batch);
				this.state = foldRun(this.#events);
				this.pending -= batch.length;
				this.failure = null;
			}
		} catch (e) {
			this.failure = e instanceof Error ? e.message : String(e);
		} finally {
			this.#writing = false;
		}
	}

	/** Tries again to store what could not be written. */
	retry(): void {
		void this.#write();
	}
}
