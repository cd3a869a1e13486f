import { describe, expect, it } from 'vitest';
import { isOdd, oddRatio, PUBLISHED_RATIO, usualRatio, type RatioOf } from './ratio';

const of = (rowsPerCm: number, patch: Partial<RatioOf> = {}): RatioOf => ({
	machineId: 'm',
	state: 'rested',
	stitchesPerCm: 1.2,
	rowsPerCm,
	...patch
});

describe('rows to stitches', () => {
	// Munden 1959: kc / kw, dry relaxed about 5.0 / 3.8 (from memory).
	it('the published ratio is about 1.3', () => {
		expect(PUBLISHED_RATIO).toBeCloseTo(1.3, 1);
	});

	it('what is usual is the median of three or more settled readings', () => {
		expect(usualRatio([of(1.8), of(1.92)])).toBeNull();
		expect(usualRatio([of(1.8), of(1.92), of(3), of(9, { state: 'fresh' })])).toBeCloseTo(1.6, 12);
	});

	it('a reading is odd against the maker’s own on that machine, not against the published', () => {
		const all = [of(1.92), of(1.94), of(1.9), of(2.4)];
		expect(all.map((r) => oddRatio(r, all))).toEqual([false, false, false, true]);
		// Far from 1.3, and quite usual here.
		expect(isOdd(1.6, 1.6)).toBe(false);
		expect(oddRatio(of(1.56, { machineId: 'other' }), all)).toBe(false);
		expect(oddRatio(of(3, { state: 'pulled' }), all)).toBe(false);
	});
});
