import fc from 'fast-check';
import * as stats from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { combine, estimate, exact, product, quotient, sum, weakest } from './estimate';
import { printEstimate, printValue, printWithSpread } from './print';

const density = fc.double({ min: 0.5, max: 5, noNaN: true });

describe('combining readings', () => {
	// Reference: the mean from simple-statistics, a registry library.
	it('gives the mean of readings that share a relative spread', () => {
		fc.assert(
			fc.property(fc.array(density, { minLength: 1, maxLength: 20 }), (values) => {
				expect(combine(values, 0.03, 'measured').mean).toBeCloseTo(stats.mean(values), 10);
			}),
			{ seed: 3 }
		);
	});

	it('narrows as 1/sqrt(n) while readings agree', () => {
		expect(combine([2], 0.03, 'measured').sd).toBeCloseTo(0.06, 12);
		expect(combine([2, 2, 2, 2], 0.03, 'measured').sd).toBeCloseTo(0.03, 12);
	});

	it('widens where they disagree, by the ratio of scatter to own spread', () => {
		const wide = combine([1.8, 2.2], 0.03, 'measured');
		// Two readings 0.2 off a mean of 2 with an sd of 0.06 each: chi2 = 2 x (0.2/0.06)2, one degree of freedom.
		expect(wide.discord).toBeCloseTo(Math.sqrt(2) * (0.2 / 0.06), 10);
		expect(wide.sd).toBeGreaterThan(combine([2, 2], 0.03, 'measured').sd * 4);
	});

	it('one more reading on the mean never widens the spread', () => {
		fc.assert(
			fc.property(density, fc.integer({ min: 1, max: 30 }), (v, n) => {
				const before = combine(Array(n).fill(v), 0.03, 'measured').sd;
				const after = combine(Array(n + 1).fill(v), 0.03, 'measured').sd;
				expect(after).toBeLessThan(before);
			}),
			{ seed: 4 }
		);
	});

	it('refuses to combine nothing', () => {
		expect(() => combine([], 0.03, 'measured')).toThrow(RangeError);
	});
});

describe('propagation', () => {
	it('agrees with a sampled quotient and product to first order', () => {
		// A fixed grid of normal quantiles stands in for sampling.
		const z = Array.from({ length: 200 }, (_, i) => stats.probit((i + 0.5) / 200));
		const a = estimate(120, 2, 'measured');
		const b = estimate(2, 0.04, 'measured');
		const quotients = z.flatMap((p) => z.map((q) => (a.mean + p * a.sd) / (b.mean + q * b.sd)));
		const q = quotient(a, b);
		expect(q.mean).toBeCloseTo(stats.mean(quotients), 1);
		expect(Math.abs(q.sd / stats.standardDeviation(quotients) - 1)).toBeLessThan(0.02);
		expect(product(a, b).sd).toBeCloseTo(240 * Math.hypot(2 / 120, 0.02), 10);
	});

	it('adds variances of independent parts', () => {
		expect(sum([estimate(1, 3, 'measured'), estimate(2, 4, 'learned')])).toEqual({
			mean: 3,
			sd: 5,
			basis: 'learned'
		});
	});

	it('takes the weakest basis', () => {
		expect(weakest('measured', 'learned')).toBe('learned');
		expect(weakest('learned', 'estimated', 'measured')).toBe('estimated');
		expect(weakest()).toBe('measured');
	});
});

describe('print', () => {
	it('rounds to what the spread supports', () => {
		expect(printWithSpread(estimate(54.13, 1.5, 'measured'), 'length', 'cm')).toBe('54.1 cm ± 1.5');
		expect(printWithSpread(estimate(54.13, 8.2, 'estimated'), 'length', 'cm')).toBe('54 cm ± 8');
		expect(printWithSpread(exact(18.2), 'length', 'cm')).toBe('18.2 cm');
	});

	it('shows inches where the maker works in them', () => {
		expect(printEstimate(exact(200), 'length', 'in').value).toBe('78.7');
		expect(printEstimate(exact(3.26 * 2.54), 'length', 'in').value).toBe('3.3');
		expect(printEstimate(estimate(25.4, 2.54, 'measured'), 'length', 'in')).toEqual({
			value: '10.0',
			spread: '1.0',
			unit: 'in'
		});
	});

	it('drops trailing zeros and says one row, one ball', () => {
		expect(printValue(18, 'length', 'cm')).toBe('18 cm');
		expect(printValue(1, 'rows', 'cm')).toBe('1 row');
		expect(printValue(1, 'balls', 'cm')).toBe('1 ball');
		expect(printValue(0.4, 'percent', 'cm')).toBe('40 %');
		expect(printValue(100, 'rows', 'cm')).toBe('100 rows');
	});

	it('never prints NaN', () => {
		expect(printValue(Number.NaN, 'length', 'cm')).toBe('– cm');
	});
});
