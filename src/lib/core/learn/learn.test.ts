import fc from 'fast-check';
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
import type { MeasuredResult, RunEvent } from '../model/project';
import { wordDeviation, wordLesson, wordWhen } from '../words/lessons';
import { foldRun } from '../crank/run';
import { evidenceFrom } from './evidence';
import { harbour } from '../../demo/harbour';
import { recipeOf, RECIPES } from '../recipe';
import { compare, lesson, wholeLength } from './lesson';

const project = projectOf({ length: { by: 'tube', as: 'flat', cm: 56 } });
// 128 rows were planned for 56 cm.
const bench = benchOf({ swatches: [swatchOf(M48, A, [readingOf(12, 1280 / 56)])] });

const resultOf = (patch: Partial<MeasuredResult> = {}): MeasuredResult => ({
	id: 'r1',
	projectId: project.id,
	at: 0,
	when: 'rested',
	tubeCm: 59,
	flatWidthCm: null,
	grams: null,
	minutes: null,
	heightWornCm: null,
	rowsKnitted: 128,
	shows: 'tube',
	tailMetres: 3.5,
	usualMinutes: null,
	note: '',
	...patch
});
const learnedFrom = (...results: MeasuredResult[]) =>
	evidenceFrom({ project, results, machine: M48, yarn: A, oneYarn: true });

describe('what a finished hat teaches', () => {
	it('128 rows planned for 56 cm and measured as 59: next time 122', () => {
		expect(planned(project, bench).pieces[0]!.mainRows).toBe(128);
		const after = { ...bench, evidence: learnedFrom(resultOf()) };
		expect(planned(project, after).pieces[0]!.mainRows).toBe(122);
		const l = lesson(project, after, 128)!;
		expect(wholeLength(l.before)!.mean).toBeCloseTo(56, 10);
		expect(wordLesson(l, resultOf(), 'cm')).toBe(
			'measured 59 cm from 128 rows: next time 122 for 56.2 cm'
		);
	});

	it('a row count was set for the length it promised: that length is wished next', () => {
		const byRows = projectOf({ length: { by: 'rows', rows: 128 } });
		const l = lesson(byRows, { ...bench, evidence: learnedFrom(resultOf()) }, 128)!;
		expect(l.nextOptions.length).toEqual({ by: 'tube', as: 'flat', cm: 56 });
		expect(l.next.pieces[0]!.mainRows).toBe(122);
	});

	it('rows really knitted count, not those planned', () => {
		const l = lesson(
			project,
			{ ...bench, evidence: learnedFrom(resultOf({ rowsKnitted: 130 })) },
			130
		)!;
		expect(l.before.pieces[0]!.mainRows).toBe(130);
	});

	it('weight teaches the yarn in a stitch, tails apart', () => {
		const [e] = learnedFrom(resultOf({ grams: 90 }));
		// 90 g at 2 m/g is 180 m; 3.5 m of it are tails; 128 x 48 stitches.
		expect(e!.loopCm).toBeCloseTo((176.5 * 100) / (128 * 48), 10);
	});

	it('weight of two yarns together teaches neither', () => {
		const [e] = evidenceFrom({
			project,
			results: [resultOf({ grams: 90 })],
			machine: M48,
			yarn: A,
			oneYarn: false
		});
		expect(e!.loopCm).toBeNull();
	});

	it('on the head teaches no gauge, and an empty look nothing', () => {
		expect(learnedFrom(resultOf({ when: 'on-head', heightWornCm: 22 }))).toEqual([]);
		expect(learnedFrom(resultOf({ tubeCm: null }))).toEqual([]);
	});

	it('minutes teach the pace', () => {
		const asked = projectOf({ length: { by: 'rows', rows: 64 } });
		const before = planned(asked, bench).time.value;
		const taken = { minutes: 30, usualMinutes: 20 };
		const after = { ...bench, evidence: learnedFrom(resultOf(taken)) };
		const { mean, basis } = planned(asked, after).time.value;
		expect(mean).toBeCloseTo(1.5 * before.mean, 6);
		expect(basis).toBe('learned');
	});
});

describe('plan against result', () => {
	const after = { ...bench, evidence: learnedFrom(resultOf()) };
	const l = lesson(project, after, 128)!;

	it('counts the difference in the plan’s own spread', () => {
		const [tube] = compare(l.before, resultOf());
		expect(tube!.deviations).toBeCloseTo(3 / (56 * 0.03), 8);
		expect(wordDeviation(tube!)).toBe('a little more');
	});

	it('has a word for every size of difference', () => {
		const word = (deviations: number) =>
			wordDeviation({
				what: 'tube',
				planned: { mean: 1, sd: 1, basis: 'measured' },
				measured: 1,
				deviations
			});
		expect(word(0.4)).toBe('as planned');
		expect(word(-1.5)).toBe('a little less');
		expect(word(1)).toBe('as planned');
		expect(word(1.01)).toBe('a little more');
		expect(word(2)).toBe('a little more');
		expect(word(2.5)).toBe('more than the plan’s spread');
		expect(word(-2.5)).toBe('less than the plan’s spread');
		expect(word(5)).toBe('more than the plan’s spread');
	});

	it('a look at once teaches nothing yet, and says so', () => {
		expect(wordLesson(l, resultOf({ when: 'at-once' }), 'cm')).toMatch(/measure again/);
		expect(wordLesson(l, resultOf({ when: 'on-head' }), 'cm')).toBeNull();
		expect(wordLesson(l, resultOf({ tubeCm: null }), 'cm')).toBeNull();
		expect(wordWhen('washed')).toBe('after a wash');
	});

	it('compares all that was measured', () => {
		const r = resultOf({ grams: 90, minutes: 18, flatWidthCm: 20, heightWornCm: 22 });
		expect(compare(l.before, r).map((c) => c.what)).toEqual([
			'tube',
			'width',
			'height',
			'grams',
			'minutes'
		]);
	});
});

describe('the count is a fold over the events', () => {
	let n = 0;
	const event = (e: Record<string, unknown>): RunEvent =>
		({ id: String(n++), projectId: project.id, at: n * 1000, n, piece: 'tube', ...e }) as RunEvent;
	const row = () => event({ type: 'row' });

	it('rows, undo and jumps', () => {
		const s = foldRun([
			event({ type: 'start' }),
			row(),
			row(),
			row(),
			event({ type: 'undo' }),
			event({ type: 'jump', to: 40 }),
			row()
		]);
		expect(s.done).toBe(41);
		expect(foldRun([row(), event({ type: 'jump', to: 40 }), event({ type: 'undo' })]).done).toBe(1);
	});

	it('undo with nothing to undo does nothing; undo after taking off puts it back on', () => {
		expect(foldRun([event({ type: 'undo' })]).done).toBe(0);
		const s = foldRun([row(), event({ type: 'off' }), event({ type: 'undo' })]);
		expect(s).toMatchObject({ off: false, done: 1 });
	});

	it('as many undos as rows and jumps come back to nothing', () => {
		fc.assert(
			fc.property(
				fc.array(fc.option(fc.integer({ min: 0, max: 200 }), { nil: null }), { maxLength: 60 }),
				(moves) => {
					const forward = moves.map((to) => (to === null ? row() : event({ type: 'jump', to })));
					const back = moves.map(() => event({ type: 'undo' }));
					expect(foldRun([...forward, ...back]).done).toBe(0);
					expect(foldRun(forward).past).toHaveLength(moves.length);
				}
			),
			{ seed: 16 }
		);
	});

	it('ticks and faults are kept, time at the crank leaves out long gaps and pauses', () => {
		const s = foldRun([
			{ ...event({ type: 'start' }), at: 0 },
			{ ...row(), at: 10_000 },
			{ ...row(), at: 3_600_000 },
			{ ...event({ type: 'pause' }), at: 3_601_000 },
			{ ...row(), at: 3_700_000 },
			event({ type: 'fault', row: 2, pin: 7, fault: 'dropped' }),
			event({ type: 'step', step: 'rest', done: true }),
			event({ type: 'step', step: 'tuck', done: true }),
			event({ type: 'step', step: 'tuck', done: false })
		]);
		expect([...s.steps]).toEqual(['rest']);
		expect(s.faults[0]).toMatchObject({ row: 2, pin: 7 });
		expect(s.activeMs).toBe(10_000 + 120_000 + 1000);
	});
});

it('a project whose yarn is gone has no lesson', () => {
	expect(lesson(project, benchOf({ yarns: [B] }), 100)).toBeUndefined();
});

describe('what came of anything else', () => {
	const warmers = harbour.bench;
	const made = (recipe: string) => {
		const options = recipeOf(recipe)!.defaults(warmers, warmers.machines[0])!;
		return { ...harbour.projects[0]!, options };
	};
	it.each(RECIPES.map((r) => r.id))(
		'%s is compared whole, and promises only what it teaches',
		(id) => {
			const project = made(id);
			const l = lesson(project, warmers, 60)!;
			const shows = recipeOf(id)!.shows(project.options);
			const r: MeasuredResult = {
				...resultOf(),
				when: 'rested',
				tubeCm: 30,
				rowsKnitted: 60,
				shows
			};
			const compared = compare(l.before, r);
			// What was measured is shown, planned as one figure or not.
			expect(compared.map((c) => c.what)).toContain('tube');
			for (const c of compared) expect(wordDeviation(c)).not.toMatch(/undefined|NaN/);
			const sentence = wordLesson(l, r, 'cm');
			if (shows !== 'tube') expect(sentence).toBeNull();
			else expect(sentence).toMatch(/^measured 30 cm from 60 rows: next time \d+ for [\d.]+ cm$/);
		}
	);
});
