import { entryAt } from '../../quantity/sure';
import type { Reading } from '../../model/bench';
import { estimate, weightedMean, type Estimate } from '../../quantity/estimate';
import { densitiesOf } from './density';
import { settledMeans } from './readings';
import { TAPE_RELATIVE_SD } from './spread';

/**
 * A tube gets shorter when it is stretched wider: length strain = -0.3 x width strain, wide band 0.2 to 0.5
 * (common practice). The band is taken as about two standard deviations either way.
 */
export const USUAL_SHORTENING = estimate(0.3, 0.08, 'estimated');

/** How the fabric behaves when it is stretched wider in wear. */
export interface Wear {
	/** Length lost for each share of width gained: 0.3 is 3 % shorter for 10 % wider. */
	readonly shortening: Estimate;
	/** Width strain it was pulled to, as in wear; null where it never was. */
	readonly pulledTo: Estimate | null;
	/** Pulled readings behind it; 0 for the usual ratio. */
	readonly readings: number;
}

export const USUAL_WEAR: Wear = {
	shortening: USUAL_SHORTENING,
	pulledTo: null,
	readings: 0
};

/** A pull of less than 5 % says nothing about shortening. */
const LEAST_STRAIN = 0.05;

/**
 * Stretch and shortening from pulled readings against the same swatch's settled ones:
 * strain = relaxed stitches/cm over pulled, less 1; shortening = (1 - relaxed rows/cm over pulled) / strain.
 * Undefined without both, or where it was hardly pulled. First-order propagation of a tape error of 1.5 % a measure.
 */
export function wearFrom(readings: readonly Reading[]): Wear | undefined {
	const relaxed = settledMeans(readings);
	const pulled = readings.filter((r) => r.state === 'pulled').flatMap((r) => densitiesOf(r) ?? []);
	if (!relaxed || pulled.length === 0) return undefined;
	const strains = pulled.map((r) => relaxed.stitchesPerCm / r.stitchesPerCm - 1);
	const usable = pulled.flatMap((r, i) => {
		const strain = entryAt(strains, i);
		if (strain < LEAST_STRAIN) return [];
		const height = relaxed.rowsPerCm / r.rowsPerCm;
		const shortening = (1 - height) / strain;
		const bySide = TAPE_RELATIVE_SD * Math.SQRT2;
		const sd = Math.hypot(
			(height * bySide) / strain,
			(shortening * (1 + strain) * bySide) / strain
		);
		return [{ value: shortening, sd }];
	});
	if (usable.length === 0) return undefined;
	const { mean, sd } = weightedMean(usable, 'measured');
	const widest = Math.max(...strains);
	return {
		shortening: estimate(Math.min(1, Math.max(0, mean)), sd, 'measured'),
		pulledTo: estimate(widest, (1 + widest) * TAPE_RELATIVE_SD * Math.SQRT2, 'measured'),
		readings: usable.length
	};
}
