import { describe, expect, it } from 'vitest';
import { everyChange } from '../../../../tests/support/changes';
import { benchWith } from '../../../../tests/support/every';
import { projectOf } from '../../../../tests/support/bench';
import type { MeasuredResult, Project } from '../model/project';
import type { Options } from '../model/options';
import { plan } from '../plan';
import { recipeOf } from '../recipe';
import type { Change, Remedy } from '../recipe/afterwards';
import { wordChange, wordRemedy } from '../words/afterwards';
import { afterwards } from './afterwards';
import { forecastOf } from './forecast';

const bench = benchWith(48);
const [machine] = bench.machines as [(typeof bench.machines)[0]];
const projectFor = (recipe: string, patch: Partial<Options> = {}): Project => ({
	...projectOf(),
	machineId: machine.id,
	options: { ...recipeOf(recipe)!.defaults(bench, machine)!, ...patch } as Options
});
/** A look at a thing whose sizes came out so many times as foretold. */
function look(project: Project, times: Readonly<Record<string, number>>): MeasuredResult {
	const made = plan(project, bench);
	if (!made.ok) throw new Error(made.why);
	const rowsKnitted = Math.max(1, made.pieces[0]?.mainRows ?? 1);
	const told = forecastOf(project, bench, rowsKnitted)!.forecast;
	return {
		id: 'r',
		projectId: project.id,
		at: 0,
		when: 'rested',
		sizes: told.sizes.flatMap((s) => {
			const k = times[s.id] ?? times.all;
			return k === undefined ? [] : [{ id: s.id, cm: s.cm * k, odd: false }];
		}),
		grams: null,
		minutes: null,
		rowsKnitted,
		forecast: told,
		shows: 'shape',
		tailMetres: null,
		usualMinutes: null,
		note: '',
		next: 'no'
	};
}
const after = (project: Project, times: Readonly<Record<string, number>>) =>
	afterwards(project, bench, look(project, times));
const way = <D extends Remedy['do']>(changes: readonly Change[], does: D) =>
	changes
		.flatMap((c): readonly Remedy[] => c.ways)
		.find((w): w is Extract<Remedy, { do: D }> => w.do === does);

describe('what can still be changed in a finished thing', () => {
	it('a deep hat: its brim, or rows of its crown down to where it fits', () => {
		const hat = projectFor('lined-hat');
		const changes = after(hat, { 'tube-flat': 1.2 });
		expect(changes).toHaveLength(1);
		const [deep] = changes;
		expect(deep!.by).toBe('long');
		const ravel = way(changes, 'ravel')!;
		expect(way(changes, 'turn-up')!.cm).toBeCloseTo(deep!.measured - deep!.wanted, 9);
		// As it really came out, the tube of so many rows less has the layer that is wanted, within a row.
		const { rowsKnitted, sizes } = look(hat, { 'tube-flat': 1.2 });
		const row = sizes[0]!.cm / rowsKnitted;
		expect(ravel.toRow).toBe(rowsKnitted - ravel.rows);
		expect(Math.abs((ravel.toRow * row) / 2 - deep!.wanted)).toBeLessThan(row);
		const short = after(hat, { 'tube-flat': 0.8 });
		expect(way(short, 'knit-on')).toMatchObject({ loops: 48 });
		expect(way(short, 'ravel')).toBeUndefined();
	});
	it('an armhole that came out small is opened at the side, by half of what is lacking', () => {
		const vest = projectFor('cardigan');
		const changes = after(vest, { 'size-3': 0.8 });
		const c = changes.find((x) => x.id === 'size-3')!;
		expect(c.by).toBe('armhole-small');
		const unpick = way([c], 'unpick')!;
		expect(unpick).toMatchObject({ seam: 'side', times: 2 });
		expect(Math.abs(2 * unpick.cm - (c.wanted - c.measured))).toBeLessThan(2 * 0.7);
	});
	it('a wide neck is closed at each shoulder, a shoulder drawn tight is sewn again, a sleeve gets a band', () => {
		const cardigan = projectFor('cardigan');
		const neck = after(cardigan, { neck: 1.25 }).find((c) => c.id === 'neck')!;
		const close = way([neck], 'close-more')!;
		expect(close).toMatchObject({ by: 'loops', times: 2 });
		expect(close.n).toBe(Math.round(((neck.measured - neck.wanted) / 2) * 1.2));
		const shoulder = after(cardigan, { shoulder: 0.8 });
		expect(way(shoulder, 'sew-again')).toMatchObject({ seam: 'shoulder', loops: 22 });
		const sleeve = after(cardigan, { 'sleeve-long': 0.85 });
		const band = way(sleeve, 'band')!;
		expect(band).toMatchObject({ at: 'cuff', times: 2 });
		expect(band.loops).toBeGreaterThan(10);
		const off = sleeve.find((c) => c.id === 'sleeve-long')!;
		expect(Math.abs(band.cm - (off.wanted - off.measured))).toBeLessThan(0.7);
		const long = after(cardigan, { 'sleeve-long': 1.15 });
		expect(way(long, 'snip') ?? way(long, 'ravel')).toBeDefined();
	});
	it('a shrug that came out wide loses rows of each tube', () => {
		const shrug = projectFor('shrug');
		const changes = after(shrug, { 'size-1': 1.1 });
		const ravel = way(changes, 'ravel')!;
		const look1 = look(shrug, { 'size-1': 1.1 });
		const rest = (look1.sizes[0]!.cm * ravel.toRow) / look1.rowsKnitted;
		expect(rest).toBeCloseTo(changes[0]!.wanted, 0);
	});
	it('nothing is said of what came out as foretold, of what still hangs stretched, or by an odd reading', () => {
		const hat = projectFor('scarf');
		expect(after(hat, { length: 1 })).toEqual([]);
		const off = look(hat, { length: 1.2 });
		expect(afterwards(hat, bench, off)).toHaveLength(1);
		expect(afterwards(hat, bench, { ...off, when: 'at-once' })).toEqual([]);
		const odd = off.sizes.map((s) => ({ ...s, odd: true }));
		expect(afterwards(hat, bench, { ...off, sizes: odd })).toEqual([]);
	});

	it('whatever it is and however it came out: whole rows and loops that are there, and sentences that say them', () => {
		const does = new Set<string>();
		let said = 0;
		for (const [i, { recipe, key, project }] of everyChange(bench).entries()) {
			if (!plan(project, bench).ok) continue;
			for (const all of key === null ? [1, 0.82, 1.2] : [[], [0.82], [], [1.2]][i % 4]!) {
				const changes = after(project, { all });
				if (all === 1 && key === null) expect(changes.filter((c) => c.by === 'plan')).toEqual([]);
				for (const c of changes) {
					const of = `${recipe} ${key} ${all} ${c.id}`;
					expect(c.label, of).not.toBe('');
					expect(wordChange(c, 'cm')).toContain(c.label);
					for (const w of c.ways) {
						does.add(w.do);
						said++;
						const sentence = wordRemedy(w, 'cm');
						const numbers = [...sentence.matchAll(/\d+(?:\.\d+)?/g)].map(Number);
						if ('rows' in w) {
							expect(Number.isInteger(w.rows) && w.rows >= 1, of).toBe(true);
							if (w.rows > 1) expect(numbers, of).toContain(w.rows);
						}
						if ('loops' in w) expect(Number.isInteger(w.loops) && w.loops >= 1, of).toBe(true);
						if (w.do === 'close-more') expect(Number.isInteger(w.n) && w.n >= 1, of).toBe(true);
						if ('toRow' in w) {
							expect(w.toRow, of).toBeGreaterThan(0);
							expect(numbers, of).toContain(w.toRow);
						}
						expect(w.cm, of).toBeGreaterThan(0);
						expect(w.cm, of).toBeLessThan(Math.max(c.measured, c.wanted) * 2.5);
					}
				}
			}
		}
		expect(said).toBeGreaterThan(300);
		expect([...does].sort()).toEqual(
			expect.arrayContaining(['band', 'knit-on', 'ravel', 'sew-again', 'turn-up', 'unpick'])
		);
	}, 120_000);
});
