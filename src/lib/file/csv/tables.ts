import { swatch as swatchSchema } from '../../core/model/bench';
import type { Bench } from '../../core/model/project';
import type { Everything } from '../everything';
import { Cells, header, placesOf, type Column, type Trouble } from './columns';
import { readCsv, writeCsv, type Record } from './rfc4180';
import {
	gatherSwatches,
	readSwatchLine,
	SWATCH_COLUMNS,
	swatchLines,
	type Known
} from './swatches';
import { readTest, TEST_COLUMNS, testCells } from './tests';
import { readYarn, YARN_COLUMNS, yarnCells, yarnKey } from './yarns';

export const TABLES = ['yarns', 'swatches', 'tests'] as const;
export type TableKind = (typeof TABLES)[number];
const COLUMNS: { readonly [K in TableKind]: readonly Column[] } = {
	yarns: YARN_COLUMNS,
	swatches: SWATCH_COLUMNS,
	tests: TEST_COLUMNS
};

/** Larger tables are refused unread. */
export const MAX_TABLE_BYTES = 2_000_000;
export const MAX_TABLE_LINES = 5000;
const MOST_TROUBLES = 200;

type Tabled = Pick<Bench, 'machines' | 'yarns' | 'swatches' | 'tests'>;

/** One table of the bench as CSV. Yarns held together are left out: they follow from their parts. */
export function writeTable(kind: TableKind, bench: Tabled): string {
	const machines = new Map(bench.machines.map((m) => [m.id, m.name]));
	const yarns = new Map(bench.yarns.map((y) => [y.id, y]));
	const rows =
		kind === 'yarns'
			? bench.yarns.filter((y) => y.heldTogether.length === 0).map(yarnCells)
			: kind === 'swatches'
				? bench.swatches.flatMap((s) => {
						const y = yarns.get(s.yarnId);
						return y ? swatchLines(s, machines.get(s.machineId) ?? '', y) : [];
					})
				: bench.tests.flatMap((t) => {
						const y = yarns.get(t.yarnId);
						return y ? [testCells(t, machines.get(t.machineId) ?? '', y)] : [];
					});
	return writeCsv(COLUMNS[kind].map(header), rows);
}

export interface TableContext {
	readonly bench: Bench;
	readonly newId: () => string;
	/** The time of tests that do not say when they were, ms since 1970. */
	readonly now: number;
}

export type TableRead =
	| {
			readonly ok: true;
			readonly kind: TableKind;
			readonly lines: number;
			/** The records as they would be, to be previewed and then written as any import. */
			readonly file: Everything;
	  }
	| { readonly ok: false; readonly kind: TableKind | null; readonly troubles: readonly Trouble[] };

/** The kind of table whose needed columns are all in the header; the one with most of its columns where several fit. */
function kindOf(head: Record): TableKind | undefined {
	const fits = TABLES.flatMap((kind) => {
		const places = placesOf(head, COLUMNS[kind]);
		const complete = COLUMNS[kind].every((c) => !c.needed || places.has(c.name));
		return complete ? [{ kind, found: places.size }] : [];
	});
	return fits.sort((a, b) => b.found - a.found)[0]?.kind;
}

const neededHeaders = (kind: TableKind): string =>
	COLUMNS[kind]
		.filter((c) => c.needed)
		.map(header)
		.join(', ');

function knownOf({ machines, yarns }: Bench): Known {
	const lower = (s: string) => s.trim().toLowerCase();
	return {
		// By name; by pins where only one machine has so many.
		machine: (typed) => {
			const named = machines.find((m) => lower(m.name) === lower(typed));
			const pins = /^(\d+)( pins)?$/.exec(lower(typed))?.[1];
			const counted = machines.filter((m) => String(m.pins) === pins);
			return named ?? (counted.length === 1 ? counted[0] : undefined);
		},
		yarn: (name, colourName) =>
			yarns.find((y) => lower(y.name) === lower(name) && lower(y.colourName) === lower(colourName)),
		machines: machines.map((m) => m.name),
		yarns: yarns.map((y) => `${y.name}, ${y.colourName}`)
	};
}

const fileTrouble = (line: number, what: Trouble['what']): Trouble => ({
	line,
	column: null,
	header: '',
	what
});

/**
 * Reads a table of yarns, swatches or tests, whichever its header says. Nothing is written; anything that cannot be read
 * refuses the whole table, each fault with its line and column (both from 1).
 */
export function readTable(text: string, context: TableContext): TableRead {
	const refuse = (kind: TableKind | null, ...troubles: Trouble[]): TableRead => ({
		ok: false,
		kind,
		troubles: troubles
			.sort((a, b) => a.line - b.line || (a.column ?? 0) - (b.column ?? 0))
			.slice(0, MOST_TROUBLES)
	});
	const csv = readCsv(text);
	if (!csv.ok) return refuse(null, fileTrouble(csv.line, { code: 'quote' }));
	const [head, ...records] = csv.records;
	const kind = head && kindOf(head);
	if (!head || !kind)
		return refuse(
			null,
			fileTrouble(1, { code: 'no-table', wanted: TABLES.map((k) => `${k}: ${neededHeaders(k)}`) })
		);
	if (records.length > MAX_TABLE_LINES)
		return refuse(kind, fileTrouble(1, { code: 'too-many-lines', most: MAX_TABLE_LINES }));
	const troubles: Trouble[] = [];
	const places = placesOf(head, COLUMNS[kind]);
	const lines = records.flatMap((r) => {
		if (r.cells.length <= head.cells.length) return [new Cells(r, places, troubles)];
		const [cells, wanted] = [r.cells.length, head.cells.length];
		troubles.push(fileTrouble(r.line, { code: 'too-many-cells', cells, wanted }));
		return [];
	});
	const file = bodyOf(kind, lines, context);
	for (const s of file.bench.swatches) {
		const sound = swatchSchema.safeParse(s);
		if (!sound.success)
			troubles.push(
				fileTrouble(1, { code: 'invalid', expected: 'at most 60 readings of one swatch' })
			);
	}
	if (troubles.length > 0) return refuse(kind, ...troubles);
	return { ok: true, kind, lines: lines.length, file };
}

function bodyOf(kind: TableKind, lines: readonly Cells[], context: TableContext): Everything {
	const { bench, newId } = context;
	const empty: Bench = { machines: [], yarns: [], swatches: [], tests: [], evidence: [] };
	const all = (part: Partial<Bench>): Everything => ({
		bench: { ...empty, ...part },
		projects: [],
		orders: [],
		patterns: [],
		practised: [],
		events: [],
		results: []
	});
	const known = knownOf(bench);
	switch (kind) {
		case 'yarns': {
			const byId = new Map<string, Bench['yarns'][number]>(bench.yarns.map((y) => [y.id, y]));
			const byKey = new Map(bench.yarns.map((y) => [yarnKey(y), y]));
			const seen = new Map<string, number>();
			return all({
				yarns: lines.flatMap((cells) => {
					const yarn = readYarn(
						cells,
						({ id, key }) => (id === undefined ? undefined : byId.get(id)) ?? byKey.get(key),
						newId
					);
					if (!yarn) return [];
					const first = seen.get(yarn.id);
					if (first !== undefined) {
						cells.refuse('name', { code: 'twice', first });
						return [];
					}
					seen.set(yarn.id, cells.line);
					return [yarn];
				})
			});
		}
		case 'swatches':
			return all({
				swatches: gatherSwatches(
					lines.flatMap((cells) => readSwatchLine(cells, known, newId) ?? []),
					bench.swatches,
					newId
				)
			});
		case 'tests':
			return all({
				tests: lines.flatMap((cells) => readTest(cells, known, context) ?? [])
			});
	}
}
