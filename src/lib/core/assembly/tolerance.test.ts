import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitOf, type HeldBy } from './tolerance';

const WAYS: readonly HeldBy[] = ['loops', 'rows', 'crochet', 'length'];

describe('two edges that come together', () => {
	it.each([
		// Common practice: one loop is taken with its neighbour, a front with two rows less is eased.
		['loops', 48, 48, 'meets'],
		['loops', 48, 47, 'eases'],
		['loops', 48, 46, 'off'],
		['rows', 60, 58, 'eases'],
		['rows', 60, 57, 'off'],
		['rows', 200, 194, 'eases'],
		['rows', 200, 193, 'off'],
		['crochet', 48, 46, 'eases'],
		['crochet', 48, 45, 'off'],
		['crochet', 10, 9, 'eases'],
		['length', 40, 41, 'meets'],
		['length', 40, 43, 'eases'],
		['length', 40, 44, 'off']
	] as const)('by %s, %d against %d: %s', (by, a, b, fit) => {
		expect(fitOf(by, a, b)).toBe(fit);
		expect(fitOf(by, b, a)).toBe(fit);
	});

	it('the nearer they are the better they fit', () => {
		const rank = { meets: 0, eases: 1, off: 2 };
		fc.assert(
			fc.property(
				fc.constantFrom(...WAYS),
				fc.integer({ min: 1, max: 600 }),
				fc.integer({ min: 0, max: 200 }),
				fc.integer({ min: 0, max: 50 }),
				(by, b, off, more) => {
					expect(rank[fitOf(by, b + off + more, b)]).toBeGreaterThanOrEqual(
						rank[fitOf(by, b + off, b)]
					);
				}
			)
		);
	});
});
