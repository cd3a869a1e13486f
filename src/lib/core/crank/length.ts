import type { Gauge } from '../bench/gauge/gauge';
import { estimate, exact, quotient, weakest, type Estimate } from '../quantity/estimate';
import type { YarnRun } from '../simulate/fabric';

/**
 * Flat length of the runs, cm, each by its yarn's rows per cm; lengths of one gauge vary together. Of `hemRows` hung double
 * only half the height counts.
 */
export function flatLength(
	runs: readonly YarnRun[],
	gauges: readonly Gauge[],
	hemRows = 0
): Estimate {
	// A hem's rows are twice in the same place: each counts for half.
	const high = (r: YarnRun) => r.to - r.from - Math.max(0, Math.min(hemRows, r.to) - r.from) / 2;
	const used = gauges.flatMap((g, yarn) => {
		const rows = runs.reduce((t, r) => t + (r.yarn === yarn ? high(r) : 0), 0);
		return rows > 0 ? [quotient(exact(rows), g.rowsPerCm)] : [];
	});
	// Colours of one yarn share their readings, so their errors add up and do not cancel.
	return estimate(
		used.reduce((t, e) => t + e.mean, 0),
		used.reduce((t, e) => t + e.sd, 0),
		weakest(...used.map((e) => e.basis))
	);
}
