import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ring, sameAsSlowly } from '../../../../tests/support/same-as-slowly';
import type { Op } from '../program/program';
import { LOOP, stitchesInRow } from './fabric';
import { simulate } from './simulate';

const edge = fc.constantFrom('low' as const, 'high' as const);
const pin = fc.integer({ min: 0, max: 13 });
const small = fc.integer({ min: 1, max: 3 });
/** Anything a maker might do between two rows, sensible or not. */
const between: fc.Arbitrary<Op> = fc.oneof(
	fc.record({
		op: fc.constant('decrease' as const),
		edge,
		way: fc.constantFrom('single' as const, 'double' as const),
		edgeStitches: fc.constantFrom(1 as const, 2 as const)
	}),
	fc.record({
		op: fc.constant('decrease-inside' as const),
		pin,
		edge,
		lifted: fc.integer({ min: 0, max: 6 })
	}),
	fc.record({ op: fc.constant('move-in' as const), edge }),
	fc.record({
		op: fc.constantFrom('hold' as const, 'take-back' as const, 'cast-off' as const),
		edge,
		count: small
	}),
	fc.record({
		op: fc.constantFrom(
			'drop' as const,
			'latch' as const,
			'tuck' as const,
			'split' as const,
			'repair' as const,
			'latch-extension' as const
		),
		pin
	}),
	fc.record({ op: fc.constant('extend' as const), pin, columns: small }),
	fc.record({ op: fc.constant('hang-hem' as const), row: fc.integer({ min: 0, max: 8 }) }),
	fc.record({ op: fc.constant('join' as const), yarn: fc.integer({ min: 0, max: 3 }) })
);
const work: fc.Arbitrary<Op> = fc.constantFrom<Op[]>(
	{ op: 'work', as: 'tube' },
	{ op: 'work', as: 'panel', by: 'hand' },
	{ op: 'work', as: 'panel', by: 'hand', edge: 'off-bar' },
	{ op: 'work', as: 'panel', by: 'hand', edge: 'unguarded' },
	{ op: 'work', as: 'panel', by: 'switch' }
);
const anything = fc
	.record({
		from: fc.integer({ min: 0, max: 3 }),
		to: fc.integer({ min: 8, max: 14 }),
		work,
		steps: fc.array(fc.tuple(fc.array(between, { maxLength: 3 }), fc.integer({ min: 1, max: 3 })), {
			maxLength: 7
		}),
		off: fc.boolean()
	})
	.map(({ from, to, work, steps, off }): Op[] => [
		{
			op: 'cast-on',
			method: 'e-wrap',
			yarn: 0,
			...(work.op === 'work' && work.as === 'tube' ? {} : { from, to })
		},
		work,
		...steps.flatMap(([ops, count]) => [...ops, { op: 'rows' as const, count }]),
		...(off ? [{ op: 'take-off' as const, method: 'needle' as const }] : [])
	]);

describe('anything done by hand, against the slow machine', () => {
	it('gives the same fabric loop by loop, and refuses the same things', () => {
		fc.assert(
			fc.property(anything, (program) => {
				const { faults, model } = sameAsSlowly(program, 14);
				const refusals = faults.filter(
					(f) => !['left-on-machine', 'edge-unguarded'].includes(f.code)
				);
				expect(refusals).toHaveLength(model.refused);
			}),
			{ seed: 14, numRuns: 1500 }
		);
	});

	it('does so where the ring sticks at some pins too', () => {
		fc.assert(
			fc.property(anything, fc.constantFrom([0, 1, 13], [6], [9, 10]), (program, keepOff) => {
				sameAsSlowly(program, 14, keepOff);
			}),
			{ seed: 16, numRuns: 300 }
		);
	});

	it('loses an edge stitch at each turn that nobody guards, by either school none', () => {
		const panel = (edge: 'under-bar' | 'off-bar' | 'unguarded'): Op[] => [
			{ op: 'cast-on', method: 'e-wrap', yarn: 0, from: 3, to: 9 },
			{ op: 'work', as: 'panel', by: 'hand', edge },
			{ op: 'rows', count: 5 },
			{ op: 'take-off', method: 'needle' }
		];
		for (const edge of ['under-bar', 'off-bar'] as const)
			expect(simulate(panel(edge), ring(14)).faults).toEqual([]);
		const { faults } = simulate(panel('unguarded'), ring(14));
		// Five rows have four turns between them, at the far edge first.
		expect(faults.map((f) => [f.code, f.row, f.pin])).toEqual([
			['edge-unguarded', 1, 8],
			['edge-unguarded', 2, 3],
			['edge-unguarded', 3, 8],
			['edge-unguarded', 4, 3]
		]);
	});

	it('conserves loops: every one that was made is in one state, and each new one has one that shows below it', () => {
		fc.assert(
			fc.property(anything, (program) => {
				const { fabric } = simulate(program, ring(14));
				const n = fabric.yarn.length;
				expect(fabric.state.every((s) => s <= LOOP.float)).toBe(true);
				const shown = new Uint8Array(n);
				for (let l = 0; l < n; l++) {
					const into = fabric.into[l]!;
					expect(into === -1 || into > l).toBe(true);
					if (fabric.state[l] === LOOP.knittedThrough && into >= 0) shown[into]!++;
				}
				expect(shown.every((s) => s <= 1)).toBe(true);
				for (let r = 0; r < fabric.rows; r++)
					expect(fabric.rowStart[r]!).toBeLessThanOrEqual(fabric.rowStart[r + 1]!);
				expect(fabric.rowStart[fabric.rows]).toBe(n);
			}),
			{ seed: 15, numRuns: 600 }
		);
	});
});

describe('figures of the trade', () => {
	const panel = (pins: number, ...ops: Op[]): Op[] => [
		{ op: 'cast-on', method: 'weave', yarn: 0, from: 2, to: pins - 2 },
		{ op: 'work', as: 'panel', by: 'switch' },
		...ops
	];
	// Common practice: a full-width panel on 48 pins is 44 stitches, since 2 are lost at the start and 2 at the end.
	it('48 pins give a panel of 44 stitches, and no more', () => {
		const { fabric, faults } = simulate(
			panel(48, { op: 'rows', count: 4 }, { op: 'take-off', method: 'needle' }),
			ring(48)
		);
		expect(faults).toEqual([]);
		expect(stitchesInRow(fabric, 3)).toBe(44);
		const wider: Op[] = [
			{ op: 'cast-on', method: 'weave', yarn: 0, from: 0, to: 46 },
			{ op: 'work', as: 'panel', by: 'switch' },
			{ op: 'rows', count: 2 }
		];
		expect(simulate(wider, ring(48)).faults).toEqual([{ code: 'past-stop', row: 0, pin: 0 }]);
		const byHand = wider.map((o): Op =>
			o.op === 'work' ? { op: 'work', as: 'panel', by: 'hand' } : o
		);
		expect(simulate([...byHand, { op: 'take-off', method: 'needle' }], ring(48)).faults).toEqual(
			[]
		);
	});

	// Common practice: 6 columns in every 6th gap, after pins 6, 12, … 36 of 44, give 80 columns; one in 12 gives 18.
	it.each([
		[44, [6, 12, 18, 24, 30, 36], 80],
		[12, [6], 18]
	])('%i stitches with extensions after %j are %i columns wide', (stitches, after, columns) => {
		const from = 2;
		const program: Op[] = [
			{ op: 'cast-on', method: 'weave', yarn: 0, from, to: from + stitches },
			{ op: 'work', as: 'panel', by: 'hand' },
			...after.map((n): Op => ({ op: 'extend', pin: from + n - 1, columns: 6 })),
			{ op: 'rows', count: 10 },
			...after.map((n): Op => ({ op: 'latch-extension', pin: from + n - 1 })),
			{ op: 'take-off', method: 'needle' }
		];
		const { fabric, faults } = simulate(program, ring(48));
		expect(faults).toEqual([]);
		for (let r = 0; r < 10; r++) expect(stitchesInRow(fabric, r)).toBe(columns);
	});

	// Common practice: on the right side the loop put down first is on top, so that the right edge leans left.
	it('a fashioned decrease shows the middle stitch, over the one nearest the panel', () => {
		const program = panel(
			20,
			{ op: 'rows', count: 2 },
			{ op: 'decrease', edge: 'low', way: 'single', edgeStitches: 1 },
			{ op: 'rows', count: 1 },
			{ op: 'take-off', method: 'needle' }
		);
		const { fabric } = simulate(program, ring(20));
		const at = (row: number, pin: number) =>
			[...Array(fabric.yarn.length).keys()].find(
				(l) => l >= fabric.rowStart[row]! && l < fabric.rowStart[row + 1]! && fabric.pin[l] === pin
			)!;
		const [edgeLoop, middle, near] = [at(1, 2), at(1, 3), at(1, 4)];
		expect(fabric.into[middle!]).toBe(at(2, 4));
		expect(fabric.into[near!]).toBe(at(2, 4));
		expect([fabric.order[middle!], fabric.order[near!]]).toEqual([0, 1]);
		expect(fabric.state[middle!]).toBe(LOOP.knittedThrough);
		expect(fabric.state[near!]).toBe(LOOP.stacked);
		expect(fabric.into[edgeLoop!]).toBe(at(2, 3));
		expect(stitchesInRow(fabric, 2)).toBe(15);
	});

	// Common practice: a hem of 40 rows hung and 25 knitted on: the loops of the hung row are knitted twice.
	it('a hung hem is joined pin by pin to the row it was hung from', () => {
		const program: Op[] = [
			{ op: 'cast-on', method: 'weave', yarn: 0 },
			{ op: 'rows', count: 40 },
			{ op: 'hang-hem', row: 0 },
			{ op: 'rows', count: 24 },
			{ op: 'take-off', method: 'needle' }
		];
		const { fabric, faults } = simulate(program, ring(22));
		expect(faults).toEqual([]);
		expect(fabric.rows).toBe(65);
		expect([...fabric.hung.subarray(0, 22)]).toEqual([...Array(22).keys()].map((p) => 40 * 22 + p));
	});

	it('even rows bring the yarn back to the starting edge, odd ones do not', () => {
		for (const count of [1, 2, 5, 8])
			expect(simulate(panel(20, { op: 'rows', count }), ring(20)).yarnAt).toBe(
				count % 2 ? 'high' : 'low'
			);
	});
});

describe('mishaps and their mending', () => {
	const start: Op[] = [
		{ op: 'cast-on', method: 'weave', yarn: 0 },
		{ op: 'rows', count: 4 }
	];
	const end: Op[] = [
		{ op: 'rows', count: 3 },
		{ op: 'take-off', method: 'needle' }
	];
	const plain = simulate([...start, ...end], ring(10)).fabric;
	const knitted = (...ops: Op[]) => simulate([...start, ...ops, ...end], ring(10)).fabric;

	it('what is mended at once leaves no trace', () => {
		expect(knitted({ op: 'drop', pin: 3 }, { op: 'latch', pin: 3 })).toEqual(plain);
		for (const kind of ['tuck', 'split'] as const) {
			const mended = simulate(
				[
					...start,
					{ op: kind, pin: 3 },
					{ op: 'rows', count: 1 },
					{ op: 'repair', pin: 3 },
					{ op: 'rows', count: 2 },
					{ op: 'take-off', method: 'needle' }
				],
				ring(10)
			).fabric;
			expect({ ...mended, order: null }).toEqual({ ...plain, order: null });
		}
	});

	it('a dropped stitch runs to the cast-on, and the rows above begin anew on its pin', () => {
		const fabric = knitted({ op: 'drop', pin: 3 });
		const states = [...Array(7).keys()].map((r) => fabric.state[r * 10 + 3]);
		expect(states.slice(0, 4)).toEqual(Array(4).fill(LOOP.dropped));
		expect(states.slice(4)).toEqual([LOOP.knittedThrough, LOOP.knittedThrough, LOOP.onNeedle]);
		expect(fabric.into.subarray(0, 40).indexOf(43)).toBe(-1);
	});

	it('a second round without yarn lets every loop go', () => {
		const cut: Op[] = [...start, { op: 'cut' }, { op: 'empty-round' }];
		expect(simulate([...cut, { op: 'take-off', method: 'needle' }], ring(10)).faults).toEqual([]);
		const twice = simulate([...cut, { op: 'empty-round' }], ring(10));
		expect(twice.faults.map((f) => f.code)).toEqual(['live-loops']);
		expect([...twice.fabric.state.subarray(30)]).toEqual(Array(10).fill(LOOP.dropped));
		expect(simulate([...start, { op: 'empty-round' }], ring(10)).faults[0]!.code).toBe(
			'yarn-still-in'
		);
	});
});
