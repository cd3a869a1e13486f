import { estimate, type Estimate } from '../quantity/estimate';

/**
 * Munden's stitch-density constants ks = stitches per cm2 x l2 for plain knitting.
 * Munden, "The geometry and dimensional properties of plain-knit fabrics",
 * J. Textile Institute 50 (1959) T448-T471 (from memory).
 */
export const MUNDEN_KS = { rested: 19.0, washed: 21.6, fresh: 19.0 } as const;
export const MUNDEN_KC = { rested: 5.0, washed: 5.3 } as const;
export const MUNDEN_KW = { rested: 3.8, washed: 4.1 } as const;

/** One standard deviation of a loop length estimated from the gauge, as a share of it. */
export const MUNDEN_RELATIVE_SD = 0.15;

/**
 * Loop length in cm (yarn in one stitch) estimated from the gauge: sqrt(ks / (stitches/cm x rows/cm)),
 * with a spread of 15 % (one sd) until the maker measures.
 */
export function mundenLoopCm(
	stitchesPerCm: number,
	rowsPerCm: number,
	state: keyof typeof MUNDEN_KS
): Estimate {
	const l = Math.sqrt(MUNDEN_KS[state] / (stitchesPerCm * rowsPerCm));
	return estimate(l, l * MUNDEN_RELATIVE_SD, 'estimated');
}
