import { nextPlace } from '../core/crank/run';
import { MOST_EVENTS } from '../core/model/kinds';
import type { RunEvent } from '../core/model/project';
import { troubleOf, type StoreTrouble } from './failure';

type Bare<T> = T extends unknown ? Omit<T, 'id' | 'projectId' | 'at' | 'n'> : never;
export type NewEvent = Bare<RunEvent>;

export interface WriterParts {
	readonly projectId: RunEvent['projectId'];
	/** Writes all or nothing, durably; false where another tab leads. Throws where the store does not answer. */
	readonly append: (events: readonly RunEvent[]) => Promise<boolean>;
	readonly now: () => number;
	readonly newId: () => string;
	/** Called when anything of the writer has changed. */
	readonly changed: () => void;
}

/**
 * One project's events on their way to the disk. What is added waits in a queue; it counts only once it is committed, and
 * then it is in `events`. What could not be written stays in the queue, with the id it has, so that trying again never
 * doubles it.
 */
export class RunWriter {
	/** Committed, in the order of writing. */
	events: readonly RunEvent[] = [];
	/** Marked and not yet committed. */
	queue: readonly RunEvent[] = [];
	/** Why the last try failed. */
	trouble: StoreTrouble | null = null;
	/** More than a run's file takes: what was pressed beyond it was not counted. */
	full = false;
	/** Refused because another tab leads; what was refused is dropped, and the maker is told. */
	refused = 0;
	#writing = false;

	constructor(private readonly parts: WriterParts) {}

	/** Takes in what the store holds now; not while a write of our own is on its way. */
	load(events: readonly RunEvent[]): void {
		// The list only ever grows: a shorter one was read before our last write.
		if (this.#writing || events.length < this.events.length) return;
		this.events = events;
		this.parts.changed();
	}

	/** Resolves when the queue is empty or could not be written. */
	add(...events: NewEvent[]): Promise<void> {
		if (this.events.length + this.queue.length + events.length > MOST_EVENTS) {
			this.full = true;
			this.parts.changed();
			return Promise.resolve();
		}
		const at = this.parts.now();
		const first = nextPlace([...this.events, ...this.queue]);
		this.queue = [
			...this.queue,
			...events.map(
				(e, i) =>
					({
						...e,
						id: this.parts.newId(),
						projectId: this.parts.projectId,
						at,
						n: first + i
					}) as RunEvent
			)
		];
		this.parts.changed();
		return this.write();
	}

	async write(): Promise<void> {
		if (this.#writing) return;
		this.#writing = true;
		try {
			while (this.queue.length > 0) {
				// All that has gathered while the last transaction was on its way goes in one.
				const batch = this.queue;
				const written = await this.parts.append(batch);
				this.queue = this.queue.slice(batch.length);
				if (written) this.events = [...this.events, ...batch];
				else this.refused += batch.length;
				this.trouble = null;
				this.parts.changed();
			}
		} catch (e) {
			this.trouble = troubleOf(e);
			this.parts.changed();
		} finally {
			this.#writing = false;
		}
	}
}
