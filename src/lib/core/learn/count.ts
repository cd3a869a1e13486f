import type { RunEvent } from '../model/project';

/** What the event list adds up to. Rows count the whole run, waste included. */
export interface RunState {
	readonly started: boolean;
	/** Rows done. */
	readonly done: number;
	/** Taken off the machine. */
	readonly off: boolean;
	/** Undoable presses: the counts before each row or jump, newest last. */
	readonly past: readonly number[];
	/** Finishing and checking steps ticked. */
	readonly steps: ReadonlySet<string>;
	readonly faults: readonly Extract<RunEvent, { type: 'fault' }>[];
	/** Milliseconds at the crank: gaps between events of the run, each at most `IDLE_MS`. */
	readonly activeMs: number;
	readonly startedAt: number | null;
	readonly lastAt: number | null;
}

/** A pause longer than this between two rows is not time at the crank. */
const IDLE_MS = 120_000;

/** Folds one piece's append-only events, in the order they were written, into its state. */
export function foldRun(events: readonly RunEvent[]): RunState {
	let started = false;
	let off = false;
	let done = 0;
	const past: number[] = [];
	const steps = new Set<string>();
	const faults: Extract<RunEvent, { type: 'fault' }>[] = [];
	let activeMs = 0;
	let startedAt: number | null = null;
	let lastAt: number | null = null;
	let paused = false;
	for (const e of events) {
		if (e.type === 'step') {
			if (e.done) steps.add(e.step);
			else steps.delete(e.step);
			continue;
		}
		if (lastAt !== null && !paused && e.at > lastAt) activeMs += Math.min(IDLE_MS, e.at - lastAt);
		lastAt = e.at;
		paused = e.type === 'pause' || e.type === 'off';
		switch (e.type) {
			case 'start':
				started = true;
				startedAt ??= e.at;
				break;
			case 'row':
				past.push(done);
				done += 1;
				break;
			case 'jump':
				past.push(done);
				done = e.to;
				off = false;
				break;
			case 'undo':
				if (off) off = false;
				else done = past.pop() ?? done;
				break;
			case 'fault':
				faults.push(e);
				break;
			case 'off':
				off = true;
				break;
			case 'pause':
				break;
		}
	}
	return { started, done, off, past, steps, faults, activeMs, startedAt, lastAt };
}
