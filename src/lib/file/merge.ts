import { sideBySide } from '../core/count/side-by-side';
import { foldRun } from '../core/count/run';
import type { Everything } from './everything';

type Kind = 'machines' | 'yarns' | 'swatches' | 'tests' | 'projects' | 'results' | 'orders';

/** What an import would do to one record. */
export interface Change {
	readonly kind: Kind;
	readonly id: string;
	readonly name: string;
	readonly effect: 'new' | 'same' | 'differs';
}

export interface Preview {
	readonly changes: readonly Change[];
	/** Run events not here yet; they are added by id, never doubled. */
	readonly newEvents: number;
	/** Runs that go on by what the file brings, in rows over all their pieces. */
	readonly runs: readonly RunChange[];
}

export interface RunChange {
	readonly projectId: string;
	readonly name: string;
	readonly newEvents: number;
	readonly rowsBefore: number;
	readonly rowsAfter: number;
	/** Both sides counted rows the other does not know: which of them were the same is asked at the crank. */
	readonly sideBySide: boolean;
}

/** Rows done over all pieces of a run. */
const rowsOf = (events: Everything['events']): number => {
	const pieces = new Set(events.flatMap((e) => ('piece' in e ? [e.piece] : [])));
	return [...pieces].reduce((t, piece) => t + foldRun(events, piece).done, 0);
};

function runChanges(mine: Everything, file: Everything): RunChange[] {
	return file.projects.flatMap((p): RunChange[] => {
		const here = mine.events.filter((e) => e.projectId === p.id);
		const there = file.events.filter((e) => e.projectId === p.id);
		const ids = new Set(here.map((e) => e.id));
		const fresh = there.filter((e) => !ids.has(e.id));
		if (here.length === 0 || fresh.length === 0) return [];
		return [
			{
				projectId: p.id,
				name: p.name,
				newEvents: fresh.length,
				rowsBefore: rowsOf(here),
				rowsAfter: rowsOf([...here, ...fresh]),
				sideBySide: sideBySide(here, there).length > 0
			}
		];
	});
}

/** Equality of plain data, whatever the order of its keys. */
export function sameData(a: unknown, b: unknown): boolean {
	if (Object.is(a, b)) return true;
	if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
	if (Array.isArray(a) !== Array.isArray(b)) return false;
	const keys = Object.keys(a);
	if (keys.length !== Object.keys(b).length) return false;
	return keys.every(
		(k) => k in b && sameData(a[k as keyof typeof a], (b as Record<string, unknown>)[k])
	);
}

interface Named {
	readonly id: string;
}

const nameOf = (kind: Kind, item: Named, all: Everything): string => {
	if (kind === 'yarns') {
		const y = all.bench.yarns.find((x) => x.id === item.id);
		return y ? `${y.name}, ${y.colourName}` : item.id;
	}
	if (kind === 'swatches' || kind === 'tests') {
		const s = all.bench[kind].find((x) => x.id === item.id);
		const y = all.bench.yarns.find((x) => x.id === s?.yarnId);
		const what = kind === 'swatches' ? 'Swatch' : 'Test';
		return `${what} of ${y ? `${y.name}, ${y.colourName}` : 'a yarn'}`;
	}
	if (kind === 'results') {
		const r = all.results.find((x) => x.id === item.id);
		const p = all.projects.find((x) => x.id === r?.projectId);
		return `Result of ${p?.name ?? 'a project'}`;
	}
	return (item as Named & { name?: string }).name ?? item.id;
};

const lists = (all: Everything): Record<Kind, readonly Named[]> => ({
	machines: all.bench.machines,
	yarns: all.bench.yarns,
	swatches: all.bench.swatches,
	tests: all.bench.tests,
	projects: all.projects,
	results: all.results,
	orders: all.orders
});

/** What importing `file` would change in `mine`, record by record. Nothing is written. */
export function previewImport(mine: Everything, file: Everything): Preview {
	const have = lists(mine);
	const changes = (Object.entries(lists(file)) as [Kind, readonly Named[]][]).flatMap(
		([kind, items]) =>
			items.map((item): Change => {
				const old = have[kind].find((x) => x.id === item.id);
				const effect = !old ? 'new' : sameData(old, item) ? 'same' : 'differs';
				return { kind, id: item.id, name: nameOf(kind, item, file), effect };
			})
	);
	const ids = new Set(mine.events.map((e) => e.id));
	return {
		changes,
		newEvents: file.events.filter((e) => !ids.has(e.id)).length,
		runs: runChanges(mine, file)
	};
}
