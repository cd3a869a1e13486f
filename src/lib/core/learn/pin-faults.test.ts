import { binomialDistribution } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { binomialTail, NAMED_BELOW, suspectPins } from './pin-faults';

/** A small generator with a named seed (a linear congruence). */
function chance(seed: number): () => number {
	let state = seed;
	return () => (state = (state * 1_664_525 + 1_013_904_223) % 2 ** 32) / 2 ** 32;
}

describe('pins that fault more than chance', () => {
	// Against the registry's statistics library.
	it.each([
		[1, 5, 1 / 48],
		[3, 10, 0.1],
		[7, 20, 0.4],
		[0, 6, 0.3]
	])('the tail from %i of %i at %f is that of simple-statistics', (k, n, p) => {
		const all = binomialDistribution(n, p)!;
		expect(binomialTail(k, n, p)).toBeCloseTo(
			all.slice(k).reduce((a, b) => a + b, 0),
			3
		);
	});

	it('keeps a tiny chance: 4 of 4 on one of 48 pins', () => {
		expect(binomialTail(4, 4, 1 / 48) / (1 / 48) ** 4).toBeCloseTo(1, 10);
	});

	it('four of five at one pin is named with its evidence; one each is not', () => {
		const [s] = suspectPins([17, 17, 5, 17, 17], 48);
		expect(s).toMatchObject({ pin: 17, faults: 4, of: 5 });
		// 48 x P(X >= 4), X of 5 with 1/48.
		const p = 1 / 48;
		expect(s!.chance).toBeCloseTo(48 * (5 * p ** 4 * (1 - p) + p ** 5), 12);
		expect(suspectPins([1, 5, 9, 30], 48)).toEqual([]);
		expect(suspectPins([], 48)).toEqual([]);
	});

	it('two of two on a small machine may be chance; pins that are not there are passed over', () => {
		expect(suspectPins([3, 3], 16)).toEqual([]);
		expect(suspectPins([0, 49, 49, 49], 48)).toEqual([]);
	});

	it('where all pins are alike, it names one in at most 5 of 100 benches', () => {
		const random = chance(48);
		let named = 0;
		const BENCHES = 2000;
		for (let b = 0; b < BENCHES; b++) {
			const faults = Array.from({ length: 25 }, () => 1 + Math.floor(random() * 48));
			if (suspectPins(faults, 48).length > 0) named += 1;
		}
		// Three standard deviations of the count over the bound.
		const most = NAMED_BELOW * BENCHES;
		expect(named).toBeLessThanOrEqual(most + 3 * Math.sqrt(most));
	});

	it('finds a pin that faults ten times as often as the others in most benches', () => {
		const random = chance(7);
		let found = 0;
		for (let b = 0; b < 200; b++) {
			const faults = Array.from({ length: 60 }, () => {
				const at = random() * 57;
				return at < 10 ? 17 : 1 + Math.floor(at - 9.999);
			});
			if (suspectPins(faults, 48).some((s) => s.pin === 17)) found += 1;
		}
		expect(found).toBeGreaterThan(180);
	});
});
