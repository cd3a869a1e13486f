import { latestOfEachProject } from '../gauge/loop';
import type { Evidence } from '../model/project';
import { combine, estimate, scale } from '../quantity/estimate';
import { figure, own, worked, type Figure } from '../quantity/working';

/** A lined hat takes 15 to 20 minutes at the crank (common practice): for about 125 rows, 8.4 s a row all told. */
export const PRIOR_SECONDS_PER_ROW = 8.4;
export const PRIOR_RELATIVE_SD = 0.25;
/** One timed piece alone predicts the next to 15 % (from memory). */
const TIMED_RELATIVE_SD = 0.15;

/** Minutes at the crank for `rows` main rows, from the maker's own timed pieces on this machine where there are any. */
export function crankTime(rows: number, machineId: string, evidence: readonly Evidence[]): Figure {
	const timed = latestOfEachProject(
		evidence.filter((e) => e.machineId === machineId),
		(e) => (e.minutes === null ? null : (e.minutes * 60) / e.rows)
	);
	const learned = timed.length > 0;
	const perRow = learned
		? combine(timed, TIMED_RELATIVE_SD, 'learned')
		: estimate(PRIOR_SECONDS_PER_ROW, PRIOR_SECONDS_PER_ROW * PRIOR_RELATIVE_SD, 'estimated');
	const minutes = scale({ mean: perRow.mean, sd: perRow.sd, basis: perRow.basis }, rows / 60);
	return figure('Time at the crank', 'minutes', minutes, [
		worked(rows, 'rows', 'rows'),
		'×',
		learned
			? own(perRow.mean, 'seconds', `a row, from ${timed.length} you timed`)
			: worked(perRow.mean, 'seconds', 'a row, as most take')
	]);
}
