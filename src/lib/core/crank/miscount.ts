import { entryAt } from '../quantity/sure';
import type { Gauge } from '../bench/gauge/gauge';
import { estimate, type Estimate } from '../quantity/estimate';
import type { YarnRun } from '../simulate/fabric';

/** Hanging on the machine a tube is longer than at rest, by about this, and nobody knows just how much (from memory). */
const HANGING = { longer: 0.05, sd: 0.04 };
/** A tape on soft fabric, cm; a kitchen scale, g (from memory). */
const TAPE_SD_CM = 0.4;
const SCALE_SD_G = 1;

/** The count held against one way to find out. Main rows. */
export interface Found {
	readonly rows: Estimate;
	/** How far the count lies from it, in its own standard deviations; 0 where it is exact and agrees. */
	readonly deviations: number;
	/** Whether this way can tell a row from the next at all. */
	readonly exact: boolean;
	/** The likeliest whole count. */
	readonly nearest: number;
}

function hold(rows: Estimate, count: number, most: number): Found {
	const off = count - rows.mean;
	const nearest = Math.max(0, Math.min(most, Math.round(rows.mean)));
	return {
		rows,
		deviations: rows.sd > 0 ? off / rows.sd : off === 0 ? 0 : Math.sign(off) * Infinity,
		exact: rows.sd < 0.5,
		nearest
	};
}

const lastRow = (runs: readonly YarnRun[]): number => runs.at(-1)?.to ?? 0;

/**
 * Rows from the length knitted so far, cm, each section by its own yarn's gauge. `hanging` for a length measured on the
 * machine.
 */
export function byLength(
	cm: number,
	count: number,
	piece: {
		readonly runs: readonly YarnRun[];
		readonly gauges: readonly Gauge[];
		readonly hanging: boolean;
		/** Rows of a hem that is hung already: half of them hang beside the other half. */
		readonly hem?: number;
	}
): Found {
	const longer = piece.hanging ? 1 + HANGING.longer : 1;
	let left = cm / longer + (piece.hem ?? 0) / 2 / entryAt(piece.gauges, 0).rowsPerCm.mean;
	let rows = 0;
	let gauge = entryAt(piece.gauges, 0);
	for (const run of piece.runs) {
		gauge = piece.gauges[run.yarn] ?? gauge;
		const length = (run.to - run.from) / gauge.rowsPerCm.mean;
		rows += Math.min(left, length) * gauge.rowsPerCm.mean;
		left = Math.max(0, left - length);
		if (left === 0) break;
	}
	// Longer than the plan: by the last yarn, since that is what would be knitted on with.
	rows += left * gauge.rowsPerCm.mean;
	const { mean, sd, basis } = gauge.rowsPerCm;
	const relative = Math.hypot(sd / mean, piece.hanging ? HANGING.sd : 0);
	const spread = Math.hypot(rows * relative, TAPE_SD_CM * mean);
	return hold(estimate(rows, spread, basis), count, lastRow(piece.runs));
}

/** Rows counted with the eye since the last join: exact, if they were counted right. */
export const byJoin = (rowsSince: number, joinAt: number, count: number, most: number): Found =>
	hold(estimate(joinAt + rowsSince, 0, 'measured'), count, most);

/**
 * Rows from the grams gone from the ball since `from` main rows, with one yarn.
 * @param metresPerRow and its spread, from the yarn in a stitch
 */
export function byWeight(
	grams: number,
	count: number,
	use: {
		readonly from: number;
		readonly metresPerGram: number;
		readonly metresPerRow: Estimate;
		/** Yarn in tails and cast-on, m: weighed, and in no row. */
		readonly tailMetres: number;
		readonly most: number;
	}
): Found {
	const { mean, sd, basis } = use.metresPerRow;
	const rows = Math.max(0, (grams * use.metresPerGram - use.tailMetres) / mean);
	const spread = Math.hypot(rows * (sd / mean), (SCALE_SD_G * use.metresPerGram) / mean);
	return hold(estimate(use.from + rows, spread, basis), count, use.most);
}
