import { beforeAll, describe, expect, it } from 'vitest';
import type { Options } from '../../src/lib/core/model/options';
import { plan, type Plan } from '../../src/lib/core/plan';
import { loadRecipes } from '../../src/lib/core/recipe';
import { newProject, type New } from '../../src/lib/ui/state/projects';
import { benchWith } from '../support/every';

/** Figures of the trade. Every one of them is common practice, without a source. */

beforeAll(() => loadRecipes());

/** A recipe's plan as a maker begins it on a ring, some of its options set. */
function made(what: New, pins: number, patch: object = {}): Plan {
	const bench = benchWith(pins);
	const project = newProject(bench, what);
	if (!project) throw new Error(what);
	const options = { ...project.options, ...patch } as Options;
	const done = plan({ ...project, options }, bench);
	if (!done.ok) throw new Error(`${what}: ${done.why}`);
	return done;
}
const minutes = (p: Plan): number => p.time.value.mean + (p.byHand?.value.mean ?? 0);
const byHand = (p: Plan, what: string): number => {
	const { working } = p.byHand ?? { working: [] };
	const at = working.findIndex((w) => typeof w !== 'string' && w.label === what);
	const [times, , each] = working.slice(at, at + 3);
	return typeof times === 'object' && typeof each === 'object' ? times.value * each.value : 0;
};

describe('time', () => {
	const rows = (n: number) => ({ length: { by: 'rows', rows: n } });

	it('65 rows on 22 pins, cranked, taken off and sewn in: under 4 minutes', () => {
		const hat = made('tiny-hat', 22, rows(65));
		const whole = hat.time.value.mean + byHand(hat, 'ends gathered');
		expect(whole).toBeLessThan(4);
		expect(whole).toBeGreaterThan(2.5);
	});
	it.each([110, 124, 140])('a lined hat of %i rows on 48 pins: 15 to 20 minutes', (n) => {
		const whole = minutes(made('lined-hat', 48, rows(n)));
		expect(whole).toBeGreaterThan(14.5);
		expect(whole).toBeLessThan(20);
	});
	it('a scarf of 60 joins takes longer than one of 16', () => {
		const scarf = (stripe: number) =>
			made('scarf', 48, { ...rows(340), stripes: `${stripe} A, ${stripe} B` });
		const [many, few] = [scarf(Math.round(340 / 61)), scarf(20)];
		// A join at the crank, and its two ends tied.
		expect(minutes(many) - minutes(few)).toBeGreaterThan(30);
		expect(byHand(many, 'joins seen to')).toBeGreaterThan(3 * byHand(few, 'joins seen to'));
	});
	it('a row goes by faster on a small ring, beyond its fewer stitches', () => {
		const perRow = (pins: number) => {
			const [more, less] = [200, 100].map((n) => made('free-tube', pins, { ...rows(n) }));
			return (more!.time.value.mean - less!.time.value.mean) / 100;
		};
		expect(perRow(48) / perRow(22)).toBeGreaterThan(48 / 22);
	});
	it('a wider end takes longer to close, and so does a longer seam', () => {
		const closing = (pins: number) => byHand(made('scarf', pins), 'ends closed flat');
		expect(closing(48)).toBeGreaterThan(closing(22));
		const seams = (lengthCm: number) =>
			byHand(made('rectangle', 48, { measures: { height: lengthCm, width: 60 } }), 'seams sewn');
		expect(seams(80)).toBeGreaterThan(seams(40));
	});
});
