import { sideBySide } from '../core/crank/side-by-side';
import { foldRun } from '../core/crank/run';
import type { Evidence, RunEvent } from '../core/model/project';
import type { Everything } from './everything';
import { dequal } from 'dequal/lite';

type Kind =
	| 'machines'
	| 'yarns'
	| 'swatches'
	| 'tests'
	| 'projects'
	| 'results'
	| 'orders'
	| 'patterns'
	| 'evidence';

/**
 * The evidence of a file that is carried in: of things whose logs are neither here nor in the file. Where the maker keeps a
 * project, its own log speaks for it, and no file changes that.
 */
export function evidenceToCarry(mine: Everything, file: Everything): Evidence[] {
	const known = new Set<string>(mine.projects.map((p) => p.id));
	const logged = new Set<string>([...mine.results, ...file.results].map((r) => r.id));
	return file.bench.evidence.filter((e) => !known.has(e.projectId) && !logged.has(e.resultId));
}

/** A small fingerprint of a text (FNV-1a, 32 bits), to make one id of two. */
function print32(text: string): string {
	let hash = 0x811c9dc5;
	for (const c of text) hash = Math.imul(hash ^ c.codePointAt(0)!, 0x01000193) >>> 0;
	return hash.toString(36);
}
const ID_KEPT = 44;

/**
 * A file's events under ids that are their own: one whose id is another project's here is kept under a new one, always the
 * same, so that it comes in once and once only. `owner` tells whose an id is here.
 */
export function withOwnIds(
	events: readonly RunEvent[],
	owner: (id: string) => string | undefined
): RunEvent[] {
	const renamed = new Map<string, string>();
	for (const e of events) {
		const itsProject = owner(e.id);
		if (itsProject !== undefined && itsProject !== e.projectId)
			renamed.set(
				`${e.projectId} ${e.id}`,
				`${e.id.slice(0, ID_KEPT)}~${print32(`${e.projectId} ${e.id}`)}`
			);
	}
	if (renamed.size === 0) return [...events];
	const idOf = (projectId: string, id: string) => renamed.get(`${projectId} ${id}`) ?? id;
	return events.map((e) => {
		const id = idOf(e.projectId, e.id);
		// A mending names the fault it mends.
		return e.type === 'mend' ? { ...e, id, fault: idOf(e.projectId, e.fault) } : { ...e, id };
	});
}

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
	/** Things practised that were not yet here. */
	readonly newPractised: number;
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
	if (kind === 'evidence') {
		const e = all.bench.evidence.find((x) => x.resultId === item.id);
		return `What ${e?.projectName ?? 'a finished piece'} taught`;
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
	orders: all.orders,
	patterns: all.patterns,
	evidence: all.bench.evidence.map((e) => ({ ...e, id: e.resultId }))
});

/** What importing `file` would change in `mine`, record by record. Nothing is written. */
export function previewImport(mine: Everything, file: Everything): Preview {
	const have = lists(mine);
	const byId = new Map(
		(Object.entries(have) as [Kind, readonly Named[]][]).map(([kind, items]) => [
			kind,
			new Map(items.map((x) => [x.id, x]))
		])
	);
	const coming = lists({
		...file,
		bench: { ...file.bench, evidence: evidenceToCarry(mine, file) }
	});
	const changes = (Object.entries(coming) as [Kind, readonly Named[]][]).flatMap(([kind, items]) =>
		items.map((item): Change => {
			const old = byId.get(kind)?.get(item.id);
			const effect = !old ? 'new' : dequal(old, item) ? 'same' : 'differs';
			return { kind, id: item.id, name: nameOf(kind, item, file), effect };
		})
	);
	const owners = new Map<string, string>(mine.events.map((e) => [e.id, e.projectId]));
	const events = withOwnIds(file.events, (id) => owners.get(id));
	return {
		changes,
		newEvents: events.filter((e) => !owners.has(e.id)).length,
		newPractised: file.practised.filter((p) => !mine.practised.includes(p)).length,
		runs: runChanges(mine, { ...file, events })
	};
}
