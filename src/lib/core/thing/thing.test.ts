import { describe, expect, it } from 'vitest';
import { everyChange } from '../../../../tests/support/changes';
import { benchWith } from '../../../../tests/support/every';
import { anyProject } from '../../../../tests/support/some-options';
import { plan } from '../plan';
import { widthOf } from '../plan/lies';
import { recipeOf, RECIPES } from '../recipe';
import { gaugeBook } from '../bench/gauge/book';
import { filledBench } from '../gallery/common';
import { offerOf } from '../gallery/offer';
import { thingOf, type Thing } from './thing';

const bench = benchWith(48);
/** Where a path's points lie; of its curves their ends. */
function pointsOf(d: string): { x: number; y: number }[] {
	const out: { x: number; y: number }[] = [];
	let [x, y] = [0, 0];
	for (const [, op, args] of d.matchAll(/([A-Za-z])([^A-Za-z]*)/g)) {
		const n = (args!.match(/-?\d*\.?\d+(?:e-?\d+)?/g) ?? []).map(Number);
		const step = op!.toUpperCase();
		const rel = op === op!.toLowerCase();
		const take = { M: 2, L: 2, H: 1, V: 1, C: 6, Q: 4, A: 7, Z: 0 }[step]!;
		for (let i = 0; i + take <= n.length && take > 0; i += take) {
			const at = n.slice(i, i + take);
			if (step === 'H') x = rel ? x + at[0]! : at[0]!;
			else if (step === 'V') y = rel ? y + at[0]! : at[0]!;
			else {
				const [px, py] = at.slice(-2) as [number, number];
				[x, y] = rel ? [x + px, y + py] : [px, py];
			}
			out.push({ x, y });
		}
	}
	return out;
}
/** Everything drawn is a number, and lies in the box that is said. */
function holds(thing: Thing, where: string): void {
	expect(thing.widthCm, where).toBeGreaterThan(0.9);
	expect(thing.heightCm, where).toBeGreaterThan(0.9);
	let [left, right, top, low] = [Infinity, -Infinity, Infinity, -Infinity];
	for (const s of thing.shapes) {
		if (/NaN|Infinity|undefined/.test(s.d)) throw new Error(`${where}: ${s.d}`);
		for (const p of pointsOf(s.d)) {
			left = Math.min(left, p.x - thing.at.x);
			right = Math.max(right, p.x - thing.at.x);
			top = Math.min(top, p.y - thing.at.y);
			low = Math.max(low, p.y - thing.at.y);
		}
	}
	expect(Math.min(left, top), where).toBeGreaterThan(-0.6);
	expect(right, where).toBeLessThan(thing.widthCm + 0.6);
	expect(low, where).toBeLessThan(thing.heightCm + 0.6);
}

describe('the finished thing of a plan', () => {
	it('is drawn within its box, in its plan’s yarns, whatever is set', () => {
		let drawn = 0;
		for (const { recipe, key, project } of everyChange(bench)) {
			const made = plan(project, bench);
			if (!made.ok) continue;
			const thing = thingOf(made, project.options);
			const where = `${recipe} ${key}`;
			holds(thing, where);
			for (const s of thing.shapes) {
				const yarn = typeof s.fill === 'number' ? s.fill : s.strand?.yarn;
				if (yarn !== undefined) expect(made.yarns[yarn], where).toBeDefined();
			}
			// What lies long is hung doubled until it is no longer than a rack is high.
			if (recipe === 'scarf' || recipe === 'cord')
				expect(thing.heightCm, where).toBeLessThan(101.1);
			drawn++;
		}
		expect(drawn).toBeGreaterThan(10 * RECIPES.length);
	});

	it('of anything that a file may hold, too', () => {
		let drawn = 0;
		for (let seed = 1; seed <= 100; seed++) {
			const { project, bench: on } = anyProject(seed);
			const made = plan(project, on);
			if (!made.ok) continue;
			holds(thingOf(made, project.options), `seed ${seed} ${project.options.recipe}`);
			drawn++;
		}
		expect(drawn).toBeGreaterThan(50);
	});

	it('is as large as its sizes say', () => {
		const made = (id: string) => {
			const recipe = recipeOf(id)!;
			const offer = offerOf(recipe, bench, gaugeBook(bench), { machineId: bench.machines[0]!.id })!;
			return { thing: offer.thing };
		};
		const band = made('hem-hat');
		const p = everyChange(bench).find((c) => c.recipe === 'hem-hat' && c.key === null)!;
		const hat = plan(p.project, bench);
		if (!hat.ok) throw new Error('no hat');
		// Half a centimetre of room for the outline on every side.
		const wide = widthOf(hat).mean;
		expect(band.thing.widthCm - 1).toBeCloseTo(wide, 0);
		// A scarf of 170 cm hangs doubled.
		expect(made('scarf').thing.heightCm - 1).toBeCloseTo(85, -1);
	});
});

describe('what can be made', () => {
	it('is offered of everything, on the maker’s own and on a common bench', () => {
		const empty = { machines: [], yarns: [], swatches: [], tests: [], evidence: [] };
		const { bench: common, common: said } = filledBench(empty);
		expect(said).toEqual({ machine: true, yarn: true });
		expect(filledBench(bench).common).toEqual({ machine: false, yarn: false });
		expect(filledBench(bench).bench).toEqual(bench);
		for (const on of [bench, common])
			for (const { id } of RECIPES) {
				const offer = offerOf(recipeOf(id)!, on, gaugeBook(on));
				expect(offer, id).not.toBeNull();
				holds(offer!.thing, id);
				expect(on.machines.some((m) => m.pins === offer!.pins)).toBe(true);
				expect(offer!.minutes.mean, id).toBeGreaterThan(0);
				expect(offer!.grams.mean, id).toBeGreaterThan(0);
			}
	});

	it('says when the yarn on hand is too little for it', () => {
		const bare = (grams: number) => ({
			...bench,
			yarns: bench.yarns.map((y) => ({ ...y, gramsOnHand: grams }))
		});
		const stock = (grams: number) =>
			offerOf(recipeOf('scarf')!, bare(grams), gaugeBook(bench))!.stock;
		expect(stock(2000)).toBe('enough');
		expect(stock(5)).toBe('short');
	});

	it('in all the yarns that were chosen everything is knitted in them', () => {
		const two = { ...bench, yarns: bench.yarns.slice(0, 2) };
		const one = { ...bench, yarns: bench.yarns.slice(0, 1) };
		for (const { id } of RECIPES) {
			const of = (on: typeof bench) => offerOf(recipeOf(id)!, on, gaugeBook(on), { inAll: true });
			expect(of(one), id).not.toBeNull();
			expect(of(two)!.colours.length, id).toBe(2);
		}
	});

	it('in all the yarns that were chosen a lined hat has its lining', () => {
		const two = { ...bench, yarns: bench.yarns.slice(0, 2) };
		const colours = (inAll: boolean) =>
			offerOf(recipeOf('lined-hat')!, two, gaugeBook(two), { inAll })!.colours.length;
		expect(colours(false)).toBe(1);
		expect(colours(true)).toBe(2);
	});
});
