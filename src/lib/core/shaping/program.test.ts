import { describe, expect, it } from 'vitest';
import { machineOf } from '../../../../tests/support/bench';
import { edgeOfSide, panelPins, sideOfEdge } from '../bench/machine/panel';
import { programRows, WASTE, type Op } from '../program/program';
import { LOOP } from '../simulate/fabric';
import { simulate } from '../simulate/simulate';
import { panelProgram, startEdge, wasteFor } from './program';
import { ownLine } from './edge-schedule';
import type { PieceSchedule } from './schedule';

const machine = machineOf(48);
/** Twenty stitches, ten rows; on the right a group of three, on the left a single and a double. */
const schedule = (
	shaping: PieceSchedule['rules']['shaping'],
	patch: Partial<PieceSchedule> = {}
): PieceSchedule => ({
	stitches: 20,
	rows: 10,
	left: ownLine([
		{ row: 4, stitches: 1, how: 'single' },
		{ row: 6, stitches: 2, how: 'double' }
	]),
	right: ownLine([{ row: 4, stitches: 3, how: 'group' }]),
	remaining: 14,
	parts: [],
	rules: { shaping, edgeStitches: 1, seam: { left: 1, right: 1 }, yarnAt: 'right' },
	...patch
});
const making = {
	machine,
	turn: 'switch' as const,
	wasteStart: 4,
	sections: [{ yarn: 0, rows: 10 }],
	wasteEnd: 0
};
const kinds = (program: readonly Op[]) => program.map((o) => o.op);

describe('what the machine is told', () => {
	it('fashioned: the group first, where the yarn is, then the decrease', () => {
		const program = panelProgram(schedule('fashioned'), making);
		expect(program.slice(0, 4)).toEqual([
			// Waste is woven; a finished edge would be wrapped.
			{ op: 'cast-on', method: 'weave', yarn: WASTE, from: 2, to: 22 },
			{ op: 'work', as: 'panel', by: 'switch', edge: 'under-bar' },
			{ op: 'rows', count: 4 },
			{ op: 'join', yarn: 0 }
		]);
		expect(program.slice(4)).toEqual([
			{ op: 'rows', count: 4 },
			{ op: 'cast-off', edge: 'low', count: 3 },
			{ op: 'decrease', edge: 'high', way: 'single', edgeStitches: 1 },
			{ op: 'rows', count: 2 },
			{ op: 'decrease', edge: 'high', way: 'double', edgeStitches: 1 },
			{ op: 'rows', count: 4 },
			{ op: 'cut' },
			{ op: 'take-off', method: 'needle' }
		]);
		expect(simulate(program, machine).faults).toEqual([]);
	});

	it('stacked: the edge stitch goes in, once or twice', () => {
		const program = panelProgram(schedule('stacked'), making);
		expect(kinds(program).filter((o) => o === 'move-in')).toHaveLength(3);
		expect(simulate(program, machine).faults).toEqual([]);
	});

	it('held: groups on waste yarn stay as held loops', () => {
		const held = schedule('held', {
			left: ownLine([{ row: 5, stitches: 2, how: 'group' }]),
			remaining: 15
		});
		const { fabric, faults } = simulate(panelProgram(held, making), machine);
		expect(faults).toEqual([]);
		expect([...fabric.state].filter((s) => s === LOOP.held)).toHaveLength(5);
	});

	it('colours join where their rows begin, an equal neighbour does not', () => {
		const program = panelProgram(schedule('fashioned'), {
			...making,
			sections: [
				{ yarn: 0, rows: 3 },
				{ yarn: 0, rows: 2 },
				{ yarn: 1, rows: 2 },
				{ yarn: 0, rows: 90 }
			]
		});
		const joins = program.flatMap((o) => (o.op === 'join' ? [o.yarn] : []));
		expect(joins).toEqual([0, 1, 0]);
		expect(programRows(program)).toBe(4 + 10);
	});

	it('ladders are laid before the first row and latched after the last', () => {
		const program = panelProgram(
			schedule('fashioned', { left: ownLine([]), right: ownLine([]), remaining: 20 }),
			{
				...making,
				ladders: [
					{ after: 5, columns: 6 },
					{ after: 11, columns: 6 }
				]
			}
		);
		const at = (op: Op['op']) => kinds(program).indexOf(op);
		expect(at('extend')).toBeGreaterThan(at('join'));
		expect(at('latch-extension')).toBeGreaterThan(at('extend'));
		const { faults, fabric } = simulate(program, machine);
		expect(faults).toEqual([]);
		// Twenty stitches and twice six columns in a row.
		const last = fabric.rows - 1;
		expect(fabric.rowStart[last + 1]! - fabric.rowStart[last]!).toBe(32);
	});

	it('cranked off on waste, loops are safe', () => {
		const program = panelProgram(schedule('fashioned'), { ...making, wasteEnd: 4 });
		expect(program.at(-1)).toEqual({ op: 'take-off', method: 'crank' });
		expect(simulate(program, machine).faults).toEqual([]);
	});
});

describe('the side of the yarn', () => {
	it('is swapped by one row of waste', () => {
		expect([0, 1, 4, 5].map(startEdge)).toEqual(['low', 'high', 'low', 'high']);
		expect([
			wasteFor('low', 4),
			wasteFor('high', 4),
			wasteFor('high', 0),
			wasteFor('low', 0)
		]).toEqual([4, 5, 1, 0]);
	});

	it('right on the fabric is the low pin where the ring turns clockwise', () => {
		for (const turns of ['clockwise', 'anticlockwise'] as const)
			for (const rightSide of ['away', 'toward'] as const)
				for (const side of ['left', 'right'] as const)
					expect(sideOfEdge(edgeOfSide(side, { turns, rightSide }), { turns, rightSide })).toBe(
						side
					);
		const right = (turns: 'clockwise' | 'anticlockwise', rightSide: 'away' | 'toward') =>
			edgeOfSide('right', { turns, rightSide });
		expect(right('clockwise', 'away')).toBe('low');
		expect(right('anticlockwise', 'away')).toBe('high');
		// Toward the maker nothing is swapped.
		expect(right('clockwise', 'toward')).toBe('high');
		expect(right('anticlockwise', 'toward')).toBe('low');
	});

	it('a panel by hand keeps clear of marker and trip, by the switch of its stops', () => {
		expect(panelPins(machine, 'switch', 20)).toEqual({ from: 2, most: 44 });
		const hand = panelPins(machine, 'hand', 20);
		expect(hand.most).toBeLessThan(48);
		expect(hand.from).toBeGreaterThan(1);
		expect(hand.from + 20).toBeLessThanOrEqual(47);
	});
});
