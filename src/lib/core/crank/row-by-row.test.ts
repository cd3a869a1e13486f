import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ring } from '../../../../tests/support/same-as-slowly';
import type { Edge, Op, Program } from '../program/program';
import { stitchesInRow } from '../simulate/fabric';
import { simulate } from '../simulate/simulate';
import { rowByRowOf, rowAtHand } from './row-by-row';

const PINS = 24;
const edge = fc.constantFrom<Edge>('low', 'high');
const between: fc.Arbitrary<Op> = fc.oneof(
	fc.record({
		op: fc.constant('decrease' as const),
		edge,
		way: fc.constantFrom('single' as const, 'double' as const),
		edgeStitches: fc.constantFrom(1 as const, 2 as const)
	}),
	fc.record({ op: fc.constant('move-in' as const), edge }),
	fc.record({
		op: fc.constantFrom('hold' as const, 'cast-off' as const),
		edge,
		count: fc.integer({ min: 1, max: 3 })
	}),
	fc.record({
		op: fc.constant('take-back' as const),
		edge,
		count: fc.integer({ min: 1, max: 3 })
	})
);
const rows = fc.integer({ min: 1, max: 5 }).map((count): Op => ({ op: 'rows', count }));
const panel = fc
	.array(fc.oneof(rows, between), { minLength: 2, maxLength: 14 })
	.map((body): Program => [
		{ op: 'cast-on', method: 'e-wrap', yarn: 0, from: 2, to: 21 },
		{ op: 'work', as: 'panel', by: 'hand' },
		...body
	]);
const tube: Program = [
	{ op: 'cast-on', method: 'weave', yarn: 0 },
	{ op: 'rows', count: 12 },
	{ op: 'hang-hem', row: 0 },
	{ op: 'rows', count: 7 }
];

describe('a program row by row', () => {
	it('has the widths and the side of the yarn that the simulated machine has, row by row', () => {
		let held = 0;
		fc.assert(
			fc.property(panel, (program) => {
				const { fabric, faults, yarnAt } = simulate(program, ring(PINS));
				if (faults.some((f) => f.code !== 'left-on-machine')) return;
				held += 1;
				const rowByRow = rowByRowOf(program, PINS);
				for (let r = 0; r < fabric.rows; r++) {
					const at = rowAtHand(rowByRow, r)!;
					expect(at.high - at.low + 1).toBe(stitchesInRow(fabric, r));
					expect(at.row).toBe(r + 1);
				}
				expect(rowAtHand(rowByRow, fabric.rows)).toBeUndefined();
				const last = rowAtHand(rowByRow, fabric.rows - 1);
				if (last) expect(last.yarnAt).toBe(yarnAt === 'low' ? 'high' : 'low');
			}),
			{ seed: 31, numRuns: 1500 }
		);
		expect(held).toBeGreaterThan(150);
	});

	it('counts a hung hem as a row, with every pin in work', () => {
		const rowByRow = rowByRowOf(tube, PINS);
		expect(rowByRow.stretches).toMatchObject([{ from: 0, to: 20, low: 0, high: 23, mode: 'tube' }]);
		expect(rowByRow.works).toMatchObject([{ after: 12, work: [{ do: 'hang-hem', row: 0 }] }]);
		expect(rowByRow.works[0]!.work[0]!.pins).toHaveLength(24);
	});

	it('names the pins of a decrease from the edge inward', () => {
		const { works, stretches } = rowByRowOf(
			[
				{ op: 'cast-on', method: 'e-wrap', yarn: 0, from: 2, to: 12 },
				{ op: 'work', as: 'panel', by: 'switch' },
				{ op: 'rows', count: 2 },
				{ op: 'decrease', edge: 'low', way: 'single', edgeStitches: 1 },
				{ op: 'decrease', edge: 'high', way: 'double', edgeStitches: 1 },
				{ op: 'rows', count: 3 }
			],
			PINS
		);
		expect(works).toMatchObject([
			{
				after: 2,
				work: [
					{ do: 'decrease', edge: 'low', pins: [2, 3, 4] },
					{ do: 'decrease', edge: 'high', pins: [11, 10, 9, 8] }
				]
			}
		]);
		expect(stretches.map((s) => [s.low, s.high])).toEqual([
			[2, 11],
			[3, 9]
		]);
	});

	it('even rows go back, odd ones out: even rows end on the starting side', () => {
		const rowByRow = rowByRowOf(
			[
				{ op: 'cast-on', method: 'e-wrap', yarn: 0, from: 2, to: 12 },
				{ op: 'work', as: 'panel', by: 'switch' },
				{ op: 'rows', count: 4 }
			],
			PINS
		);
		expect([0, 1, 2, 3].map((d) => rowAtHand(rowByRow, d)!.yarnAt)).toEqual([
			'low',
			'high',
			'low',
			'high'
		]);
		expect([0, 1].map((d) => rowAtHand(rowByRow, d)!.even)).toEqual([false, true]);
	});
});
