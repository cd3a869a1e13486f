import { describe, expect, it } from 'vitest';
import { A, B, M48, machineOf, planned, projectOf } from '../../../../tests/support/bench';
import { FAULTS } from '../model/bench';
import type { HandWork } from '../crank/row-by-row';
import { LOOP } from '../simulate/fabric';
import { simulate } from '../simulate/simulate';
import { decreaseMoves, decreaseShort, edgeSides, wordHands } from './hands';
import { repairOf } from './repair';
import { isEventRow, isWarnRow, spokenAt } from './spoken';

describe('what is said aloud', () => {
	const plan = planned(
		projectOf({
			scheme: { kind: 'false-brim', main: A.id, brim: B.id, brimRows: 30 },
			length: { by: 'rows', rows: 110 }
		})
	);
	const { sheet } = plan.pieces[0]!;
	const context = {
		units: 'cm' as const,
		machine: plan.machine,
		yarnName: (i: number) => ['foam', 'rust'][i]!,
		strands: () => 1
	};
	it('warns two rows before, counts down, and says what is to be done', () => {
		expect([42, 43, 44, 45].map((done) => spokenAt(sheet, done, context))).toEqual([
			null,
			'Two more, then change to rust.',
			'One more, then change to rust.',
			'Now change to rust.'
		]);
		expect([42, 43, 44, 45].map((d) => isWarnRow(sheet, d))).toEqual([false, true, true, false]);
		expect([44, 45].map((d) => isEventRow(sheet, d))).toEqual([false, true]);
	});

	it('says what falls on one row in one sentence', () => {
		const end = sheet.totalRows;
		expect(spokenAt(sheet, end, context)).toMatch(/^Now /);
		for (let done = 0; done <= end; done++)
			expect(spokenAt(sheet, done, context) ?? '').not.toMatch(/undefined/);
	});
});

describe('a decrease in words', () => {
	const program = (edge: 'low' | 'high') =>
		[
			{ op: 'cast-on', method: 'e-wrap', yarn: 0, from: 2, to: 12 },
			{ op: 'work', as: 'panel', by: 'hand' },
			{ op: 'rows', count: 2 },
			{ op: 'decrease', edge, way: 'single', edgeStitches: 1 },
			{ op: 'rows', count: 1 }
		] as const;

	it('moves the loops that the simulated machine stacks, in its order', () => {
		const work: HandWork = {
			do: 'decrease',
			edge: 'low',
			way: 'single',
			edgeStitches: 1,
			pins: [2, 3, 4]
		};
		expect(decreaseMoves(work, M48)).toEqual([
			'Yarn out of the guide; lift pins 3 to 5 as they rise.',
			'4 down on pin 5 first, its own loop back on top.',
			'The edge stitch of pin 3 to pin 4.',
			'Pin 3 out of work.'
		]);
		const { fabric } = simulate(program('low'), { pins: 14, panelLost: { start: 2, end: 2 } });
		const second = (pin: number) => {
			for (let i = fabric.rowStart[1]!; i < fabric.rowStart[2]!; i++)
				if (fabric.pin[i] === pin) return i;
			throw new Error('no such loop');
		};
		// Of the row before: pin 4's loop (from 0: 3), put down first, shows over that of pin 5, and the edge's at its new pin.
		expect(fabric.state[second(3)]).toBe(LOOP.knittedThrough);
		expect(fabric.state[second(4)]).toBe(LOOP.stacked);
		expect(fabric.pin[fabric.into[second(2)]!]).toBe(3);
		expect(fabric.into[second(3)]).toBe(fabric.into[second(4)]);
	});

	it('says a decrease in one breath too, the same pins in the same order', () => {
		const at = (way: 'single' | 'double', edgeStitches: 1 | 2, pins: number[]) =>
			decreaseShort({ do: 'decrease', edge: 'low', way, edgeStitches, pins }, M48);
		expect(at('single', 1, [2, 3, 4])).toBe(
			'4 down on 5, its own loop on top; 3 to 4; 3 out of work (right edge, on your left).'
		);
		expect(at('double', 1, [2, 3, 4, 5])).toBe(
			'4, then 5 down on 6, its own loop on top; 3 to 5; 3 and 4 out of work (right edge, on your left).'
		);
		expect(at('single', 2, [2, 3, 4, 5])).toBe(
			'5 down on 6, its own loop on top; 4 to 5, 3 to 4; 3 out of work (right edge, on your left).'
		);
	});

	it('names both sides, swapped between the fabric and the maker', () => {
		expect(edgeSides('low', { turns: 'clockwise', rightSide: 'away' })).toEqual({
			maker: 'left',
			fabric: 'right'
		});
		expect(edgeSides('high', { turns: 'clockwise', rightSide: 'away' })).toEqual({
			maker: 'right',
			fabric: 'left'
		});
		expect(edgeSides('low', { turns: 'anticlockwise', rightSide: 'away' })).toEqual({
			maker: 'right',
			fabric: 'left'
		});
		// Where the right side hangs towards the maker both names agree.
		expect(edgeSides('low', { turns: 'clockwise', rightSide: 'toward' })).toEqual({
			maker: 'left',
			fabric: 'left'
		});
	});

	it('at both edges is one thing to do', () => {
		const at = (edge: 'low' | 'high', pins: number[]): HandWork => ({
			do: 'decrease',
			edge,
			way: 'double',
			edgeStitches: 1,
			pins
		});
		const w = wordHands([at('low', [2, 3, 4, 5]), at('high', [20, 19, 18, 17])], M48);
		expect(w.title).toBe('Decrease two at both edges');
		expect(w.how).toContain('the right edge, on your left');
		expect(w.how).toContain('20, then 19 down on pin 18 first');
	});

	it('has words for all the hands do', () => {
		const machine = machineOf(24);
		const works: HandWork[] = [
			{ do: 'move-in', edge: 'low', pins: [2, 3] },
			{ do: 'hold', edge: 'high', pins: [20, 19, 18], breaks: null },
			{ do: 'take-back', edge: 'high', pins: [18, 19, 20] },
			{ do: 'cast-off', edge: 'low', pins: [2, 3, 4] },
			{ do: 'decrease-inside', edge: 'low', pin: 8, pins: [2, 3, 4] },
			{ do: 'drop', pin: 5, pins: [5] },
			{ do: 'latch', pin: 5, pins: [5] },
			{ do: 'repair', pin: 5, pins: [5] },
			{ do: 'extend', pin: 5, columns: 6, pins: [5, 6] },
			{ do: 'latch-extension', pin: 5, pins: [5] },
			{ do: 'hang-hem', row: 3, pins: [0, 1] }
		];
		for (const work of works) {
			const w = wordHands([work], machine);
			expect(w.title.length).toBeGreaterThan(5);
			expect(`${w.title} ${w.how}`).not.toMatch(/undefined|NaN/);
		}
	});
});

describe('repairs', () => {
	it('have steps for every fault, the marker first for a loose loop', () => {
		for (const f of FAULTS) expect(repairOf(f, 40).steps.length).toBeGreaterThanOrEqual(3);
		expect(repairOf('dropped', 40).steps[0]).toMatch(/stitch marker/);
	});
	it('in the first rows it is quicker to start again', () => {
		expect(repairOf('dropped', 3).startAgain).toMatch(/quicker/);
		expect(repairOf('dropped', 4).startAgain).toBeNull();
	});
});
