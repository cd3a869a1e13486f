import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	M48,
	planned,
	projectOf,
	readingOf,
	swatchOf
} from '../../../../tests/support/bench';
import type { Bench, MeasuredResult } from '../model/project';
import { wordDeviation, wordLesson, wordMoved, wordNothing, wordWhen } from '../words/lessons';
import { evidenceFrom } from './evidence';
import { forecastOf } from './forecast';
import { harbour } from '../../demo/harbour';
import { recipeOf, RECIPES } from '../recipe';
import { compare, lesson, movedBy, wholeLength } from './lesson';

const project = projectOf({ length: { by: 'tube', as: 'flat', cm: 56 } });
// 128 rows were planned for 56 cm.
const bench = benchOf({ swatches: [swatchOf(M48, A, [readingOf(12, 1280 / 56)])] });

const resultOf = (patch: Partial<MeasuredResult> = {}): MeasuredResult => {
	const rowsKnitted = patch.rowsKnitted ?? 128;
	return {
		id: 'r1',
		projectId: project.id,
		at: 0,
		when: 'rested',
		sizes: [{ id: 'tube-flat', cm: 59, odd: false }],
		grams: null,
		minutes: null,
		rowsKnitted,
		forecast: forecastOf(project, bench, rowsKnitted)!.forecast,
		shows: 'shape',
		tailMetres: null,
		usualMinutes: null,
		note: '',
		next: 'no',
		...patch
	};
};
const learnedFrom = (...results: MeasuredResult[]) =>
	evidenceFrom({ project, results, machine: M48, yarn: A, oneYarn: true });
const taught = (...results: MeasuredResult[]): Bench => ({
	...bench,
	evidence: learnedFrom(...results)
});
const rowsOf = (b: Bench) => planned(project, b).gauges[0]!.rowsPerCm;

describe('what a finished hat teaches', () => {
	it('joins what the swatch says, each by its weight, and counts for more than it', () => {
		expect(planned(project, bench).pieces[0]!.mainRows).toBe(128);
		const near = resultOf({ sizes: [{ id: 'tube-flat', cm: 57.2, odd: false }] });
		const [was, is] = [rowsOf(bench), rowsOf(taught(near))];
		const said = 128 / 57.2;
		expect(is.mean).toBeLessThan(was.mean);
		expect(is.mean).toBeGreaterThan(said);
		const way = (was.mean - is.mean) / (was.mean - said);
		expect(way).toBeGreaterThan(0.5);
		expect(way).toBeLessThan(0.6);
		expect(is.sd / is.mean).toBeLessThan(was.sd / was.mean);
		const l = lesson(project, taught(resultOf()), resultOf())!;
		expect(wholeLength(l.before)!.mean).toBeCloseTo(56, 10);
		expect(wordLesson(l, resultOf(), 'cm')).toMatch(
			/^measured 59 cm from 128 rows: next time 12[45] for 5[56].?\d* cm$/
		);
	});

	it('more things like it outweigh the swatch', () => {
		const many = taught(
			...Array.from({ length: 8 }, (_, i) => resultOf({ id: `r${i}` }))
		).evidence.map((e, i) => ({ ...e, projectId: `p${i}` as never }));
		expect(rowsOf({ ...bench, evidence: many }).mean).toBeCloseTo(128 / 59, 1);
		// Several looks at one thing are one thing.
		const looks = taught(...Array.from({ length: 8 }, (_, i) => resultOf({ id: `r${i}` })));
		expect(rowsOf(looks).mean).toBeGreaterThan(rowsOf({ ...bench, evidence: many }).mean + 0.02);
	});

	it('a row count was set for the length it promised: that length is wished next', () => {
		const byRows = projectOf({ length: { by: 'rows', rows: 128 } });
		const l = lesson(byRows, taught(resultOf()), resultOf())!;
		expect(l.nextOptions.length).toEqual({ by: 'tube', as: 'flat', cm: 56 });
	});

	it('rows really knitted count, not those planned', () => {
		const l = lesson(project, taught(resultOf({ rowsKnitted: 130 })), {
			rowsKnitted: 130,
			forecast: null
		})!;
		expect(l.before.pieces[0]!.mainRows).toBe(130);
		// As long as was foretold of 130 rows: nothing moves.
		const told = forecastOf(project, bench, 130)!.forecast;
		const cm = told.sizes.find((s) => s.id === 'tube-flat')!.cm;
		const as = resultOf({ rowsKnitted: 130, sizes: [{ id: 'tube-flat', cm, odd: false }] });
		expect(rowsOf(taught(as)).mean).toBeCloseTo(rowsOf(bench).mean, 10);
	});

	it('weight teaches the yarn in a stitch, tails and hand yarn apart, shared by what each was to take', () => {
		const told = forecastOf(project, bench, 128)!.forecast;
		const grams = told.grams!.apart + 1.1 * (told.grams!.mean - told.grams!.apart);
		const [e] = learnedFrom(resultOf({ sizes: [], grams }));
		for (const [i, on] of e!.on.entries())
			expect(on.loopCm! / told.on[i]!.loopCm).toBeCloseTo(1.1, 10);
		expect(told.grams!.apart).toBeGreaterThan(1);
	});

	it('a yarn weighed before and after teaches by its own weight, whatever all of it weighs', () => {
		const told = forecastOf(project, bench, 128)!.forecast;
		const [each] = told.grams!.each;
		const grams = each!.apart + 0.9 * (each!.mean - each!.apart);
		const used = [{ yarnId: each!.yarnId, grams, how: 'weighed' as const }];
		const [e] = evidenceFrom({
			project: { ...project, used },
			results: [resultOf({ grams: 200 })],
			machine: M48,
			yarn: A,
			oneYarn: true
		});
		expect(e!.on[0]!.loopCm! / told.on[0]!.loopCm).toBeCloseTo(0.9, 10);
	});

	it('what was logged before forecasts were kept says what it said', () => {
		const old = { forecast: null, shows: 'tube', tailMetres: 3.5 } as const;
		const [e] = learnedFrom(resultOf({ ...old, grams: 90 }));
		// 90 g at 2 m/g is 180 m; 3.5 m of it are tails; 128 x 48 stitches.
		expect(e!.on[0]!.loopCm).toBeCloseTo((176.5 * 100) / (128 * 48), 10);
		expect(e!.on[0]!.rowsPerCm).toBeCloseTo(128 / 59, 12);
		expect(rowsOf({ ...bench, evidence: [e!] }).mean).toBeCloseTo(
			rowsOf(taught(resultOf())).mean,
			2
		);
		expect(learnedFrom(resultOf({ ...old, shows: 'hem' }))).toEqual([]);
		expect(learnedFrom(resultOf({ ...old, rowsKnitted: 12, grams: 10 }))).toEqual([]);
	});

	it('an empty look teaches nothing, and says why', () => {
		const empty = resultOf({ sizes: [] });
		expect(learnedFrom(empty)).toEqual([]);
		expect(wordNothing(empty, empty.forecast!)).toMatch(/no size and no weight/);
		const unknown = resultOf({ sizes: [{ id: 'string', cm: 20, odd: false }] });
		expect(wordNothing(unknown, unknown.forecast!)).toMatch(/does not hang by/);
	});

	it('what was taught is said with its figures', () => {
		const words = wordMoved(movedBy(project.id, taught(resultOf())), 'cm');
		expect(words[0]).toMatch(
			/^rows of .+ on 48 pins: 22\.3 rows .+ ± 0\.\d, where 22\.9 rows .+ was expected$/
		);
	});

	it('minutes teach the pace', () => {
		const asked = projectOf({ length: { by: 'rows', rows: 64 } });
		const before = planned(asked, bench).time.value;
		const { mean, basis } = planned(asked, taught(resultOf({ minutes: 30, usualMinutes: 20 }))).time
			.value;
		expect(mean).toBeCloseTo(1.5 * before.mean, 6);
		expect(basis).toBe('learned');
	});
});

describe('plan against result', () => {
	const l = lesson(project, taught(resultOf()), resultOf())!;

	it('counts the difference in the plan’s own spread', () => {
		const [tube] = compare(l.told, resultOf());
		expect(tube!.deviations).toBeCloseTo(3 / (56 * 0.03), 8);
		expect(wordDeviation(tube!)).toBe('a little more');
	});

	it('has a word for every size of difference', () => {
		const word = (deviations: number, odd = false) =>
			wordDeviation({
				what: 'tube-flat',
				label: 'Tube',
				kind: 'length',
				planned: { mean: 1, sd: 1 },
				measured: 1,
				deviations,
				odd
			});
		expect(word(0.4)).toBe('as planned');
		expect(word(-1.5)).toBe('a little less');
		expect(word(1)).toBe('as planned');
		expect(word(1.01)).toBe('a little more');
		expect(word(2)).toBe('a little more');
		expect(word(2.5)).toBe('more than the plan’s spread');
		expect(word(-2.5)).toBe('less than the plan’s spread');
		expect(word(5, true)).toMatch(/odd/);
	});

	it('a look at once teaches little, and says so', () => {
		expect(wordLesson(l, resultOf({ when: 'at-once' }), 'cm')).toMatch(/measured again/);
		expect(wordLesson(l, resultOf({ when: 'on-head' }), 'cm')).toBeNull();
		expect(wordLesson(l, resultOf({ sizes: [] }), 'cm')).toBeNull();
		expect(wordWhen('washed')).toBe('after a wash');
		const [was, rested] = [rowsOf(bench).mean, rowsOf(taught(resultOf())).mean];
		const fresh = rowsOf(taught(resultOf({ when: 'at-once' }))).mean;
		expect(fresh).toBeLessThan(was);
		expect(was - fresh).toBeLessThan(0.6 * (was - rested));
	});

	it('compares all that was measured', () => {
		const sizes = ['tube-flat', 'flat-width', 'height-worn'].map((id) => ({
			id,
			cm: 22,
			odd: false
		}));
		const r = resultOf({ sizes, grams: 90, minutes: 18 });
		expect(compare(l.told, r).map((c) => c.what)).toEqual([
			'tube-flat',
			'flat-width',
			'height-worn',
			'grams',
			'minutes'
		]);
	});
});

it('a project whose yarn is gone has no lesson', () => {
	expect(lesson(project, benchOf({ yarns: [B] }), resultOf())).toBeUndefined();
});

describe('what came of anything else', () => {
	const warmers = harbour.bench;
	const made = (recipe: string) => {
		const options = recipeOf(recipe)!.defaults(warmers, warmers.machines[0])!;
		return { ...harbour.projects[0]!, options };
	};
	it.each(RECIPES.map((r) => r.id))('%s is compared whole', (id) => {
		const project = made(id);
		const told = forecastOf(project, warmers, 60)!.forecast;
		const sizes = told.sizes.map((s) => ({ id: s.id, cm: s.cm, odd: false }));
		const r: MeasuredResult = { ...resultOf(), sizes, rowsKnitted: 60, forecast: told };
		const l = lesson(project, warmers, r)!;
		const compared = compare(l.told, r);
		expect(compared.map((c) => c.what)).toEqual(told.sizes.map((s) => s.id));
		for (const c of compared) expect(wordDeviation(c)).toBe('as planned');
	});
});
