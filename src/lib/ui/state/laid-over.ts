import type { Unsound } from '$lib/store/sound';
import type { Records } from '$lib/store/store';
import type { Keeper, RecordTable } from './keeper.svelte';

/** A store before it is read. */
export const NOTHING: Records = {
	machines: [],
	yarns: [],
	swatches: [],
	tests: [],
	projects: [],
	results: [],
	carried: [],
	orders: [],
	patterns: []
};

/** What of the store reads, with what is not on the disk yet laid over it. */
export function laidOver(
	stored: Records,
	keeper: Keeper,
	unsound: readonly Pick<Unsound, 'table' | 'id'>[]
): Records {
	const bad = new Set(unsound.map((u) => `${u.table} ${u.id}`));
	const over = <T extends { readonly id: string }>(table: RecordTable, list: readonly T[]) =>
		keeper.over(table, list).filter((r) => bad.size === 0 || !bad.has(`${table} ${r.id}`));
	const { machines, yarns, swatches, tests, projects, results, orders, patterns, carried } = stored;
	return {
		machines: over('machines', machines),
		yarns: over('yarns', yarns),
		swatches: over('swatches', swatches),
		tests: over('tests', tests),
		projects: over('projects', projects),
		results: over('results', results),
		orders: over('orders', orders),
		patterns: over('patterns', patterns),
		carried: carried.filter((e) => !bad.has(`carried ${e.resultId}`))
	};
}
