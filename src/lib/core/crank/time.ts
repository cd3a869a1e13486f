import { latestOfEachProject } from '../bench/gauge/loop';
import type { Evidence } from '../model/project';
import { combine, estimate, scale, weakest, type Estimate } from '../quantity/estimate';
import { figure, own, worked, type Figure } from '../quantity/working';

/** A lined hat takes 15 to 20 minutes at the crank (common practice): for about 125 rows, 8.4 s a row all told. */
export const PRIOR_SECONDS_PER_ROW = 8.4;
export const PRIOR_RELATIVE_SD = 0.25;
/** One timed piece alone predicts the next to 15 % (from memory). */
const TIMED_RELATIVE_SD = 0.15;

interface Pace {
	readonly perRow: Estimate;
	readonly timed: number;
}

function paceOn(machineId: string, evidence: readonly Evidence[]): Pace {
	const timed = latestOfEachProject(
		evidence.filter((e) => e.machineId === machineId),
		(e) => (e.minutes === null ? null : (e.minutes * 60) / e.rows)
	);
	return timed.length > 0
		? { perRow: combine(timed, TIMED_RELATIVE_SD, 'learned'), timed: timed.length }
		: {
				perRow: estimate(
					PRIOR_SECONDS_PER_ROW,
					PRIOR_SECONDS_PER_ROW * PRIOR_RELATIVE_SD,
					'estimated'
				),
				timed: 0
			};
}

/** Main rows to be cranked on one machine. */
export interface RowsOn {
	readonly rows: number;
	readonly machineId: string;
}

/** Minutes at the crank, from the maker's own timed pieces on each machine where there are any. */
export function crankTime(on: readonly RowsOn[], evidence: readonly Evidence[]): Figure {
	const paced = on.map(({ rows, machineId }) => ({ rows, ...paceOn(machineId, evidence) }));
	const minutes = paced.map(({ rows, perRow }) => scale(perRow, rows / 60));
	// One pair of hands: its pace errs alike on all machines.
	const all = estimate(
		minutes.reduce((t, m) => t + m.mean, 0),
		minutes.reduce((t, m) => t + m.sd, 0),
		weakest(...minutes.map((m) => m.basis))
	);
	return figure(
		'Time at the crank',
		'minutes',
		all,
		paced.flatMap(({ rows, perRow, timed }, i) => [
			...(i > 0 ? ['+'] : []),
			worked(rows, 'rows', 'rows'),
			'×',
			timed > 0
				? own(perRow.mean, 'seconds', `a row, from ${timed} you timed`)
				: worked(perRow.mean, 'seconds', 'a row, as most take')
		])
	);
}
