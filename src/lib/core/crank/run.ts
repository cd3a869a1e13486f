import type { RunEvent } from '../model/project';

export type Fault = Extract<RunEvent, { type: 'fault' }>;

/** What happened between two rows, that no plan knows of: a new ball, another slot or hand from here on, a note. */
export type Happened = Extract<RunEvent, { type: 'ball' | 'feed' | 'note' }>;

/** Before an undoable press: rows done, and how much had happened. */
interface Before {
	readonly done: number;
	readonly happened: number;
}

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
	/** Undoable presses, each by what was before it, newest last: rows, jumps, settlings, and what happened between rows. */
	readonly past: readonly Before[];
	/** In the order it happened; what was undone is gone. */
	readonly happened: readonly Happened[];
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

/** A state as it is built up, event by event. */
interface Fold {
	started: boolean;
	off: boolean;
	done: number;
	doubt: Doubt | null;
	readonly past: Before[];
	readonly happened: Happened[];
	readonly steps: Set<string>;
	readonly faults: Fault[];
	readonly mended: Set<string>;
	activeMs: number;
	startedAt: number | null;
	lastAt: number | null;
	paused: boolean;
}

/** The open question moves along with the count. */
function shift(f: Fold, by: number): void {
	const { doubt } = f;
	if (!doubt) return;
	f.doubt = { ...doubt, low: Math.max(0, doubt.low + by), high: Math.max(0, doubt.high + by) };
}

/** Time at the crank: a gap after a pause, or a longer one, is none. */
function passTime(f: Fold, e: RunEvent): void {
	if (f.lastAt !== null && !f.paused && e.at > f.lastAt)
		f.activeMs += Math.min(IDLE_MS, e.at - f.lastAt);
	f.lastAt = f.lastAt === null ? e.at : Math.max(f.lastAt, e.at);
	f.paused = e.type === 'pause' || e.type === 'off';
}

function takeBack(f: Fold): void {
	if (f.off) {
		f.off = false;
		return;
	}
	const back = f.past.pop();
	if (back === undefined) return;
	shift(f, back.done - f.done);
	f.done = back.done;
	f.happened.length = back.happened;
}

const before = ({ done, happened }: Fold): Before => ({ done, happened: happened.length });

function apply(f: Fold, e: Exclude<RunEvent, { type: 'step' }>): void {
	switch (e.type) {
		case 'start':
			f.started = true;
			f.startedAt ??= e.at;
			break;
		case 'row':
			f.past.push(before(f));
			f.done += 1;
			shift(f, 1);
			break;
		case 'jump':
		case 'settle':
			f.past.push(before(f));
			f.done = e.to;
			f.doubt = null;
			if (e.type === 'jump') f.off = false;
			break;
		case 'undo':
			takeBack(f);
			break;
		case 'doubt':
			// A second doubt widens the first: neither is answered yet.
			f.doubt = {
				why: e.why,
				low: Math.min(e.low, f.doubt?.low ?? e.low),
				high: Math.max(e.high, f.doubt?.high ?? e.high)
			};
			break;
		case 'fault':
			f.faults.push(e);
			break;
		case 'mend':
			f.mended.add(e.fault);
			break;
		case 'off':
			f.off = true;
			break;
		case 'ball':
		case 'feed':
		case 'note':
			f.past.push(before(f));
			f.happened.push(e);
			break;
		case 'pause':
			break;
	}
}

/** Folds append-only events into their state: of one piece, or of all where none is named. Steps belong to every piece. */
export function foldRun(events: readonly RunEvent[], piece?: string): RunState {
	const f: Fold = {
		started: false,
		off: false,
		done: 0,
		doubt: null,
		past: [],
		happened: [],
		steps: new Set(),
		faults: [],
		mended: new Set(),
		activeMs: 0,
		startedAt: null,
		lastAt: null,
		paused: false
	};
	for (const e of inOrder(events)) {
		if (e.type === 'step') {
			if (e.done) f.steps.add(e.step);
			else f.steps.delete(e.step);
			continue;
		}
		if (piece !== undefined && e.piece !== piece) continue;
		passTime(f, e);
		apply(f, e);
	}
	return f;
}
