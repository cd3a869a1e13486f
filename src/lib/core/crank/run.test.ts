import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RunEvent } from '../model/project';
import { makesOf, nameMake, progressOf } from './makes';
import { foldRun, inOrder, nextPlace } from './run';
import { sideBySide } from './side-by-side';

let id = 0;
type Loose = Record<string, unknown> & { type: RunEvent['type'] };
const event = (n: number, e: Loose): RunEvent =>
	({
		id: `e${String(id++).padStart(5, '0')}`,
		projectId: 'p',
		at: n * 1000,
		piece: 'a',
		n,
		...e
	}) as RunEvent;
const rows = (count: number, from: number, piece = 'a') =>
	Array.from({ length: count }, (_, i) => event(from + i, { type: 'row', piece }));

describe('doubt about a count', () => {
	const doubted = [
		...rows(10, 0),
		event(10, { type: 'doubt', why: 'too-late', low: 10, high: 12 })
	];

	it('stands beside the count and moves on with it', () => {
		expect(foldRun(doubted)).toMatchObject({ done: 10, doubt: { low: 10, high: 12 } });
		expect(foldRun([...doubted, ...rows(3, 11)])).toMatchObject({
			done: 13,
			doubt: { low: 13, high: 15 }
		});
		expect(foldRun([...doubted, event(11, { type: 'undo' })])).toMatchObject({
			done: 9,
			doubt: { low: 9, high: 11 }
		});
	});

	it('ends when the maker says what the count is, and that can be undone', () => {
		const settled = [...doubted, event(11, { type: 'settle', to: 11, by: 'counter' })];
		expect(foldRun(settled)).toMatchObject({ done: 11, doubt: null });
		expect(foldRun([...settled, event(12, { type: 'undo' })]).done).toBe(10);
	});

	it('a second one widens the first', () => {
		const wider = [...doubted, event(11, { type: 'doubt', why: 'too-early', low: 9, high: 10 })];
		expect(foldRun(wider).doubt).toMatchObject({ low: 9, high: 12 });
	});
});

describe('several pieces', () => {
	const pieces = [
		{ id: 'a', name: 'Flag', count: 2, sheet: { totalRows: 10 } },
		{ id: 'b', name: 'Cord', count: 1, sheet: { totalRows: 5 } }
	];
	it('come in their order of making, each copy with a key of its own', () => {
		expect(makesOf(pieces).map((m) => [m.key, nameMake(m)])).toEqual([
			['a', 'Flag 1 of 2'],
			['a.2', 'Flag 2 of 2'],
			['b', 'Cord']
		]);
	});

	it('count apart, and the one at hand is the one begun', () => {
		const events = [
			...rows(10, 0),
			event(10, { type: 'off' }),
			...rows(4, 11, 'a.2'),
			event(20, { type: 'fault', piece: 'a.2', row: 3, pin: 5, fault: 'tuck' })
		];
		const p = progressOf(pieces, events);
		expect(p).toMatchObject({ rowsDone: 14, rowsTotal: 25, current: 1, started: true, off: false });
		expect(p.makes[1]!.run.faults).toHaveLength(1);
		expect(p.makes[0]!.run.faults).toHaveLength(0);
		expect(foldRun(events, 'a.2').done).toBe(4);
	});

	it('are off when all are, and the first undone one is next until then', () => {
		expect(progressOf(pieces, [event(0, { type: 'off' })]).current).toBe(1);
		const off = ['a', 'a.2', 'b'].map((piece, i) => event(i, { type: 'off', piece }));
		expect(progressOf(pieces, off)).toMatchObject({ off: true, current: 2, rowsDone: 25 });
		expect(progressOf(pieces, []).started).toBe(false);
	});
});

describe('events of two devices', () => {
	it('fall into the same order whichever list comes first', () => {
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.nat(20), fc.constantFrom('row', 'undo', 'jump')), { maxLength: 30 }),
				fc.array(fc.tuple(fc.nat(20), fc.constantFrom('row', 'undo', 'jump')), { maxLength: 30 }),
				(a, b) => {
					const made = (list: [number, string][]) =>
						list.map(([n, type]) => event(n, { type: type as RunEvent['type'], to: n }));
					const [x, y] = [made(a), made(b)];
					expect(inOrder([...x, ...y])).toEqual(inOrder([...y, ...x]));
					expect(foldRun([...x, ...y])).toEqual(foldRun([...y, ...x]));
				}
			),
			{ seed: 21 }
		);
	});

	it('an event is placed after all its writer knew', () => {
		expect(nextPlace([])).toBe(0);
		expect(nextPlace([...rows(3, 0), ...rows(1, 9)])).toBe(10);
	});

	it('that went there and back are no question', () => {
		const desk = rows(20, 0);
		const phone = [...desk, ...rows(15, 20)];
		expect(sideBySide(desk, phone)).toEqual([]);
		expect(sideBySide(phone, desk)).toEqual([]);
	});

	it('that were counted side by side become one, the same on either device', () => {
		const before = rows(20, 0);
		const desk = [...before, ...rows(3, 20)];
		const phone = [...before, ...rows(5, 20)];
		const [asked] = sideBySide(desk, phone);
		expect(asked).toMatchObject({
			type: 'doubt',
			why: 'two-devices',
			low: 25,
			high: 28,
			piece: 'a'
		});
		expect(sideBySide(phone, desk)[0]).toMatchObject({ id: asked!.id, low: 25, high: 28 });
		const both = [...desk, ...phone.slice(20), asked!];
		expect(foldRun(both)).toMatchObject({ done: 28, doubt: { low: 25, high: 28 } });
		// Other pieces, and what is no row, are no reason to ask.
		expect(sideBySide(desk, [...before, ...rows(5, 20, 'b')])).toEqual([]);
	});
});
