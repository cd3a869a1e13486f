import { entryAt } from '../../core/quantity/sure';
import {
	FAULTS,
	HANDS,
	VERDICTS,
	yarnTest,
	type Yarn,
	type YarnTest
} from '../../core/model/bench';
import type { Cell, Cells, Column } from './columns';
import { pairOf, type Known } from './swatches';

export const TEST_COLUMNS: readonly Column[] = [
	{ name: 'machine', needed: true },
	{ name: 'yarn', needed: true },
	{ name: 'colour name', needed: true },
	{ name: 'strands' },
	{ name: 'slot' },
	{ name: 'hand tension' },
	{ name: 'rows tried' },
	...FAULTS.map((name) => ({ name })),
	{ name: 'verdict', needed: true },
	{ name: 'when' },
	{ name: 'note' },
	{ name: 'test id' }
];

export const testCells = (t: YarnTest, machine: string, y: Yarn): Cell[] => [
	machine,
	y.name,
	y.colourName,
	t.strands,
	t.slot,
	t.hand,
	t.rows,
	...FAULTS.map((f) => t.faults[f]),
	t.verdict,
	new Date(t.at).toISOString(),
	t.note,
	t.id
];

function whenOf(cells: Cells, now: number): number | undefined {
	const typed = cells.raw('when');
	if (typed === '') return now;
	const at = Date.parse(typed);
	return Number.isFinite(at) && at >= 0
		? at
		: cells.refuse('when', { code: 'not-understood', typed, wanted: '2026-11-08T10:00:00Z' });
}

/** One line of a table of yarn tests. `now` is the time of one that does not say when it was. */
export function readTest(
	cells: Cells,
	known: Known,
	context: { newId: () => string; now: number }
): YarnTest | undefined {
	const pair = pairOf(cells, known);
	const strands = cells.whole('strands', 1, 4);
	const slot = cells.whole('slot', 0, 6);
	const hand = cells.choice('hand tension', HANDS) ?? 'none';
	const rows = cells.whole('rows tried', 1, 2000, '20');
	const counts = FAULTS.map((f) => [f, cells.whole(f, 0, 999) ?? 0] as const);
	const verdict = cells.choice('verdict', VERDICTS);
	if (verdict === undefined && cells.raw('verdict') === '')
		cells.refuse('verdict', { code: 'empty', wanted: VERDICTS.join(' / ') });
	const at = whenOf(cells, context.now);
	const note = cells.text('note', 2000) ?? '';
	const id = cells.text('test id', 64) ?? context.newId();
	if (!pair || rows === undefined || verdict === undefined || at === undefined) return;
	const made = yarnTest.safeParse({
		id,
		machineId: pair.machine.id,
		yarnId: pair.yarn.id,
		strands: strands ?? pair.yarn.strands,
		slot: slot ?? Math.min(2, pair.machine.slots),
		hand,
		rows,
		faults: Object.fromEntries(counts),
		verdict,
		at,
		note
	});
	if (made.success) return made.data;
	return cells.refuse('machine', {
		code: 'invalid',
		expected: entryAt(made.error.issues, 0).message
	});
}
