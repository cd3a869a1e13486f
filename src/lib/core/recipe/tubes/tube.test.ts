import fc from 'fast-check';
import type * as z from 'zod';
import { describe, expect, it } from 'vitest';
import { machineArb } from '../../../../../tests/support/arbitrary';
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
} from '../../../../../tests/support/bench';
import type { Machine } from '../../model/bench';
import { FLAT_CLOSINGS, TUBES, TUBE_ENDS, WASTE_WITH } from '../../model/kinds';
import type { Bench, Project } from '../../model/project';
import { tubeOptions, type PlainTubeOptions } from './options';

type TubeProject = Project & { readonly options: PlainTubeOptions };
import { comesOut, plan, type PlanOf } from '../../plan';
import { keptOff } from '../../bench/machine/ring';
import { europeanSize, footCm } from '../../bench/size/tables';
import { wordHands } from '../../words/hands';
import { wordFinding } from '../../finding/says';
import { wordEvent } from '../../words/events';
import { wordStep } from '../../technique/say-step';
import { repeated } from '../../stripes/sections';
import { tubeRecipe } from './tube';
import { TUBE_KINDS } from './kinds';

const optionsWith = (patch: Partial<PlainTubeOptions> = {}): PlainTubeOptions => ({
	...tubeRecipe(TUBE_KINDS[patch.recipe ?? 'scarf']).defaults(benchOf())!,
	...patch
});
const projectOf = (options: Partial<PlainTubeOptions>, machine: Machine = M48): TubeProject => ({
	id: 'tube' as TubeProject['id'],
	name: 'Tube',
	createdAt: 0,
	machineId: machine.id,
	options: optionsWith(options),
	accepted: [],
	useFresh: false,
	holdsYarn: true,
	used: null,
	note: ''
});
function planned(options: Partial<PlainTubeOptions>, bench: Bench = benchOf()): PlanOf<'tube'> {
	const p = plan(projectOf(options, bench.machines[0]), bench);
	if (!p.ok || !comesOut(p, 'tube')) throw new Error('no plan');
	return p;
}

describe('the length of a tube', () => {
	it('by rows, by centimetres, by the line: at 20 rows in 10 cm', () => {
		expect(planned({ length: { by: 'rows', rows: 120 } }).pieces[0]!.mainRows).toBe(120);
		expect(planned({ length: { by: 'cm', cm: 100 } }).pieces[0]!.mainRows).toBe(200);
		const line = planned({ stripes: '40 A, 30 B, 40 A', length: { by: 'line' } });
		expect(line.pieces[0]!.runs.map((r) => r.to - r.from)).toEqual([40, 30, 40]);
		// 40 + 30 + 40 = 110 rows, about 55 cm of tube at 2 rows/cm (common practice).
		expect(line.finished.tube.flatLength.mean).toBeCloseTo(55, 8);
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
		const options = { yarns: [A.id], stripes: '10 A', length: { by: 'yarn' } } as const;
		const p = planned({ ...options, yarns: [A.id] }, bench);
		expect(codes(p)).not.toContain('yarn-short');
		const rows = p.pieces[0]!.mainRows;
		const more = planned(
			{ yarns: [A.id], stripes: '10 A', length: { by: 'rows', rows: rows + 40 } },
			bench
		);
		expect(codes(more).some((c) => c === 'yarn-short' || c === 'yarn-close')).toBe(true);
		// A scarf takes 340 to 450 rows "depending on the yarn to hand" (common practice): more yarn, more rows.
		const twice = { ...bench, yarns: [yarnOf('a', { gramsOnHand: 160 }), B] };
		expect(planned({ ...options, yarns: [A.id] }, twice).pieces[0]!.mainRows).toBeGreaterThan(
			1.8 * rows
		);
	});
});

describe('a hem hung on the machine', () => {
	it('40 rows and 25 more: 65 rows knitted, 45 rows high (common practice)', () => {
		const p = planned({
			recipe: 'hem-hat',
			stripes: '10 A',
			hemRows: 40,
			length: { by: 'rows', rows: 65 }
		});
		expect(p.pieces[0]!.mainRows).toBe(65);
		// At 2 rows to the centimetre.
		expect(p.finished.tube.flatLength.mean).toBeCloseTo(45 / 2, 8);
		const hang = p.pieces[0]!.rowByRow.works.find((w) => w.work.some((x) => x.do === 'hang-hem'))!;
		// After 5 rows of waste and 40 of hem; the first main row is hung, and named as the counter has it.
		expect(hang.after).toBe(45);
		expect(hang.work[0]).toMatchObject({ row: 0 });
		expect(wordHands(hang.work, M48).title).toBe('Hang the first row');
		expect(p.pieces[0]!.rowByRow.works).toHaveLength(1);
	});
	it('fits a head by its height as worn, the hidden rows on top', () => {
		const p = planned({ recipe: 'hem-hat', hemRows: 40 });
		const none = planned({ recipe: 'hem-hat', hemRows: 2 });
		expect(p.finished.tube.flatLength.mean).toBeCloseTo(none.finished.tube.flatLength.mean, 0);
		expect(p.pieces[0]!.mainRows - none.pieces[0]!.mainRows).toBeCloseTo(19, -0.5);
	});
	it('where the colour changes at the hem, it changes before the hem is hung', () => {
		const p = planned({
			recipe: 'hem-hat',
			hemRows: 40,
			stripes: '40 A, 30 B',
			length: { by: 'line' }
		});
		const at = p.pieces[0]!.sheet.events.filter((e) => e.after === 45).map((e) => e.kind);
		expect(at.indexOf('join')).toBeLessThan(at.indexOf('hands'));
	});
	it('its first rows are to be loose, said where they begin', () => {
		const p = planned({ recipe: 'hem-hat', hemRows: 40 });
		const loose = p.pieces[0]!.sheet.events.find((e) => e.kind === 'slow' && e.why === 'loose')!;
		expect(loose.after).toBe(p.pieces[0]!.sheet.wasteBefore);
		const context = {
			units: 'cm' as const,
			machine: M48,
			yarnName: () => 'deep',
			strands: () => 1
		};
		expect(wordEvent(loose, context).how).toContain('loose');
		const none = planned({}).pieces[0]!.sheet.events;
		expect(none.some((e) => e.kind === 'slow' && e.why === 'loose')).toBe(false);
	});
	it('set rows and a head that disagree are said so', () => {
		const options = { recipe: 'hem-hat', hemRows: 40 } as const;
		const fits = planned(options).pieces[0]!.mainRows;
		const long = planned({ ...options, length: { by: 'rows', rows: fits + 20 } });
		const f = long.findings.find((x) => x.code === 'two-figures')!;
		expect(f.fix?.options).toMatchObject({ length: { by: 'rows', rows: fits } });
		expect(codes(planned({ ...options, length: { by: 'rows', rows: fits } }))).not.toContain(
			'two-figures'
		);
	});
	it('takes the yarn of all its rows, folded away or not', () => {
		const rows = { by: 'rows', rows: 65 } as const;
		const hem = planned({ recipe: 'hem-hat', length: rows, stripes: '10 A' });
		const flat = planned({ recipe: 'free-tube', length: rows, stripes: '10 A' });
		expect(hem.amounts[0]!.stitches).toBe(flat.amounts[0]!.stitches);
	});
});

describe('what goes round a foot, a cup, a head', () => {
	it('a Paris point is two thirds of a centimetre of last, foot + 1.5 cm (ISO/TS 19407, from memory)', () => {
		expect(footCm(38)).toBeCloseTo(38 / 1.5 - 1.5, 8);
		for (const size of [20, 31, 38, 46]) expect(europeanSize(footCm(size))).toBeCloseTo(size, 8);
		// One size up is 6.67 mm of foot.
		expect(footCm(39) - footCm(38)).toBeCloseTo(0.6667, 3);
	});
	it('8.5 in at 8 rows to the inch: a sock of 68 rows on 22 pins (common practice)', () => {
		const m22 = machineOf(22);
		const perCm = 8 / 2.54;
		const fine = swatchOf(m22, A, [readingOf(24, 10 * perCm)]);
		const bench = { ...benchOf(), machines: [m22], swatches: [fine] };
		const p = planned({ recipe: 'sock', length: { by: 'cm', cm: 8.5 * 2.54 } }, bench);
		expect(p.pieces[0]!.mainRows).toBe(68);
		// The cuff: a stitch in and between each loop, twice the pins.
		const cuff = p.steps.find((s) => s.do === 'bind')!;
		expect(wordStep(cuff, 'cm').how).toContain('44 in all');
		expect(p.steps.at(-1)).toMatchObject({ caution: 'slippery' });
	});
	it('every named size of every kind lies in what can be asked for', () => {
		for (const kind of Object.values(TUBE_KINDS))
			for (const { cm } of kind.sizes ?? []) {
				const { aroundCm } = tubeOptions(kind).shape as Record<string, z.ZodType>;
				expect(aroundCm!.safeParse(cm).success).toBe(true);
			}
	});
});

describe('a cord', () => {
	it('is cast on over a few pins clear of marker and trip, worked by hand, without waste', () => {
		const p = planned({ recipe: 'cord', pins: 3, stripes: '10 A' });
		const { rowByRow, program, wasteRows, stitches } = p.pieces[0]!;
		expect(rowByRow.stretches[0]).toMatchObject({ mode: 'hand' });
		expect(rowByRow.stretches[0]!.high - rowByRow.stretches[0]!.low).toBe(2);
		expect(keptOff(M48)).not.toContain(rowByRow.stretches[0]!.low);
		expect(program[0]).toMatchObject({ op: 'cast-on', method: 'weave' });
		// Common practice: woven, with one more pin to hold the tail.
		const { high } = rowByRow.stretches[0]!;
		expect(program[0]).toMatchObject({ holder: high + 1 });
		expect([wasteRows, stitches.first, p.amounts[0]!.stitches]).toEqual([0, 3, 3 * 120]);
	});
});

describe('a thumb', () => {
	it('is a strand over its stitches at a row, across from the joins, and is opened afterwards', () => {
		const p = planned({ recipe: 'warmers', thumbCm: 5, length: { by: 'rows', rows: 60 } });
		const [work] = p.pieces[0]!.rowByRow.works;
		// 12 stitches in 10 cm: 6 over 5 cm. Two thirds up, after 5 rows of waste.
		expect(work!.after).toBe(45);
		expect(work!.work[0]!.pins).toHaveLength(6);
		expect(p.steps.find((s) => s.do === 'thumb')).toMatchObject({ atRow: 40, stitches: 6 });
		expect(codes(p)).not.toContain('cannot-knit');
	});
});

describe('the schools of waste at the cast-on', () => {
	const legs = (options: Partial<PlainTubeOptions>) =>
		planned(options).pieces[0]!.sheet.legs.filter((l) => l.kind === 'waste');
	it.each([0, 4, 5, 10])('%i rows', (wasteStart) => {
		const p = planned({ wasteStart });
		expect(p.pieces[0]!.wasteRows).toBe(wasteStart);
		expect(p.pieces[0]!.sheet.wasteBefore).toBe(wasteStart);
	});
	it('a rag is hung, and a few rows stand on it', () => {
		const [first] = planned({ wasteWith: 'rag', wasteStart: 4 }).pieces[0]!.program;
		expect(first).toMatchObject({ op: 'cast-on', method: 'rag' });
	});
	it('a contrast row is the last of the waste rows, next to the main yarn', () => {
		expect(legs({ wasteWith: 'ravel', wasteStart: 5 }).map((l) => l.rows)).toEqual([4, 1]);
		expect(legs({ wasteWith: 'ravel', wasteStart: 1 }).map((l) => l.rows)).toEqual([1]);
		const p = planned({ wasteWith: 'ravel', wasteStart: 5 });
		const joins = p.pieces[0]!.sheet.events.filter((e) => e.kind === 'join');
		// The counter is zeroed at the main yarn, once.
		expect(joins.filter((e) => e.first)).toHaveLength(1);
		const context = {
			units: 'cm' as const,
			machine: M48,
			yarnName: () => 'deep',
			strands: () => 1
		};
		expect(wordEvent(joins[0]!, context).title).toBe('Change to the contrast strand');
		expect(p.pieces[0]!.wasteMetres).toBeCloseTo(
			planned({ wasteStart: 5 }).pieces[0]!.wasteMetres,
			8
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
	it('a length and a size that disagree are said so, with two ways out', () => {
		const p = planned({ recipe: 'headband', length: { by: 'rows', rows: 120 }, aroundCm: 50 });
		const f = p.findings.find((x) => x.code === 'two-figures')!;
		// Three quarters of 50 cm at 2 rows to the centimetre; or 60 cm of band for a head of 80.
		expect(f).toMatchObject({
			rows: 120,
			fitRows: 75,
			fix: { options: { length: { by: 'rows', rows: 75 } } },
			or: { options: { aroundCm: 80 } }
		});
		const ways = [
			planned({ recipe: 'headband', length: { by: 'rows', rows: 75 }, aroundCm: 50 }),
			planned({ recipe: 'headband', length: { by: 'rows', rows: 120 }, aroundCm: 80 }),
			planned({ recipe: 'headband', aroundCm: 50 })
		];
		for (const w of ways) expect(codes(w)).not.toContain('two-figures');
	});
	it('a length for which the yarn is short offers what the yarn gives', () => {
		const bench = { ...benchOf(), yarns: [yarnOf('a', { gramsOnHand: 20 }), B] };
		const short = planned({ stripes: '10 A', length: { by: 'rows', rows: 400 } }, bench);
		const f = short.findings.find((x) => x.code === 'yarn-short')!;
		expect(f.fix?.options).toMatchObject({ length: { by: 'yarn' } });
		expect(codes(planned({ stripes: '10 A', length: { by: 'yarn' } }, bench))).not.toContain(
			'yarn-short'
		);
	});
	it('a light inner half of a hem may shine through its dark outer half', () => {
		const yarns = [yarnOf('a', { colour: '#101820' }), yarnOf('b', { colour: '#f4efe2' })];
		const bench = { ...benchOf(), yarns };
		const options = { recipe: 'hem-hat', hemRows: 40, length: { by: 'line' } } as const;
		const dark = planned({ ...options, yarns: [A.id, B.id], stripes: '20 B, 60 A' }, bench);
		expect(dark.findings.find((x) => x.code === 'shows-through')).toMatchObject({ rows: 20 });
		const light = planned({ ...options, yarns: [A.id, B.id], stripes: '20 A, 60 B' }, bench);
		expect(codes(light)).not.toContain('shows-through');
	});
	it('a colour that changes on the edge of a hem, or next to it, is pointed at', () => {
		const hem = { recipe: 'hem-hat', hemRows: 40, length: { by: 'line' as const } } as const;
		const yarns = [A.id, B.id];
		const at = (stripes: string) =>
			planned({ ...hem, yarns, stripes }).findings.find((f) => f.code === 'hem-boundary');
		expect(at('20 A, 50 B')).toMatchObject({ rows: 0, where: { at: 'row', row: 20 } });
		expect(at('22 A, 50 B')).toMatchObject({ rows: 2, yarn: 0 });
		expect(at('19 A, 50 B')).toMatchObject({ rows: -1, yarn: 1 });
		expect(at('40 A, 30 B')).toBeUndefined();
		for (const line of ['20 A, 50 B', '22 A, 50 B', '19 A, 50 B'])
			expect(wordFinding(at(line)!, { units: 'cm', yarnName: (i) => 'AB'[i]! }).what).toMatch(
				/hem\.$/
			);
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
	const someOptions: fc.Arbitrary<PlainTubeOptions> = fc.record({
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
		closing: fc.constantFrom(...FLAT_CLOSINGS),
		hemRows: fc.option(fc.integer({ min: 2, max: 200 }), { nil: null }),
		purlOut: fc.boolean(),
		thumbCm: fc.option(fc.double({ min: 2, max: 12, noNaN: true }), { nil: null }),
		chains: fc.option(fc.integer({ min: 5, max: 300 }), { nil: null }),
		holds: fc.oneof(
			fc.constant({ by: 'any' as const }),
			fc.record({
				by: fc.constant('box' as const),
				longCm: fc.double({ min: 2, max: 100, noNaN: true }),
				wideCm: fc.double({ min: 1, max: 80, noNaN: true }),
				highCm: fc.double({ min: 0.5, max: 80, noNaN: true })
			})
		),
		legCm: fc.option(fc.double({ min: 3, max: 80, noNaN: true }), { nil: null }),
		cuffRounds: fc.constantFrom(1 as const, 2 as const),
		heightCm: fc.option(fc.double({ min: 3, max: 40, noNaN: true }), { nil: null }),
		pins: fc.integer({ min: 2, max: 4 }),
		wasteStart: fc.integer({ min: 0, max: 20 }),
		wasteWith: fc.constantFrom(...WASTE_WITH),
		wasteEnd: fc.constantFrom(0, 4, 10),
		joinTails: fc.constantFrom('tie' as const, 'weave' as const)
	});
	fc.assert(
		fc.property(
			someOptions,
			machineArb,
			fc.double({ min: 0, max: 900, noNaN: true }),
			(options, machine, grams) => {
				// A tube that fits nothing is as long as it is said.
				fc.pre(options.recipe !== 'free-tube' || options.length.by !== 'fit');
				expect(tubeOptions(TUBE_KINDS[options.recipe]).safeParse(options).success).toBe(true);
				const bench: Bench = {
					...benchOf(),
					machines: [machine],
					yarns: [yarnOf('a', { gramsOnHand: grams }), B],
					swatches: [swatchOf(machine, A, [readingOf(14, 20)])]
				};
				const project = { ...projectOf({}, machine), options };
				const p = plan(project, bench);
				expect(JSON.stringify(p)).toBe(JSON.stringify(plan(project, bench)));
				if (!p.ok || !comesOut(p, 'tube')) throw new Error('no plan');
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
