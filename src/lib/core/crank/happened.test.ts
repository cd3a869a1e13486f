import { describe, expect, it } from 'vitest';
import { machineOf } from '../../../../tests/support/bench';
import { benchWith, everyStart } from '../../../../tests/support/every';
import type { RunEvent } from '../model/project';
import { plan, type PlannedPiece } from '../plan';
import { say } from '../quantity/say';
import { eventContext } from '../words/context';
import { wordEvent } from '../words/events';
import { wordFed } from '../words/feed';
import { wordHappened, wordOffNow } from '../words/happened';
import { wordProgress } from '../words/progress';
import { feedNow, offNow, shortOf, withHappened } from './happened';
import { rowTimes } from './pace';
import { foldRun } from './run';

const bench = benchWith(48);
const planOf = (recipe: string, options: object = {}) => {
	const begun = everyStart((p) => p, [bench]).find((b) => b.what === recipe)!;
	const p = plan(
		{ ...begun.project, options: { ...begun.project.options, ...options } as never },
		bench
	);
	if (!p.ok) throw new Error(recipe);
	return p;
};
let n = 0;
const event = (e: object): RunEvent =>
	({ id: `e${n}`, projectId: 'p', at: 1000 * n, n: n++, piece: 'tube', ...e }) as RunEvent;
const rows = (count: number) => Array.from({ length: count }, () => event({ type: 'row' }));
const at = (p: PlannedPiece, events: readonly RunEvent[]) => foldRun(events, p.id);

describe('what happens between two rows', () => {
	const p = planOf('lined-hat');
	const piece = p.pieces[0]!;

	it('is undone like a row, in its turn', () => {
		const run = [
			...rows(10),
			event({ type: 'ball', row: 10 }),
			event({ type: 'note', row: 10, text: 'thin here' }),
			...rows(1)
		];
		expect(at(piece, run)).toMatchObject({ done: 11 });
		const undo = () => event({ type: 'undo' });
		const back = [undo(), undo(), undo(), undo()];
		const after = (k: number) => {
			const s = at(piece, [...run, ...back.slice(0, k)]);
			return [s.done, s.happened.map((h) => h.type)];
		};
		expect([0, 1, 2, 3, 4].map(after)).toEqual([
			[11, ['ball', 'note']],
			[10, ['ball', 'note']],
			[10, ['ball']],
			[10, []],
			[9, []]
		]);
		// A row that was undone past a note has no time of its own; one that stands keeps it.
		const times = (k: number) => rowTimes([...run, ...back.slice(0, k)], 'tube').length;
		expect([0, 1, 2, 3, 4].map(times)).toEqual([11, 10, 10, 10, 9]);
	});

	it('a new ball is tied two rows on, and never past the end', () => {
		const ball = (row: number) => [event({ type: 'ball', row }) as never];
		const tie = (row: number) =>
			withHappened(piece, ball(row)).events.find((e) => e.kind === 'tie' && e.since === 'ball')!;
		expect(tie(40)).toMatchObject({ after: 42, rows: 2, in: 'tube' });
		expect(wordEvent(tie(40), eventContext(p, piece.machine, 'cm')).how).toContain(
			'2 rows after the new ball'
		);
		const { totalRows } = piece.sheet;
		expect(tie(totalRows - 1)).toMatchObject({ after: totalRows, rows: 1 });
		const { events } = withHappened(piece, ball(40));
		expect(events.map((e) => e.after)).toEqual(
			events.map((e) => e.after).toSorted((a, b) => a - b)
		);
	});

	it('another slot or hand holds from there on', () => {
		const feeds = [
			event({ type: 'feed', row: 5, slot: 1, hand: 'light' }),
			event({ type: 'feed', row: 9, slot: 3, hand: 'crossed' })
		] as never[];
		expect(feedNow(piece.feeds[0], [])).toMatchObject({ slot: 2, by: 'swatch' });
		expect(feedNow(piece.feeds[0], feeds)).toMatchObject({ slot: 3, hand: 'crossed' });
		expect(wordFed({ slot: 3, hand: 'crossed' }, piece.machine)).toBe(
			'through slot 3 of 3, crossed over a finger'
		);
		expect(wordFed({ slot: 0, hand: 'light' }, machineOf(22))).toBe('lightly through the fingers');
	});

	it('is told with the main row it came after', () => {
		const h = event({ type: 'ball', row: piece.sheet.wasteBefore + 12 }) as never;
		expect(wordHappened(h, piece.sheet.wasteBefore, piece.machine)).toBe(
			'After row 12: a new ball.'
		);
	});
});

describe('a piece that leaves the machine before its plan ends', () => {
	it('is as long as the rows there are, a hem doubled only once it hangs', () => {
		const p = planOf('lined-hat');
		const [piece] = p.pieces;
		const { wasteBefore } = piece!.sheet;
		const perCm = piece!.gauges[0]!.rowsPerCm.mean;
		const off = offNow(piece!, wasteBefore + 60);
		expect(off).toMatchObject({ rows: 60, planned: piece!.mainRows });
		expect(off.long.mean).toBeCloseTo(60 / perCm, 9);
		expect(wordOffNow(off, say('cm'))).toMatch(
			/^60 rows of \d+ are knitted: .* long, where .* was planned\.$/
		);
		const hem = planOf('hem-hat').pieces[0]!;
		const rowsOf = (n: number) => offNow(hem, hem.sheet.wasteBefore + n).long.mean * perCm;
		const hung = hem.rowByRow.works.find((w) => w.work.some((x) => x.do === 'hang-hem'))!.after;
		const hemRows = hung - hem.sheet.wasteBefore;
		expect(rowsOf(hemRows)).toBeCloseTo(hemRows, 6);
		expect(rowsOf(hemRows + 2)).toBeCloseTo(hemRows / 2 + 2, 6);
	});
});

describe('a plan changed while a piece is on the machine', () => {
	const before = planOf('lined-hat', { length: { by: 'rows', rows: 110 } });
	const after = (n: number) => planOf('lined-hat', { length: { by: 'rows', rows: n } });
	const piece = before.pieces[0]!;
	const run = [event({ type: 'start' }), ...rows(piece.sheet.wasteBefore + 80)];

	it('asks only where fewer rows are planned than are knitted', () => {
		expect(shortOf(before.pieces, after(80).pieces, run)).toEqual([]);
		expect(shortOf(before.pieces, after(78).pieces, run)).toEqual([
			{ key: 'tube', name: piece.name, knitted: 80, planned: 78 }
		]);
		expect(shortOf(before.pieces, after(78).pieces, [...run, event({ type: 'off' })])).toEqual([]);
	});

	it('says how far it is, and what comes next by the plan as it is now', () => {
		const said = (p: ReturnType<typeof after>) => {
			const own = p.pieces[0]!;
			const make = { key: 'tube', piece: own, copy: 1 };
			return wordProgress(make, at(own, run), eventContext(p, own.machine, 'cm'));
		};
		expect(said(before)).toMatch(/: 80 rows of 110 are knitted, 30 rows to go\./);
		expect(said(after(120))).toMatch(/80 rows of 120 are knitted, 40 rows to go\./);
	});
});
