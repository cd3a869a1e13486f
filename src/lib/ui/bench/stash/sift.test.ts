import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { yarnArbitrary } from '../../../../../tests/support/arbitrary';
import { yarnOf } from '../../../../../tests/support/bench';
import { OPEN_SIEVE, SHOWN, sift, SORTS, type Sieve, type Stashed } from './sift';

const stashed = (
	key: string,
	patch: Parameters<typeof yarnOf>[1] = {},
	more: Partial<Stashed> = {}
): Stashed => {
	const yarn = yarnOf(key, patch);
	return { yarn, grams: yarn.gramsOnHand, measured: false, verdict: null, ...more };
};
const stash = [
	stashed('tar', { name: 'Bollard', colour: '#222222', gramsOnHand: 0 }),
	stashed(
		'rust',
		{ name: 'Anchor', colour: '#aa3311', fibres: [{ fibre: 'cotton', percent: 100 }] },
		{ measured: true }
	),
	stashed('sea', {
		name: 'Anchor',
		colour: '#2255aa',
		metresPer100g: 400,
		strands: 2,
		weightClass: 1,
		gramsOnHand: 60
	})
];
const names = (patch: Partial<Sieve>) =>
	sift(stash, { ...OPEN_SIEVE, ...patch }).map((s) => s.yarn.colourName);

describe('the stash', () => {
	it('is found by every word, in names, fibres and class', () => {
		expect(names({ find: 'anch' })).toEqual(['rust', 'sea']);
		expect(names({ find: ' COTTON  anchor ' })).toEqual(['rust']);
		expect(names({ find: 'nothing' })).toEqual([]);
	});

	it('is sifted by the class a yarn works as, by fibre, and by what is known of it', () => {
		// Two strands of class 1 stand in for a class 4 (common practice).
		expect(names({ weightClass: 4 })).toEqual(['rust', 'sea', 'tar']);
		expect(names({ weightClass: 1 })).toEqual([]);
		expect(names({ fibre: 'cotton' })).toEqual(['rust']);
		expect(names({ show: 'on-hand' })).toEqual(['rust', 'sea']);
		expect(names({ show: 'measured' })).toEqual(['rust']);
		expect(names({ show: 'unmeasured' })).toEqual(['sea', 'tar']);
	});

	it('sorts by name, amount and colour: greys first, then round the hues', () => {
		expect(names({ sort: 'name' })).toEqual(['rust', 'sea', 'tar']);
		expect(names({ sort: 'amount' })).toEqual(['rust', 'sea', 'tar']);
		expect(names({ sort: 'colour' })).toEqual(['tar', 'rust', 'sea']);
	});

	it('any sieve gives a part of the stash, each yarn once', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(yarnArbitrary, { selector: (y) => y.id, maxLength: 20 }),
				fc.constantFrom(...SHOWN),
				fc.constantFrom(...SORTS),
				fc.string({ maxLength: 2 }),
				(yarns, show, sort, find) => {
					const all = yarns.map((yarn): Stashed => ({
						yarn,
						grams: 1,
						measured: true,
						verdict: null
					}));
					const found = sift(all, { ...OPEN_SIEVE, show, sort, find });
					expect(new Set(found).size).toBe(found.length);
					expect(found.every((s) => all.includes(s))).toBe(true);
					if (find.trim() === '' && show === 'all') expect(found).toHaveLength(all.length);
				}
			),
			{ seed: 300, numRuns: 100 }
		);
	});
});
