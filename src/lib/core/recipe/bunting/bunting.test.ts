import { withYarn } from '../uses';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	codes,
	M48,
	machineOf,
	readingOf,
	swatchOf
} from '../../../../../tests/support/bench';
import { machineArb } from '../../../../../tests/support/arbitrary';
import { clearPins, keptOff } from '../../bench/machine/ring';
import type { Machine } from '../../model/bench';
import type { Project } from '../../model/project';

type BuntingProject = Project & { readonly options: BuntingOptions };
import { buntingOptions, type BuntingOptions } from './options';
import { comesOut, plan, type PlanOf } from '../../plan';
import { makesOf } from '../../crank/makes';
import { say } from '../../quantity/say';
import { wordStep } from '../../technique/say-step';
import { bunting, flagCounts, flagOrder } from './bunting';

const optionsWith = (patch: Partial<BuntingOptions> = {}): BuntingOptions => ({
	recipe: 'bunting',
	flags: 5,
	yarns: [A.id, B.id],
	width: { by: 'stitches', stitches: 25 },
	everyRows: 2,
	way: 'single',
	edgeStitches: 1,
	tip: 3,
	turn: 'switch',
	...patch
});
const projectOf = (
	options: Partial<BuntingOptions> = {},
	machine: Machine = M48
): BuntingProject => ({
	id: 'flags' as BuntingProject['id'],
	name: 'Flags',
	createdAt: 0,
	machineId: machine.id,
	options: optionsWith(options),
	accepted: [],
	useFresh: false,
	holdsYarn: true,
	used: null,
	note: ''
});
function planned(options: Partial<BuntingOptions> = {}, machine: Machine = M48): PlanOf<'flags'> {
	const p = plan(projectOf(options, machine), { ...benchOf(), machines: [machine] });
	if (!p.ok || !comesOut(p, 'flags')) throw new Error('no plan');
	return p;
}

describe('a flag', () => {
	it('25 stitches down to 3, one at each edge every 2nd row: 11 times, 24 rows', () => {
		expect(flagCounts(optionsWith(), 1.2)).toEqual({ stitches: 25, rounds: 11, rows: 24 });
		const p = planned();
		expect(p.pieces[0]).toMatchObject({ mainRows: 24, stitches: { first: 25, last: 3 } });
		expect(codes(p)).not.toContain('cannot-knit');
	});

	it('measures what its gauge says: 12 stitches and 20 rows in 10 cm', () => {
		const { flag } = planned().finished;
		expect(flag.width.mean).toBeCloseTo(25 / 1.2, 8);
		expect(flag.height.mean).toBeCloseTo(12, 8);
		expect(flag.string.mean).toBeCloseTo((5 * 25) / 1.2, 8);
	});

	it('asked for in cm takes the counts that come nearest and end on the tip', () => {
		const { flag } = planned({ width: { by: 'size', cm: 18 } }).finished;
		expect(Math.abs(flag.width.mean - 18)).toBeLessThanOrEqual(1 / 1.2 + 1e-9);
		expect((flag.stitches - 3) % 2).toBe(0);
	});

	it('wider than the panel it is a stop, with the most that fits offered', () => {
		const p = planned({ width: { by: 'stitches', stitches: 61 } });
		const f = p.findings.find((x) => x.code === 'panel-too-wide')!;
		// 48 pins lose 2 at either end: 44 (common practice); 43 is the odd count that a tip of 3 allows.
		expect(f).toMatchObject({
			severity: 'stop',
			most: 44,
			fix: { options: { width: { by: 'stitches', stitches: 43 } } }
		});
		expect(codes(planned({ width: { by: 'stitches', stitches: 43 } }))).not.toContain(
			'panel-too-wide'
		);
	});
});

describe('a string of flags', () => {
	it('takes its colours in turn, each colour a batch of its own', () => {
		expect(flagOrder(optionsWith())).toEqual([0, 1, 0, 1, 0]);
		const p = planned();
		expect(p.pieces.map((x) => [x.id, x.count])).toEqual([
			['flag-1', 3],
			['flag-2', 2]
		]);
		expect(makesOf(p.pieces).map((m) => m.key)).toEqual([
			'flag-1',
			'flag-1.2',
			'flag-1.3',
			'flag-2',
			'flag-2.2'
		]);
	});

	it('takes yarn for all of them: each colour by its number of flags', () => {
		const p = planned();
		const [a, b] = p.amounts;
		expect(a!.stitches / b!.stitches).toBeCloseTo(3 / 2, 8);
		// A flag of 24 rows: 2 of 25, then 2 each of 23, 21 … 3.
		expect(a!.stitches).toBe(3 * 2 * (25 + 23 + 21 + 19 + 17 + 15 + 13 + 11 + 9 + 7 + 5 + 3));
		// Five flags, and no more time than all their stitches, turned by hand, and a decrease at either edge every other row.
		const stitches = a!.stitches + b!.stitches;
		expect(60 * p.time.value.mean).toBeGreaterThan(stitches * 0.15);
		expect(60 * p.time.value.mean).toBeLessThan(stitches * 0.15 + 5 * 25 * 20 + 5 * 80);
	});

	it('is finished tip by tip, then strung, with the caution about cords and flames', () => {
		const p = planned();
		expect(p.steps.map((s) => s.do)).toEqual([
			'rest',
			'draw-tip',
			'draw-tip',
			'weave-in',
			'string',
			'measure'
		]);
		expect(p.steps.find((s) => s.do === 'string')?.caution).toBe('garland');
		expect(p.steps.find((s) => s.do === 'weave-in')).toMatchObject({ ends: 10 });
		for (const s of p.steps) expect(wordStep(s, say('cm').units).how).not.toMatch(/undefined|NaN/);
	});

	it('with another yarn or other rows it is still a string of flags', () => {
		expect(withYarn(optionsWith(), A.id, B.id).yarns).toEqual([B.id, B.id]);
		expect(bunting.withRows!(optionsWith(), 30).width).toEqual({ by: 'stitches', stitches: 31 });
	});
});

describe('turned by hand', () => {
	it('stands clear of the marker and the counter’s trip', () => {
		expect(keptOff(machineOf(48, { marker: 'first' }))).toEqual([0, 1, 47]);
		expect(keptOff(machineOf(48, { tripPin: 10 }))).toEqual(expect.arrayContaining([8, 9, 10]));
		expect(keptOff(machineOf(48, { tripPin: 10, handPanels: 'cross' }))).toEqual([]);
		expect(clearPins(machineOf(48, { marker: 'first', tripPin: 10 }))).toEqual({
			from: 11,
			count: 36
		});
		const p = planned({ turn: 'hand' }, machineOf(48, { marker: 'first', tripPin: 10 }));
		expect(codes(p)).not.toContain('cannot-knit');
	});
});

it('any flags in range on any machine give a plan without NaN, or a stop that says why', () => {
	const someOptions: fc.Arbitrary<BuntingOptions> = fc.record({
		recipe: fc.constant('bunting' as const),
		edgeStitches: fc.constantFrom(1 as const, 2 as const),
		flags: fc.integer({ min: 1, max: 60 }),
		yarns: fc.constantFrom([A.id], [A.id, B.id], [B.id, A.id, A.id]),
		width: fc.oneof(
			fc.record({
				by: fc.constant('stitches' as const),
				stitches: fc.integer({ min: 5, max: 190 })
			}),
			fc.record({
				by: fc.constant('size' as const),
				cm: fc.double({ min: 3, max: 120, noNaN: true })
			})
		),
		everyRows: fc.constantFrom(2 as const, 4 as const, 6 as const),
		way: fc.constantFrom('single' as const, 'double' as const),
		tip: fc.integer({ min: 3, max: 8 }),
		turn: fc.constantFrom('switch' as const, 'hand' as const)
	});
	fc.assert(
		fc.property(someOptions, machineArb, (options, machine) => {
			expect(buntingOptions.safeParse(options).success).toBe(true);
			const bench = {
				...benchOf(),
				machines: [machine],
				swatches: [swatchOf(machine, A, [readingOf(14, 20)])]
			};
			const p = plan({ ...projectOf(options, machine), options }, bench);
			const again = plan({ ...projectOf(options, machine), options }, bench);
			expect(JSON.stringify(p)).toBe(JSON.stringify(again));
			if (!p.ok) throw new Error('no plan');
			if (p.findings.some((f) => f.severity === 'stop')) return;
			expect(JSON.stringify(p)).not.toMatch(/NaN|Infinity/);
			const piece = p.pieces[0]!;
			expect(piece.stitches.last).toBe(options.tip);
			expect(piece.mainRows % 2).toBe(0);
			expect(p.pieces.reduce((t, x) => t + x.count, 0)).toBe(options.flags);
		}),
		{ seed: 8, numRuns: 300 }
	);
});
