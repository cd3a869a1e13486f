/** The whole count nearest to `value` with a parity (0 even, 1 odd), never below `least`. */
export function nearestWithParity(value: number, odd: number, least: number): number {
	const nearest = 2 * Math.round((value - odd) / 2) + odd;
	return Math.max(least + ((least + odd) % 2), nearest);
}

/** The multiple of `repeat` nearest to a count; never 0. The larger of two as near. */
export const nearestMultiple = (count: number, repeat: number): number =>
	Math.max(1, Math.round(count / repeat)) * repeat;
