import type * as z from 'zod';
import { machine, swatch, yarn, yarnTest } from '../core/model/bench';
import { order } from '../core/model/order';
import { writtenPattern } from '../core/model/written';
import { evidence, result, runEvent } from '../core/model/project';
import { firstIssue } from '../file/issue';
import { knownProject } from '../file/known-project';
import type { Records } from './store';

/** What every record of a table has to be: the very schemas of the file format, so that a backup of the store always opens. */
const SCHEMAS = {
	machines: machine,
	yarns: yarn,
	swatches: swatch,
	tests: yarnTest,
	projects: knownProject,
	results: result,
	orders: order,
	patterns: writtenPattern,
	carried: evidence,
	events: runEvent
} as const satisfies Record<string, z.ZodType>;
export type Table = keyof typeof SCHEMAS;

/** A record that does not read: kept as it is, apart, until the maker mends or removes it. */
export interface Unsound {
	readonly table: Table;
	readonly id: string;
	readonly name: string;
	/** Where it does not read, and what was expected there. */
	readonly path: string;
	readonly expected: string;
	readonly raw: unknown;
}

const text = (raw: unknown, key: string): string | undefined => {
	const value = (raw as Record<string, unknown> | null)?.[key];
	return typeof value === 'string' && value !== '' ? value : undefined;
};
const idKey = (table: Table): string => (table === 'carried' ? 'resultId' : 'id');

/** What is wrong with a record; null where it reads. */
export function unsoundness(table: Table, raw: unknown): Unsound | null {
	const parsed = SCHEMAS[table].safeParse(raw);
	if (parsed.success) return null;
	const { path, expected } = firstIssue(parsed.error);
	const id = text(raw, idKey(table)) ?? '';
	return { table, id, name: text(raw, 'name') ?? id, path, expected, raw };
}

/** A list with what does not read set apart. */
export function apart<T>(table: Table, list: readonly T[]): { sound: T[]; unsound: Unsound[] } {
	const sound: T[] = [];
	const unsound: Unsound[] = [];
	for (const raw of list) {
		const bad = unsoundness(table, raw);
		if (bad) unsound.push(bad);
		else sound.push(raw);
	}
	return { sound, unsound };
}

/** All records that read, and those that do not. */
export function soundRecords(all: Records): { sound: Records; unsound: Unsound[] } {
	const unsound: Unsound[] = [];
	const take = <T>(table: Table, list: readonly T[]): T[] => {
		const split = apart(table, list);
		unsound.push(...split.unsound);
		return split.sound;
	};
	const sound: Records = {
		machines: take('machines', all.machines),
		yarns: take('yarns', all.yarns),
		swatches: take('swatches', all.swatches),
		tests: take('tests', all.tests),
		projects: take('projects', all.projects),
		results: take('results', all.results),
		carried: take('carried', all.carried),
		orders: take('orders', all.orders),
		patterns: take('patterns', all.patterns)
	};
	return { sound, unsound };
}

type Plain = Record<string | number, unknown>;
const isPlain = (v: unknown): v is Plain => typeof v === 'object' && v !== null;
const MOST_TRIES = 60;

/**
 * A record made to read, field by field: what does not fit takes the value of `usual` at its place, or goes where that has
 * none. Null where nothing helps. `changed` names the places.
 */
export function mended(
	table: Table,
	raw: unknown,
	usual: unknown
): { readonly record: object; readonly changed: readonly string[] } | null {
	if (!isPlain(raw)) return null;
	const record = structuredClone(raw);
	const changed: string[] = [];
	for (let i = 0; i < MOST_TRIES; i++) {
		const parsed = SCHEMAS[table].safeParse(record);
		if (parsed.success) return { record, changed };
		const path = parsed.error.issues[0]?.path.map((p) => p as string | number) ?? [];
		if (path.length === 0 || !put(record, path, valueAt(usual, path))) return null;
		const place = path.join('.');
		// The same place twice: what stands there as usual does not fit either.
		if (changed.includes(place)) return null;
		changed.push(place);
	}
	return null;
}

const valueAt = (root: unknown, path: readonly (string | number)[]): unknown =>
	path.reduce<unknown>((v, key) => (isPlain(v) ? v[key] : undefined), root);

function put(root: Plain, path: readonly (string | number)[], value: unknown): boolean {
	const host = valueAt(root, path.slice(0, -1));
	const key = path.at(-1);
	if (!isPlain(host) || key === undefined) return false;
	if (value !== undefined) host[key] = structuredClone(value);
	else if (Array.isArray(host) && typeof key === 'number') host.splice(key, 1);
	else if (key in host) Reflect.deleteProperty(host, key);
	else return false;
	return true;
}
