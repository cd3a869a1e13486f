import type { Fill } from '../../../model/kinds';

/** Shortening for each share of widening, of a tube stretched by its stuffing (common practice; wide band 0.2 to 0.5). */
export const SHORTENS = 0.3;

/** Toy filling, grams in a cubic centimetre as stuffed (from memory). */
export const FILL_DENSITY: Readonly<Record<Fill, number>> = {
	light: 0.02,
	usual: 0.03,
	firm: 0.045
};

/**
 * Half the perimeter of an ellipse with half-axes `a` and `b`, both at least 0, by the arithmetic-geometric mean (Gauss;
 * the complete elliptic integral of the second kind).
 */
export function halfEllipse(a: number, b: number): number {
	const [big, small] = a > b ? [a, b] : [b, a];
	if (small === 0) return 2 * big;
	let x = big;
	let y = small;
	let off = (big * big - small * small) / 2;
	for (let weight = 1; x - y > 1e-10 * big; weight *= 2) {
		const c = (x - y) / 2;
		[x, y] = [(x + y) / 2, Math.sqrt(x * y)];
		off += weight * c * c;
	}
	return (Math.PI / x) * (big * big - off);
}

/** A tube drawn up at both ends and stuffed. Lengths in cm. */
export interface Stuffed {
	/** Half its thickness, and half its length from pole to pole. */
	readonly radius: number;
	readonly half: number;
	readonly cm3: number;
	/** Whether the tube is long enough to close: else it stays a flat disc. */
	readonly closes: boolean;
}

/**
 * A tube of flat `lengthCm` and relaxed circumference `roundCm`, stuffed until it is wider by `puff`: the profile is half an
 * ellipse whose equator is the widened circumference and whose meridian is the length, shortened by 0.3 x puff.
 */
export function stuff(lengthCm: number, roundCm: number, puff: number): Stuffed {
	const radius = (roundCm * (1 + puff)) / (2 * Math.PI);
	const meridian = lengthCm * (1 - SHORTENS * puff);
	if (meridian <= 2 * radius) return { radius, half: 0, cm3: 0, closes: false };
	// Half an ellipse is at least twice its half-axis long.
	let low = 0;
	let high = meridian / 2;
	for (let i = 0; i < 50; i++) {
		const mid = (low + high) / 2;
		if (halfEllipse(radius, mid) < meridian) low = mid;
		else high = mid;
	}
	const half = (low + high) / 2;
	return { radius, half, cm3: (4 / 3) * Math.PI * radius * radius * half, closes: true };
}

/** Flat length of tube, cm, that makes a ball: half the stuffed circumference, and more since stuffing shortens it. */
export const ballLength = (roundCm: number, puff: number): number =>
	(roundCm * (1 + puff)) / (2 * (1 - SHORTENS * puff));
