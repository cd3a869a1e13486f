import { estimate, type Estimate } from '../../quantity/estimate';
import { CM_PER_INCH } from '../../quantity/units';

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

/** Peirce's second opinion holds to 20 % (one sd), given the wide range of bulk densities. */
export const PEIRCE_RELATIVE_SD = 0.2;
/** Bulk density of knitting yarn, g/cm3: the middle of 0.2 to 0.5 (from memory). */
export const BULK_DENSITY = 0.35;

/** Yarn diameter in cm: from wraps per inch of one strand where measured, else from tex and the bulk density. */
export function yarnDiameterCm(tex: number, wrapsPerInch: number | null, strands: number): number {
	if (wrapsPerInch !== null) return (CM_PER_INCH / wrapsPerInch) * Math.sqrt(strands);
	const gramsPerCm = tex / 100_000;
	return Math.sqrt((4 * gramsPerCm) / (Math.PI * BULK_DENSITY));
}

/**
 * Loop length in cm by Peirce: l = 2c + w + 5.94 d, with c the course and w the wale spacing and d the yarn's diameter.
 * Peirce, "Geometrical principles applicable to the design of functional fabrics",
 * Textile Research Journal 17 (1947) 123-147 (from memory).
 */
export function peirceLoopCm(
	stitchesPerCm: number,
	rowsPerCm: number,
	diameterCm: number
): Estimate {
	const l = 2 / rowsPerCm + 1 / stitchesPerCm + 5.94 * diameterCm;
	return estimate(l, l * PEIRCE_RELATIVE_SD, 'estimated');
}
