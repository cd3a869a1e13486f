import type { Apart } from '$lib/file/backup-format';
import type { Everything } from '$lib/file/everything';
import { apart as setApart } from '$lib/store/sound';
import { benchOf } from '$lib/store/store';
import { readStore } from '$lib/store/transfer';
import type { RecordTable } from './keeper.svelte';
import type { Workbench } from './workbench.svelte';

/** All that the maker has, what is not on the disk yet included, and the records that do not read. */
export interface All {
	readonly all: Everything;
	readonly apart: readonly Apart[];
	/** False where the store could not be read: then it is what this page has, without counted rows. */
	readonly stored: boolean;
}

export async function everythingOf(workbench: Workbench): Promise<All> {
	const { keeper, records, db } = workbench;
	const read = await readStore(db).catch(() => null);
	const apart: Apart[] = [...(read?.apart ?? [])];
	const over = <T extends { readonly id: string }>(table: RecordTable, list: readonly T[]): T[] => {
		const { sound, unsound } = setApart(table, keeper.over(table, list));
		apart.push(...unsound.map(({ raw }) => ({ table, raw })));
		return sound;
	};
	const from: Everything = read?.all ?? {
		bench: benchOf(records),
		projects: records.projects,
		events: [],
		results: records.results,
		orders: records.orders,
		patterns: records.patterns,
		practised: workbench.settings.practised
	};
	const projects = over('projects', from.projects);
	const known = new Set<string>(projects.map((p) => p.id));
	return {
		all: {
			bench: {
				machines: over('machines', from.bench.machines),
				yarns: over('yarns', from.bench.yarns),
				swatches: over('swatches', from.bench.swatches),
				tests: over('tests', from.bench.tests),
				evidence: from.bench.evidence
			},
			projects,
			events: from.events.filter((e) => known.has(e.projectId)),
			results: over('results', from.results).filter((r) => known.has(r.projectId)),
			orders: over('orders', from.orders),
			patterns: over('patterns', from.patterns),
			practised: workbench.settings.practised
		},
		apart,
		stored: read !== null
	};
}
