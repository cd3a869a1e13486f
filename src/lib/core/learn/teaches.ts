import type { Machine, Shows } from '../model/bench';
import type { Evidence, MeasuredResult } from '../model/project';

/** Why a thing says nothing of a gauge that a plain tube could be knitted by. */
export type Untaught = Exclude<Shows, 'tube'> | 'few-rows' | 'few-pins';

/** Fewer rows or pins than these curl, roll and hang too unevenly to be taken for a gauge (from memory). */
export const LEAST_TAUGHT = { rows: 20, pins: 8 } as const;

/**
 * Whether what was measured of a finished thing is taken for the gauge of its machine and yarn, and if not why: only a tube
 * on all pins, without a hem, long and wide enough to lie flat is understood.
 */
export function untaughtBy(
	{ shows, rowsKnitted }: Pick<MeasuredResult, 'shows' | 'rowsKnitted'>,
	machine: Pick<Machine, 'pins'>
): Untaught | null {
	if (shows !== 'tube') return shows;
	if (rowsKnitted < LEAST_TAUGHT.rows) return 'few-rows';
	return machine.pins < LEAST_TAUGHT.pins ? 'few-pins' : null;
}

/** Evidence from files is held to the same. */
export const isTaught = (e: Evidence): boolean =>
	e.rows >= LEAST_TAUGHT.rows && e.pins >= LEAST_TAUGHT.pins;
