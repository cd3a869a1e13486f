import { describe, expect, it } from 'vitest';
import { fitting, reachable, repeating, returning } from './counts';

describe('counts that can happen, and the nearest that can', () => {
	it('by whole steps from one to the other, never below one stitch', () => {
		expect(reachable(44, 32, 3)).toEqual({ ok: true });
		expect(reachable(44, 30, 3)).toEqual({ ok: false, below: 29, above: 32 });
		expect(reachable(44, 44, 3)).toEqual({ ok: true });
		// More than there are: what is there is the nearest, and nothing above it.
		expect(reachable(44, 46, 3)).toEqual({ ok: false, below: 44, above: null });
		expect(reachable(4, 1, 2)).toEqual({ ok: false, below: null, above: 2 });
	});
	it('of rows that bring the yarn back', () => {
		expect(returning(2)).toEqual({ ok: true });
		expect(returning(3)).toEqual({ ok: false, below: 2, above: 4 });
		expect(returning(1)).toEqual({ ok: false, below: null, above: 2 });
		expect(returning(0)).toEqual({ ok: false, below: null, above: 1 });
	});
	it('of decreases within so many rows', () => {
		expect(fitting(5, 4, 20)).toEqual({ ok: true });
		expect(fitting(6, 4, 20)).toEqual({ ok: false, below: 5, above: null });
		expect(fitting(6, 4, 7)).toEqual({ ok: false, below: 1, above: null });
		expect(fitting(6, 4, 3)).toEqual({ ok: false, below: null, above: null });
	});
	it('in whole repeats, with so many over', () => {
		expect(repeating(45, 5)).toEqual({ ok: true });
		expect(repeating(46, 5)).toEqual({ ok: false, below: 45, above: 50 });
		expect(repeating(47, 5, 2)).toEqual({ ok: true });
		expect(repeating(4, 5, 2)).toEqual({ ok: false, below: null, above: 7 });
		expect(repeating(9, 5, 2)).toEqual({ ok: false, below: 7, above: 12 });
	});
});
