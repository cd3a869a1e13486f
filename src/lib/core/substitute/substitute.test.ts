import type { FinishedOf } from '../recipe/finished';
import type { HatProject } from '../recipe/hats/options';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	M48,
	machineOf,
	planned,
	projectOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../tests/support/bench';
import { projectArb } from '../../../../tests/support/arbitrary';
import type { Yarn } from '../model/bench';
import type { Bench } from '../model/project';
import { plan } from '../plan';
import { harbour } from '../../demo/harbour';
import { wordAgainst, wordFor, wordSettle } from '../words/substitutes';
import { metresPerRow } from '../bench/gauge/ball';
import { heldBy } from '../order/stock';
import { longestTubes, makeWith } from './make-with';
import { substitutesFor, type Answer, type Question } from './rank';

const like = (key: string, patch: Partial<Yarn> = {}) =>
	yarnOf(key, { name: `Other ${key}`, ...patch });
const ask = (bench: Bench, patch: Partial<Question> = {}): Answer =>
	substitutesFor({
		project: projectOf(),
		yarnId: A.id,
		bench,
		held: [],
		typed: [],
		most: 40,
		...patch
	})!;
const found = (a: Answer, key: string) => a.substitutesFor.find((s) => s.yarn.id === key)!;

describe('a stand-in', () => {
	it('the same yarn changes nothing: rows, size, yarn, and every mark full', () => {
		fc.assert(
			fc.property(projectArb, ({ project, bench }) => {
				const full = { ...bench, yarns: bench.yarns.map((y) => ({ ...y, gramsOnHand: 1e5 })) };
				const now = plan<FinishedOf<'worn'>>(project, full);
				if (!now.ok) return;
				// A section that vanishes needs none of its yarn; there is nothing to stand in for.
				const wanted = now.yarns[now.amounts[0]!.yarn]!;
				const a = substitutesFor({
					project,
					yarnId: wanted.id,
					bench: full,
					held: [],
					typed: [],
					most: 99
				})!;
				const same = found(a, wanted.id);
				expect(same.rows).toBe(now.pieces[0]!.mainRows);
				expect(same.tube).toEqual(now.finished.hat.tubeFlat);
				expect(same.grams).toEqual(now.amounts.find((x) => x.yarnId === wanted.id)!.grams.value);
				const full6 = ['width', 'length', 'stretch', 'strength', 'smoothness', 'washing'] as const;
				for (const c of full6) expect(same.marks[c]).toBe(1);
			}),
			{ seed: 41, numRuns: 40 }
		);
	});

	it('another colour of it comes first, with the same rows', () => {
		const a = ask(benchOf());
		expect(a.substitutesFor.slice(0, 2).map((s) => s.yarn.id)).toEqual([A.id, B.id]);
		expect(found(a, 'b').rows).toBe(planned(projectOf()).pieces[0]!.mainRows);
	});

	it('a measured yarn of another gauge gets new rows for the same length, and its new width', () => {
		const tight = like('tight');
		const bench = benchOf({
			yarns: [A, tight],
			swatches: [swatchOf(M48, A, [readingOf(12, 20)]), swatchOf(M48, tight, [readingOf(15, 25)])]
		});
		const s = found(
			ask(bench, { project: projectOf({ length: { by: 'tube', as: 'flat', cm: 56 } }) }),
			'tight'
		);
		expect(s.rows).toBe(140);
		expect(s.width.mean).toBeCloseTo(24 / 1.5, 10);
		expect(s.measured).toBe(true);
		expect(s.worst).toBe('width');
		expect(s.marks.width).toBeLessThan(0.1);
	});

	it('unmeasured is flagged as predicted, with the swatch that would settle it, and ranks below measured alike', () => {
		const seen = like('seen');
		const unseen = like('unseen');
		const bench = benchOf({
			yarns: [A, seen, unseen],
			swatches: [swatchOf(M48, A, [readingOf(12, 20)]), swatchOf(M48, seen, [readingOf(12, 20)])]
		});
		const a = ask(bench);
		expect(found(a, 'seen').score).toBeGreaterThan(found(a, 'unseen').score);
		const u = found(a, 'unseen');
		expect(u.measured).toBe(false);
		expect(u.gauge.rowsPerCm.basis).toBe('estimated');
		expect(wordSettle(u, 48, 'cm')).toMatch(
			/^Predicted .*2 swatches on this machine.*40 rows of it on 48 pins/
		);
		expect(wordSettle(found(a, 'seen'), 48, 'cm')).toBeNull();
		expect(wordAgainst(a, u, 'cm')).toMatch(/only predicted/);
	});

	it('what speaks against each is the thing itself', () => {
		const worst = (patch: Partial<Yarn>, extra: Partial<Question> = {}) => {
			const y = like('x', patch);
			const bench = benchOf({
				yarns: [A, y],
				swatches: [
					swatchOf(M48, A, [readingOf(12, 20)]),
					swatchOf(M48, y, [readingOf(12, 20), readingOf(12, 20), readingOf(12, 20)])
				]
			});
			const a = ask(bench, extra);
			return wordAgainst(a, found(a, 'x'), 'cm') ?? '';
		};
		expect(worst({ gramsOnHand: 20 })).toMatch(/^It may run out: 20 g free of \d+ g needed\.$/);
		expect(worst({ strength: 'weak' })).toMatch(/breaks when drawn up/);
		expect(worst({ stretch: 'little' })).toMatch(/grows in wear/);
		expect(worst({ weightClass: 5 })).toMatch(/jams/);
		expect(worst({ surface: 'fuzzy' })).toMatch(/clings/);
	});

	it('a test that failed on this machine counts heavily, one elsewhere not at all', () => {
		const y = like('x');
		const tests = (pins: number) => [
			{
				id: 't' as never,
				machineId: machineOf(pins).id,
				yarnId: y.id,
				strands: 1,
				slot: 1,
				hand: 'none' as const,
				rows: 8,
				faults: { dropped: 4, tuck: 0, split: 0, unseated: 0 },
				verdict: 'fails' as const,
				at: 1,
				note: ''
			}
		];
		const bench = (pins: number) => benchOf({ yarns: [A, y], tests: tests(pins) });
		expect(found(ask(bench(48)), 'x').marks.runs).toBeLessThan(0.1);
		expect(found(ask(bench(22)), 'x').marks.runs).toBe(0.9);
	});

	it('two fine strands held together stand in for a medium one', () => {
		const fine = like('fine', { metresPer100g: 400, weightClass: 1 });
		const other = like('other', { metresPer100g: 420, weightClass: 1 });
		const a = ask(benchOf({ yarns: [A, fine, other] }));
		const doubled = a.substitutesFor.find(
			(s) => s.yarn.heldTogether.length === 1 && s.yarn.strands === 2
		)!;
		const mixed = a.substitutesFor.find((s) => s.yarn.heldTogether.length === 2)!;
		expect(doubled.from).toBe('together');
		expect(doubled.score).toBeGreaterThan(found(a, 'fine').score);
		expect(mixed.yarn.name.split(' + ').sort()).toEqual(['Other fine', 'Other other']);
	});

	it('a yarn typed in is compared and has to be bought', () => {
		const typed = like('typed');
		const a = ask(benchOf(), { typed: [typed] });
		const s = found(a, 'typed');
		expect(s).toMatchObject({ from: 'typed', freeGrams: null, enough: 1 });
		expect(wordFor(a, s, 'cm').length).toBeGreaterThan(10);
	});

	it('yarn held for other projects is not free', () => {
		const bench = benchOf();
		const other = projectOf({ scheme: { kind: 'one', yarn: B.id } }, { id: 'q' as never });
		const held = heldBy([other], bench);
		expect(found(ask(bench, { held }), 'b').freeGrams).toBeCloseTo(500 - held[0]!.grams, 8);
	});

	it('every stand-in of the demo bench has a sentence for it, and none says undefined', () => {
		for (const project of harbour.projects.filter(
			(p): p is HatProject => p.options.recipe === 'lined-hat'
		)) {
			const now = planned(project, harbour.bench);
			const a = substitutesFor({
				project,
				yarnId: now.yarns[0]!.id,
				bench: harbour.bench,
				held: [],
				typed: [],
				most: 99
			})!;
			expect(a.substitutesFor.length).toBe(a.compared);
			for (const s of a.substitutesFor) {
				const words = [
					wordFor(a, s, 'in'),
					wordAgainst(a, s, 'in') ?? '.',
					wordSettle(s, 48, 'in') ?? '.'
				];
				for (const w of words) expect(w).toMatch(/^(?!.*(undefined|NaN)).*\.$/);
			}
		}
	});

	it('a yarn the project does not use has no stand-in', () => {
		expect(
			substitutesFor({
				project: projectOf(),
				yarnId: B.id,
				bench: benchOf(),
				held: [],
				typed: [],
				most: 9
			})
		).toBeUndefined();
	});
});

describe('what can be made with it', () => {
	const M22 = machineOf(22);
	const bench = benchOf({ machines: [M22, M48], yarns: [A] });

	it('more yarn never makes less possible', () => {
		const fits = (grams: number) =>
			makeWith({ ...A, gramsOnHand: grams }, grams, bench).filter((p) => p.fits === 'sure').length;
		const counts = [0, 20, 40, 60, 80, 100, 150, 300].map(fits);
		expect(counts[0]).toBe(0);
		expect(counts).toEqual([...counts].sort((a, b) => a - b));
		expect(counts.at(-1)).toBeGreaterThan(10);
	});

	it('what fits is what its own plan needs, nine times in ten', () => {
		for (const p of makeWith(A, 70, bench)) {
			const again = planned(projectOf(p.options as never, { machineId: p.machineId }), bench)
				.amounts[0]!.grams.value;
			expect(again.mean).toBeCloseTo(p.grams.mean, 10);
			expect(p.fits === 'sure').toBe(again.mean + 1.2816 * again.sd <= 70);
		}
	});

	it('a man’s head on 22 pins is no sensible hat', () => {
		const p = makeWith(A, 500, bench).find((x) => x.pins === 22 && x.size === 'man')!;
		expect(p.sensible).toBe(false);
	});

	it('the longest tube and its two tails take no more than there is, and one row more would', () => {
		const [t] = longestTubes(A, 100, benchOf({ yarns: [A] }));
		const rows = (n: number) =>
			planned(
				projectOf({ length: { by: 'rows', rows: n }, scheme: { kind: 'one', yarn: A.id } }),
				benchOf({ yarns: [A] })
			).amounts[0]!.metres.value.mean;
		expect(rows(t!.rows)).toBeLessThanOrEqual(200 + 1e-9);
		expect(rows(t!.rows) + metresPerRow(M48, planned(projectOf()).gauges[0]!).mean).toBeGreaterThan(
			200
		);
		expect(t!.safeRows).toBeLessThan(t!.rows);
	});
});
