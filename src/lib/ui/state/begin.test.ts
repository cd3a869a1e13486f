import { describe, expect, it } from 'vitest';
import { harbour } from '$lib/demo/harbour';
import { THINGS } from '$lib/core/model/kinds';
import { order as orderSchema } from '$lib/core/model/order';
import { project as projectSchema } from '$lib/core/model/project';
import { plan } from '$lib/core/plan';
import { nameOf } from '$lib/core/recipe';
import { thingPins } from '../../../../tests/support/start';
import { newOrder } from './orders';
import { makeAnother, newProject } from './projects';

const { bench } = harbour;

describe('something new of several pieces', () => {
	it.each(THINGS)('%s begins on the machine nearest its usual, by its name, and plans', (kind) => {
		const made = newProject(bench, kind)!;
		expect(projectSchema.parse(made)).toEqual(made);
		expect(made.name).toBe(nameOf(kind));
		const { least, most } = thingPins(kind);
		const off = (pins: number) => Math.abs(Math.log(pins / Math.sqrt(least * most)));
		const chosen = bench.machines.find((m) => m.id === made.machineId)!;
		for (const m of bench.machines) expect(off(chosen.pins)).toBeLessThanOrEqual(off(m.pins));
		expect(plan(made, bench).ok).toBe(true);
	});
	it('begins with the maker’s usual waste yarn and tails', () => {
		const usual = { start: 10, with: 'ravel', end: 4, joinTails: 'weave' } as const;
		expect(newProject(bench, 'toy', { usual })!.options).toMatchObject({
			wasteStart: 10,
			wasteWith: 'ravel',
			wasteEnd: 4,
			joinTails: 'weave'
		});
	});
	it('does not begin on an empty bench', () => {
		for (const kind of THINGS) {
			expect(newProject({ ...bench, machines: [] }, kind)).toBeUndefined();
			expect(newProject({ ...bench, yarns: [] }, kind)).toBeUndefined();
		}
	});
	it('is made another time with the same options, by a number', () => {
		const seal = harbour.projects.find((p) => p.id === 'project-seal')!;
		const next = makeAnother(seal, seal.options, [seal.name]);
		expect(next.name).toBe('Skerry the seal 2');
		expect(next.options).toEqual(seal.options);
		expect(next.used).toBeNull();
	});
});

describe('a new order', () => {
	it('is empty, valid, and called unlike those there are', () => {
		const first = newOrder([]);
		expect(orderSchema.parse(first)).toEqual(first);
		expect(first.lines).toEqual([]);
		const second = newOrder([first]);
		expect(second.name).not.toBe(first.name);
		expect(second.id).not.toBe(first.id);
		// One between was taken off the shelf: its name is not given to two.
		const third = newOrder([second]);
		expect(third.name).not.toBe(second.name);
	});
});
