import { entryAt } from '../../quantity/sure';
import type { Gauge } from './gauge';
import type { Machine, Yarn } from '../../model/bench';
import { relative, scale, type Estimate } from '../../quantity/estimate';
import { metresPerGram } from '../yarn/tex';

/** Metres of yarn in one row of tube: pins x loop length. */
export const metresPerRow = (
	machine: Pick<Machine, 'pins'>,
	gauge: Pick<Gauge, 'loopCm'>
): Estimate => scale(gauge.loopCm, machine.pins / 100);

export interface RowsLeft {
	/** Metres in the ball. */
	readonly metres: number;
	/** Whole rows it gives, by the mean. */
	readonly rows: number;
	/** Spread of the rows, one sd. */
	readonly sd: number;
	/** Whole rows it gives in nine of ten such balls. */
	readonly safeRows: number;
	/** Metres over after the whole rows. */
	readonly overMetres: number;
	readonly basis: Estimate['basis'];
}

/** 90 % of a normal distribution lie below its mean and this many sd. */
const NINE_OF_TEN = 1.2816;

/**
 * Rows of tube that `grams` of a yarn give, after `reservedMetres` for tails. Rows x metres per row never exceed the ball.
 * Grams from 0; an empty ball gives 0 rows.
 */
export function rowsLeft(
	grams: number,
	yarn: Yarn,
	perRow: Estimate,
	reservedMetres = 0
): RowsLeft {
	const metres = grams * metresPerGram(yarn);
	const usable = Math.max(0, metres - reservedMetres);
	const exact = usable / perRow.mean;
	// Guards against a quotient that rounding lifts to the next whole row.
	let rows = Math.floor(exact);
	if (rows * perRow.mean > usable) rows -= 1;
	const sd = exact * relative(perRow);
	return {
		metres,
		rows,
		sd,
		safeRows: Math.max(0, Math.floor(usable / (perRow.mean + NINE_OF_TEN * perRow.sd))),
		overMetres: usable - rows * perRow.mean,
		basis: perRow.basis
	};
}

/** Tail to take off with, 1.5 to 2 times round the machine (common practice): the range in cm. */
export const takeOffTailCm = (machine: Pick<Machine, 'ringCm'>): readonly [number, number] => [
	1.5 * machine.ringCm,
	2 * machine.ringCm
];

/** An amount that covers an estimate in nine of ten cases. */
export const nineOfTen = (e: Estimate): number => e.mean + NINE_OF_TEN * e.sd;

export interface PartBall {
	readonly yarn: Yarn;
	readonly grams: number;
	readonly perRow: Estimate;
}

/** One way to share part balls over stripes. */
export interface Shared {
	/** How many times every ball comes round. */
	readonly repeats: number;
	/** Rows of each stripe, in knitting order: ball index and rows. */
	readonly stripes: readonly { readonly ball: number; readonly rows: number }[];
	readonly rows: number;
	/** Metres left of each ball after its last whole row and its tails. */
	readonly overMetres: readonly number[];
}

/** Every stripe takes a tail at either end. */
const TAILS_PER_STRIPE_M = 0.4;

/**
 * Shares part balls over stripes that come round `repeats` times, each ball in turn, so that every ball runs out at the end
 * of a row and never within one. A ball's rows are spread over its stripes as evenly as can be: they differ by one at most
 * (Euclidean rhythm). Rows are those it gives in nine of ten cases, two tails of 20 cm a stripe set aside.
 * Undefined where a ball has not a row for each of its stripes.
 */
export function shareBalls(balls: readonly PartBall[], repeats: number): Shared | undefined {
	const reserve = repeats * TAILS_PER_STRIPE_M;
	const left = balls.map((b) => rowsLeft(b.grams, b.yarn, b.perRow, reserve));
	if (balls.length === 0 || left.some((l) => l.safeRows < repeats)) return undefined;
	const stripes = Array.from({ length: repeats }, (_, i) =>
		left.map((l, ball) => ({
			ball,
			rows: Math.floor(((i + 1) * l.safeRows) / repeats) - Math.floor((i * l.safeRows) / repeats)
		}))
	).flat();
	return {
		repeats,
		stripes,
		rows: stripes.reduce((t, s) => t + s.rows, 0),
		overMetres: left.map((l, i) => l.metres - reserve - l.safeRows * entryAt(balls, i).perRow.mean)
	};
}
