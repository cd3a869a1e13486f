import type { RunEvent } from '../model/project';

export type Fault = Extract<RunEvent, { type: 'fault' }>;

/** Rows that may be done, both ends included: the count is one of them, and nobody knows yet which. */
export interface Doubt {
	readonly why: Extract<RunEvent, { type: 'doubt' }>['why'];
	readonly low: number;
	readonly high: number;
}

/** What the event list of one piece adds up to. Rows count the whole piece, waste included. */
export interface RunState {
	readonly started: boolean;
	/** Rows done. */
	readonly done: number;
	/** Taken off the machine. */
	readonly off: boolean;
	/** Undoable presses: the counts before each row, jump or settling, newest last. */
	readonly past: readonly number[];
	/** Open question about the count; it moves along as rows are counted on. */
	readonly doubt: Doubt | null;
	/** Finishing and checking steps ticked. */
	readonly steps: ReadonlySet<string>;
	readonly faults: readonly Fault[];
	/** Ids of faults that were mended. */
	readonly mended: ReadonlySet<string>;
	/** Milliseconds at the crank: gaps between events of the run, each at most `IDLE_MS`. */
	readonly activeMs: number;
	readonly startedAt: number | null;
	readonly lastAt: number | null;
}

/** A pause longer than this between two rows is not time at the crank. */
export const IDLE_MS = 120_000;

/** The piece an event speaks of; undefined for what belongs to the project as a whole. */
export const pieceOf = (e: RunEvent): string | undefined => ('piece' in e ? e.piece : undefined);

/**
 * The one order of a run, the same on every device: by the place each writer gave its events, then by id. Lists that were
 * written side by side on two devices fall into one another in the same way on both.
 */
export const inOrder = (events: readonly RunEvent[]): RunEvent[] =>
	[...events].sort((a, b) => a.n - b.n || (a.id < b.id ? -1 : 1));

/** The place for the next event: after all its writer knows of. */
export const nextPlace = (events: readonly RunEvent[]): number =>
	events.reduce((most, e) => Math.max(most, e.n), -1) + 1;

/** Folds append-only events into their state: of one piece, or of all where none is named. Steps belong to every piece. */
export function foldRun(events: readonly RunEvent[], piece?: string): RunState {
	let started = false;
	let off = false;
	let done = 0;
	let doubt = null as Doubt | null;
	const past: number[] = [];
	const steps = new Set<string>();
	const faults: Fault[] = [];
	const mended = new Set<string>();
	let activeMs = 0;
	let startedAt: number | null = null;
	let lastAt: number | null = null;
	let paused = false;
	const shift = (by: number) => {
		if (doubt)
			doubt = { ...doubt, low: Math.max(0, doubt.low + by), high: Math.max(0, doubt.high + by) };
	};
	for (const e of inOrder(events)) {
		if (e.type === 'step') {
			if (e.done) steps.add(e.step);
			else steps.delete(e.step);
			continue;
		}
		if (piece !== undefined && e.piece !== piece) continue;
		if (lastAt !== null && !paused && e.at > lastAt) activeMs += Math.min(IDLE_MS, e.at - lastAt);
		lastAt = lastAt === null ? e.at : Math.max(lastAt, e.at);
		paused = e.type === 'pause' || e.type === 'off';
		switch (e.type) {
			case 'start':
				started = true;
				startedAt ??= e.at;
				break;
			case 'row':
				past.push(done);
				done += 1;
				shift(1);
				break;
			case 'jump':
			case 'settle':
				past.push(done);
				done = e.to;
				doubt = null;
				if (e.type === 'jump') off = false;
				break;
			case 'undo':
				if (off) off = false;
				else if (past.length > 0) {
					const back = past.pop()!;
					shift(back - done);
					done = back;
				}
				break;
			case 'doubt':
				// A second doubt widens the first: neither is answered yet.
				doubt = {
					why: e.why,
					low: Math.min(e.low, doubt?.low ?? e.low),
					high: Math.max(e.high, doubt?.high ?? e.high)
				};
				break;
			case 'fault':
				faults.push(e);
				break;
			case 'mend':
				mended.add(e.fault);
				break;
			case 'off':
				off = true;
				break;
			case 'pause':
				break;
		}
	}
	return {
		started,
		done,
		off,
		past,
		doubt,
		steps,
		faults,
		mended,
		activeMs,
		startedAt,
		lastAt
	};
}
