import { describe, expect, it } from 'vitest';
import { bookOf, differences, planned, thaw } from './frozen';
import { digests, frozenDigests } from './digests';
import { FACETS } from './facets';

/** A dozen plans, whole: a difference is a mistake, or a change that is meant: then `freeze.ts` takes it, by facet. */
const plans = planned();

describe('every plan says what it said', () => {
	it('all of them are found, and come out', () => {
		expect(plans.map(([name]) => name)).toHaveLength(16);
		expect(plans.filter(([, p]) => !p.ok)).toEqual([]);
	});

	it.each(FACETS)('%s', (facet) => {
		const was = thaw(facet);
		const is = JSON.parse(JSON.stringify(bookOf(facet, plans))) as object;
		expect(Object.keys(was).length).toBe(plans.length);
		expect(differences(was, is)).toEqual([]);
	});

	it('a difference is found wherever it is', () => {
		const a = { x: [{ y: 1 }, { y: 2 }], z: 'a' };
		expect(differences(a, { x: [{ y: 1 }, { y: 3 }], z: 'a' })).toEqual([
			{ at: 'x.1.y', was: 2, is: 3 }
		]);
		expect(differences(a, { x: [{ y: 1 }], z: 'a' })).toHaveLength(1);
		expect(differences(a, structuredClone(a))).toEqual([]);
	});

	it('every recipe, as it begins and with each single option changed, by a few digits a facet', () => {
		const was = frozenDigests();
		const { plans, all } = digests();
		expect(plans).toBeGreaterThan(600);
		const moved = Object.entries(all).flatMap(([recipe, by]) =>
			Object.entries(by)
				.filter(([facet, digest]) => was[recipe]?.[facet] !== digest)
				.map(([facet]) => `${recipe}: ${facet}`)
		);
		expect(moved).toEqual([]);
		expect(Object.keys(all).sort()).toEqual(Object.keys(was).sort());
	}, 60_000);
});
