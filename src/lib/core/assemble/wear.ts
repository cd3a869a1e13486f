import { estimate, type Estimate } from '../quantity/estimate';

/**
 * A tube gets shorter when it is stretched wider: length strain = -0.3 x width strain, wide band 0.2 to 0.5
 * (common practice). The band is taken as about two standard deviations either way.
 */
export const SHORTENING = { mean: 0.3, sd: 0.08 };

/** Width strain of a tube of relaxed circumference `tubeCm` round `bodyCm`; 0 where it sits loose. */
export const widthStrain = (tubeCm: number, bodyCm: number): number =>
	Math.max(0, bodyCm / tubeCm - 1);

/** Worn length over flat length for a width strain; kept above 0.3, past which no fabric goes. */
export const wornFactor = (strain: number): number => Math.max(0.3, 1 - SHORTENING.mean * strain);

/** A flat length as worn, with the spread of length, circumference and shortening (first-order propagation). */
export function asWorn(flat: Estimate, circumference: Estimate, bodyCm: number): Estimate {
	const strain = widthStrain(circumference.mean, bodyCm);
	const factor = wornFactor(strain);
	const stretched = strain > 0;
	const byLength = flat.sd * factor;
	const byWidth = stretched
		? flat.mean * SHORTENING.mean * (bodyCm / circumference.mean ** 2) * circumference.sd
		: 0;
	const byShortening = flat.mean * strain * SHORTENING.sd;
	const basis = stretched ? 'estimated' : flat.basis;
	return estimate(flat.mean * factor, Math.hypot(byLength, byWidth, byShortening), basis);
}
