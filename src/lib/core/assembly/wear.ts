import { estimate, weakest, type Estimate } from '../quantity/estimate';

/** Width strain of a tube of relaxed circumference `tubeCm` round `bodyCm`; 0 where it sits loose. */
export const widthStrain = (tubeCm: number, bodyCm: number): number =>
	Math.max(0, bodyCm / tubeCm - 1);

/** Worn length over flat length for a width strain; kept above 0.3, past which no fabric goes. */
export const wornFactor = (strain: number, shortening: number): number =>
	Math.max(0.3, 1 - shortening * strain);

export interface Worn {
	readonly circumference: Estimate;
	readonly bodyCm: number;
	/** Length lost for each share of width gained. */
	readonly shortening: Estimate;
}

/** A flat length as worn, with the spread of length, circumference and shortening (first-order propagation). */
export function asWorn(flat: Estimate, { circumference, bodyCm, shortening }: Worn): Estimate {
	const strain = widthStrain(circumference.mean, bodyCm);
	const factor = wornFactor(strain, shortening.mean);
	const stretched = strain > 0;
	const byLength = flat.sd * factor;
	const byWidth = stretched
		? flat.mean * shortening.mean * (bodyCm / circumference.mean ** 2) * circumference.sd
		: 0;
	const byShortening = flat.mean * strain * shortening.sd;
	const basis = stretched ? weakest(flat.basis, circumference.basis, shortening.basis) : flat.basis;
	return estimate(flat.mean * factor, Math.hypot(byLength, byWidth, byShortening), basis);
}
