/** Where a number comes from, weakest last: a result takes the weakest basis among its inputs. */
export type Basis = 'measured' | 'learned' | 'estimated';

/** A number with its spread: `sd` is one standard deviation, in the unit of `mean`. */
export interface Estimate {
	readonly mean: number;
	readonly sd: number;
	readonly basis: Basis;
}

const WEAKNESS: Record<Basis, number> = { measured: 0, learned: 1, estimated: 2 };

export function weakest(...bases: Basis[]): Basis {
	return bases.reduce((a, b) => (WEAKNESS[b] > WEAKNESS[a] ? b : a), 'measured');
}

/** An exact count or a value the maker states: no spread. */
export const exact = (mean: number, basis: Basis = 'measured'): Estimate => ({
	mean,
	sd: 0,
	basis
});

export const estimate = (mean: number, sd: number, basis: Basis): Estimate => ({ mean, sd, basis });

/** Multiplies by an exact factor; a negative factor keeps the spread positive. */
export const scale = (e: Estimate, factor: number): Estimate => ({
	mean: e.mean * factor,
	sd: e.sd * Math.abs(factor),
	basis: e.basis
});

/** Adds an exact amount. */
export const shift = (e: Estimate, by: number): Estimate => ({ ...e, mean: e.mean + by });

/** Sum of independent estimates: variances add (first-order propagation). */
export function sum(parts: readonly Estimate[]): Estimate {
	return {
		mean: parts.reduce((t, p) => t + p.mean, 0),
		sd: Math.hypot(...parts.map((p) => p.sd)),
		basis: weakest(...parts.map((p) => p.basis))
	};
}

/** Relative spread; 0 for a mean of 0. */
export const relative = (e: Estimate): number => (e.mean === 0 ? 0 : Math.abs(e.sd / e.mean));

/** Product of independent estimates: relative variances add (first order). */
export function product(...parts: Estimate[]): Estimate {
	const mean = parts.reduce((t, p) => t * p.mean, 1);
	const rel = Math.hypot(...parts.map(relative));
	return { mean, sd: Math.abs(mean) * rel, basis: weakest(...parts.map((p) => p.basis)) };
}

/** Quotient of independent estimates, first order. The divisor must not be 0. */
export function quotient(a: Estimate, b: Estimate): Estimate {
	const mean = a.mean / b.mean;
	return {
		mean,
		sd: Math.abs(mean) * Math.hypot(relative(a), relative(b)),
		basis: weakest(a.basis, b.basis)
	};
}

export interface Combined extends Estimate {
	readonly n: number;
	/** Above 1 where the readings disagree by more than their own spread explains (Birge ratio). */
	readonly discord: number;
}

/** One reading with its own spread, in the same unit. */
export interface Spread {
	readonly value: number;
	readonly sd: number;
}

/**
 * Inverse-variance mean of readings with known spreads, at least one, every sd above 0.
 * Agreeing readings narrow the spread to 1/sqrt(sum of weights); discordant ones widen it by the Birge ratio
 * sqrt(chi2 / (n - 1)), never below 1. Source: weighted mean with external error,
 * Birge, "The calculation of errors by the method of least squares", Physical Review 40 (1932) 207-227 (memory).
 */
export function weightedMean(readings: readonly Spread[], basis: Basis): Combined {
	const n = readings.length;
	if (n === 0) throw new RangeError('weightedMean: no readings');
	const weight = readings.reduce((t, r) => t + 1 / r.sd ** 2, 0);
	const mean = readings.reduce((t, r) => t + r.value / r.sd ** 2, 0) / weight;
	const chi2 = readings.reduce((t, r) => t + ((r.value - mean) / r.sd) ** 2, 0);
	const discord = n > 1 ? Math.max(1, Math.sqrt(chi2 / (n - 1))) : 1;
	return { mean, sd: discord / Math.sqrt(weight), basis, n, discord };
}

/** Readings that share one relative spread, taken of their plain mean: all weigh alike. All above 0, at least one. */
export function combine(values: readonly number[], relativeSd: number, basis: Basis): Combined {
	const sd = (relativeSd * values.reduce((t, v) => t + v, 0)) / values.length;
	return weightedMean(
		values.map((value) => ({ value, sd })),
		basis
	);
}
