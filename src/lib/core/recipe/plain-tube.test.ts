import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { machineArb } from '../../../../tests/support/arbitrary';
import {
	A,
	B,
	benchOf,
	codes,
	M48,
	machineOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../tests/support/bench';
import type { Machine } from '../model/bench';
import { TUBES, TUBE_ENDS } from '../model/kinds';
import type { Bench, TubeProject } from '../model/project';
import { plainTubeWish, type PlainTubeWish } from '../model/wish';
import { plan, type TubePlan } from '../plan';
import { wordStep } from '../words/steps';
import { repeated, TUBE_KINDS, tubeRecipe } from './plain-tube';

const wishOf = (patch: Partial<PlainTubeWish> = {}): PlainTubeWish => ({
	...tubeRecipe(TUBE_KINDS[patch.recipe ?? 'scarf']).defaults(benchOf())!,
	...patch
});
const projectOf = (wish: Partial<PlainTubeWish>, machine: Machine = M48): TubeProject => ({
	id: 'tube' as TubeProject['id'],
	name: 'Tube',
	createdAt: 0,
	machineId: machine.id,
	wish: wishOf(wish),
	accepted: [],
	useFresh: false,
	holdsYarn: true,
	used: null,
	note: ''
});
function planned(wish: Partial<PlainTubeWish>, bench: Bench = benchOf()): TubePlan {
	const p = plan(projectOf(wish, bench.machines[0]), bench);
	if (!p.ok || p.shape !== 'tube') throw new Error('no plan');
	return p;
}

describe('the length of a tube', () => {
	it('by rows, by centimetres, by the line: at 20 rows in 10 cm', () => {
		expect(planned({ length: { by: 'rows', rows: 120 } }).pieces[0]!.mainRows).toBe(120);
		expect(planned({ length: { by: 'cm', cm: 100 } }).pieces[0]!.mainRows).toBe(200);
		const line = planned({ stripes: '40 A, 30 B, 40 A', length: { by: 'line' } });
		expect(line.pieces[0]!.runs.map((r) => r.to - r.from)).toEqual([40, 30, 40]);
		// 40 + 30 + 40 = 110 rows, about 55 cm of tube at 2 rows/cm (common practice).
		expect(line.tube.flatLength.mean).toBeCloseTo(55, 8);
	});

	it('a line longer than anything made here is a stop, not cut off', () => {
		const p = planned({ stripes: '700 A', length: { by: 'line' } });
		expect(p.pieces[0]!.mainRows).toBe(700);
		expect(codes(p)).toContain('too-long');
	});

	it('a headband of 80 to 85 rows goes round a woman’s head (common practice)', () => {
		const rows = planned({ recipe: 'headband' }).pieces[0]!.mainRows;
		expect(rows).toBeGreaterThanOrEqual(80);
		expect(rows).toBeLessThanOrEqual(88);
	});

	it('a cup sleeve on 22 pins has about 45 rows (common practice)', () => {
		const m22 = machineOf(22);
		const rows = planned(
			{ recipe: 'cup-sleeve' },
			{ ...benchOf(), machines: [m22], swatches: [swatchOf(m22, A, [readingOf(14, 20)])] }
		).pieces[0]!.mainRows;
		expect(Math.abs(rows - 45)).toBeLessThanOrEqual(3);
	});

	it('by the yarn on hand it is the longest that lasts, and a row more might not', () => {
		const bench = { ...benchOf(), yarns: [yarnOf('a', { gramsOnHand: 80 }), B] };
		const wish = { yarns: [A.id], stripes: '10 A', length: { by: 'yarn' } } as const;
		const p = planned({ ...wish, yarns: [A.id] }, bench);
		expect(codes(p)).not.toContain('yarn-short');
		const rows = p.pieces[0]!.mainRows;
		const more = planned(
			{ yarns: [A.id], stripes: '10 A', length: { by: 'rows', rows: rows + 40 } },
			bench
		);
		expect(codes(more).some((c) => c === 'yarn-short' || c === 'yarn-close')).toBe(true);
		// A scarf takes 340 to 450 rows "depending on the yarn to hand" (common practice): more yarn, more rows.
		const twice = { ...bench, yarns: [yarnOf('a', { gramsOnHand: 160 }), B] };
		expect(planned({ ...wish, yarns: [A.id] }, twice).pieces[0]!.mainRows).toBeGreaterThan(
			1.8 * rows
		);
	});
});

describe('the line comes to the length', () => {
	it('said again and again, the last time as far as it goes', () => {
		expect(
			repeated(
				[
					{ yarn: 0, rows: 5 },
					{ yarn: 1, rows: 3 }
				],
				18
			)
		).toEqual([
			{ yarn: 0, rows: 5 },
			{ yarn: 1, rows: 3 },
			{ yarn: 0, rows: 5 },
			{ yarn: 1, rows: 3 },
			{ yarn: 0, rows: 2 }
		]);
	});
	it('or stretched to it, each section by its share', () => {
		const p = planned({ stripes: '40 A, 20 B', fill: 'stretch', length: { by: 'rows', rows: 90 } });
		expect(p.pieces[0]!.runs.map((r) => r.to - r.from)).toEqual([60, 30]);
	});
	it('two letters of one yarn are one section: nothing is joined', () => {
		const p = planned({ yarns: [A.id, A.id], stripes: '10 A 10 B', length: { by: 'line' } });
		expect(p.pieces[0]!.runs).toHaveLength(1);
		expect(p.pieces[0]!.tails.filter((t) => t.id === 'join')).toHaveLength(0);
	});
});

describe('findings', () => {
	it('a warmer that is wider than the limb slides down; one much narrower will not go on', () => {
		expect(codes(planned({ recipe: 'warmers', aroundCm: 38 }))).toContain('tube-loose');
		expect(codes(planned({ recipe: 'warmers', aroundCm: 90 }))).toContain('tube-too-tight');
		expect(codes(planned({ recipe: 'warmers', aroundCm: 54 }))).not.toContain('tube-loose');
	});
	it('a scarf on 22 pins comes out narrow, and many joins leave many tails', () => {
		const m22 = machineOf(22);
		expect(codes(planned({}, { ...benchOf(), machines: [m22] }))).toContain('unusual-pins');
		expect(codes(planned({ stripes: '20 times (2 A 2 B)', length: { by: 'line' } }))).toContain(
			'many-tails'
		);
	});
});

it('any tube in range on any machine gives a plan with whole rows that add up, or a stop that says why', () => {
	const anyWish: fc.Arbitrary<PlainTubeWish> = fc.record({
		recipe: fc.constantFrom(...TUBES),
		yarns: fc.constantFrom([A.id, B.id], [B.id, A.id, A.id], [A.id, A.id]),
		stripes: fc.constantFrom(
			'10 A',
			'5 A 5 B',
			'3 times (2 A, 1 B) 40 A',
			'24 fade A to B',
			'(3 A 2 B) and back'
		),
		fill: fc.constantFrom('repeat' as const, 'stretch' as const),
		length: fc.oneof(
			fc.constantFrom({ by: 'fit' as const }, { by: 'line' as const }, { by: 'yarn' as const }),
			fc.record({ by: fc.constant('rows' as const), rows: fc.integer({ min: 4, max: 600 }) }),
			fc.record({
				by: fc.constant('cm' as const),
				cm: fc.double({ min: 3, max: 400, noNaN: true })
			})
		),
		aroundCm: fc.option(fc.double({ min: 5, max: 150, noNaN: true }), { nil: null }),
		twist: fc.boolean(),
		ends: fc.record({
			castOn: fc.constantFrom(...TUBE_ENDS),
			castOff: fc.constantFrom(...TUBE_ENDS)
		}),
		wasteStart: fc.integer({ min: 0, max: 20 }),
		wasteEnd: fc.constantFrom(0, 4, 10),
		joinTails: fc.constantFrom('tie' as const, 'weave' as const)
	});
	fc.assert(
		fc.property(
			anyWish,
			machineArb,
			fc.double({ min: 0, max: 900, noNaN: true }),
			(wish, machine, grams) => {
				expect(plainTubeWish.safeParse(wish).success).toBe(true);
				const bench: Bench = {
					...benchOf(),
					machines: [machine],
					yarns: [yarnOf('a', { gramsOnHand: grams }), B],
					swatches: [swatchOf(machine, A, [readingOf(14, 20)])]
				};
				const project = { ...projectOf({}, machine), wish };
				const p = plan(project, bench);
				expect(JSON.stringify(p)).toBe(JSON.stringify(plan(project, bench)));
				if (!p.ok || p.shape !== 'tube') throw new Error('no plan');
				expect(JSON.stringify(p)).not.toMatch(/NaN|null,"sd"/);
				if (p.findings.some((f) => f.severity === 'stop')) return;
				const piece = p.pieces[0]!;
				expect(Number.isInteger(piece.mainRows)).toBe(true);
				expect(piece.runs.reduce((t, r) => t + r.to - r.from, 0)).toBe(piece.mainRows);
				expect(piece.runs.every((r, i) => r.yarn !== piece.runs[i + 1]?.yarn)).toBe(true);
				for (const s of p.steps) expect(wordStep(s, 'cm').how).not.toMatch(/undefined|NaN/);
				expect(new Set(p.steps.map((s) => s.id)).size).toBe(p.steps.length);
			}
		),
		{ seed: 51, numRuns: 400 }
	);
});
