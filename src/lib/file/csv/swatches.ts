import {
	FABRICS,
	HANDS,
	NOTATIONS,
	READING_STATES,
	type CountOver,
	type FabricVerdict,
	type Hand,
	type LoopReading,
	type Machine,
	type Reading,
	type Swatch,
	type Yarn
} from '../../core/model/bench';
import { DENSITY_RANGE } from '../../core/quantity/units';
import type { Cell, Cells, Column } from './columns';

/** One line a reading; a swatch is the readings of one machine, yarn and number of strands. */
export const SWATCH_COLUMNS: readonly Column[] = [
	{ name: 'machine', needed: true },
	{ name: 'yarn', needed: true },
	{ name: 'colour name', needed: true },
	{ name: 'strands' },
	{ name: 'slot' },
	{ name: 'kind', needed: true },
	{ name: 'state' },
	{ name: 'notation' },
	{ name: 'stitches' },
	{ name: 'width', unit: 'cm' },
	{ name: 'rows' },
	{ name: 'length', unit: 'cm' },
	{ name: 'yarn taken', unit: 'm' },
	{ name: 'weight', unit: 'g' },
	{ name: 'hand' },
	{ name: 'fabric' },
	{ name: 'note' },
	{ name: 'swatch id' },
	{ name: 'reading id' }
];
const KINDS = ['gauge', 'unravelled', 'weighed'] as const;

export function swatchLines(s: Swatch, machine: string, y: Yarn): Cell[][] {
	const line = (kind: (typeof KINDS)[number], middle: Cell[], id: string): Cell[] => [
		machine,
		y.name,
		y.colourName,
		s.strands,
		s.slot,
		kind,
		...middle,
		s.hand,
		s.fabric,
		s.note,
		s.id,
		id
	];
	const gauge = s.readings.map((r) =>
		line(
			'gauge',
			[
				r.state,
				r.notation,
				r.stitches?.count ?? null,
				r.stitches?.overCm ?? null,
				r.rows?.count ?? null,
				r.rows?.overCm ?? null,
				null,
				null
			],
			r.id
		)
	);
	const loops = s.loops.map((l) =>
		l.by === 'unravelled'
			? line(l.by, [null, null, l.stitches, null, l.rows, null, l.metres, null], l.id)
			: line(l.by, [null, null, l.stitches, null, null, null, null, l.grams], l.id)
	);
	return [...gauge, ...loops];
}

/** One line read: which swatch it belongs to and the reading it holds. */
export interface SwatchLine {
	readonly line: number;
	readonly swatchId: string | undefined;
	readonly machine: Machine;
	readonly yarn: Yarn;
	readonly strands: number;
	readonly slot: number | undefined;
	readonly hand: Hand | undefined;
	readonly fabric: FabricVerdict | undefined;
	readonly note: string;
	readonly reading: Reading | LoopReading;
}

/** One side of a reading: null where both of its cells are empty, undefined where they do not read. */
function sideOf(
	cells: Cells,
	side: 'stitches' | 'rows',
	over: 'width' | 'length',
	examples: readonly [string, string]
): CountOver | null | undefined {
	if (cells.raw(side) === '' && cells.raw(over) === '') return null;
	const count = cells.number(side, 0.5, 2000, examples[0]);
	const overCm = cells.number(over, 0.1, 1000, examples[1]);
	if (!count || !overCm) return undefined;
	const perCm = count / overCm;
	const { minPerCm, maxPerCm } = DENSITY_RANGE;
	if (perCm >= minPerCm && perCm <= maxPerCm) return { count, overCm };
	return cells.refuse(side, {
		code: 'out-of-range',
		value: perCm * 10,
		min: minPerCm * 10,
		max: maxPerCm * 10,
		unit: `${side} in 10 cm`
	});
}

function readingOf(cells: Cells, id: string): Reading | LoopReading | undefined {
	const kind = cells.choice('kind', KINDS);
	if (kind === undefined)
		return cells.raw('kind') === ''
			? cells.refuse('kind', { code: 'empty', wanted: KINDS.join(' / ') })
			: undefined;
	if (kind === 'gauge') {
		const state = cells.choice('state', READING_STATES) ?? 'rested';
		const notation = cells.choice('notation', NOTATIONS) ?? 'per-10cm';
		const stitches = sideOf(cells, 'stitches', 'width', ['24', '20']);
		const rows = sideOf(cells, 'rows', 'length', ['40', '20.4']);
		if (stitches === undefined || rows === undefined) return;
		if (!stitches && !rows) return cells.refuse('stitches', { code: 'empty', wanted: '24' });
		return { id, state, notation, stitches, rows };
	}
	if (kind === 'unravelled') {
		const rows = cells.whole('rows', 1, 200, '4');
		const stitches = cells.whole('stitches', 2, 200, '48');
		const metres = cells.number('yarn taken', 0.01, 2000, '5.2');
		return rows && stitches && metres
			? { id, by: 'unravelled', rows, stitches, metres }
			: undefined;
	}
	const stitches = cells.whole('stitches', 20, 100_000, '1920');
	const grams = cells.number('weight', 0.1, 5000, '27');
	return stitches && grams ? { id, by: 'weighed', stitches, grams } : undefined;
}

export interface Known {
	readonly machine: (typed: string) => Machine | undefined;
	readonly yarn: (name: string, colourName: string) => Yarn | undefined;
	readonly machines: readonly string[];
	readonly yarns: readonly string[];
}

/** The machine and the yarn a line speaks of. */
export function pairOf(cells: Cells, known: Known): { machine: Machine; yarn: Yarn } | undefined {
	const typed = cells.text('machine', 80, known.machines[0] ?? '48 pins');
	const name = cells.text('yarn', 80, 'Breakwater');
	const colourName = cells.text('colour name', 80, 'foam');
	const machine = typed === undefined ? undefined : known.machine(typed);
	if (typed !== undefined && !machine)
		cells.refuse('machine', { code: 'no-such', kind: 'machine', typed, known: known.machines });
	if (name === undefined || colourName === undefined) return;
	const yarn = known.yarn(name, colourName);
	if (!yarn)
		cells.refuse('yarn', {
			code: 'no-such',
			kind: 'yarn',
			typed: `${name}, ${colourName}`,
			known: known.yarns
		});
	return machine && yarn ? { machine, yarn } : undefined;
}

export function readSwatchLine(
	cells: Cells,
	known: Known,
	newId: () => string
): SwatchLine | undefined {
	const pair = pairOf(cells, known);
	const strands = cells.whole('strands', 1, 4);
	const slot = cells.whole('slot', 0, 6);
	const hand = cells.choice('hand', HANDS);
	const fabric = cells.choice('fabric', FABRICS);
	const note = cells.text('note', 2000) ?? '';
	const swatchId = cells.text('swatch id', 64);
	const reading = readingOf(cells, cells.text('reading id', 64) ?? newId());
	if (!pair || !reading) return;
	return {
		...pair,
		line: cells.line,
		swatchId,
		strands: strands ?? pair.yarn.strands,
		slot,
		hand,
		fabric,
		note,
		reading
	};
}

const isLoop = (r: Reading | LoopReading): r is LoopReading => 'by' in r;
const withReading = <T extends { id: string }>(list: readonly T[], r: T): T[] =>
	list.some((x) => x.id === r.id) ? list.map((x) => (x.id === r.id ? r : x)) : [...list, r];
const bare = (r: object): string => JSON.stringify({ ...r, id: '' });

/**
 * The swatches that the lines make: each is put to the swatch of its machine, yarn and strands, and a reading that is there
 * already is not doubled. One with the id of a reading here takes its place.
 */
export function gatherSwatches(
	lines: readonly SwatchLine[],
	have: readonly Swatch[],
	newId: () => string
): Swatch[] {
	const made = new Map<string, Swatch>();
	const key = (machineId: string, yarnId: string, strands: number) =>
		`${machineId}|${yarnId}|${strands}`;
	const byPair = new Map(have.map((s) => [key(s.machineId, s.yarnId, s.strands), s]));
	for (const l of lines) {
		const pair = key(l.machine.id, l.yarn.id, l.strands);
		const old = made.get(pair) ?? byPair.get(pair);
		const start: Swatch = old ?? {
			id: (l.swatchId ?? newId()) as Swatch['id'],
			machineId: l.machine.id,
			yarnId: l.yarn.id,
			strands: l.strands,
			slot: l.slot ?? Math.min(2, l.machine.slots),
			hand: 'none',
			fabric: null,
			readings: [],
			loops: [],
			note: ''
		};
		const next = {
			...start,
			slot: l.slot ?? start.slot,
			hand: l.hand ?? start.hand,
			fabric: l.fabric ?? start.fabric,
			note: l.note || start.note
		};
		const there = isLoop(l.reading) ? start.loops : start.readings;
		const doubled = there.some((r) => bare(r) === bare(l.reading) && r.id !== l.reading.id);
		const hasId = there.some((r) => r.id === l.reading.id);
		if (doubled && !hasId) made.set(pair, next);
		else if (isLoop(l.reading))
			made.set(pair, { ...next, loops: withReading(start.loops, l.reading) });
		else made.set(pair, { ...next, readings: withReading(start.readings, l.reading) });
	}
	return [...made.values()];
}
