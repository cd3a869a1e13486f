import { loadRecipes } from '../core/recipe';
import { sideBySide } from '../core/crank/side-by-side';
import { practisedTogether } from '../core/model/practised';
import type { Apart } from '../file/backup-format';
import type { Everything } from '../file/everything';
import { evidenceToCarry, withOwnIds } from '../file/merge';
import { dequal } from 'dequal/lite';
import type { TombleDb } from './db';
import { apart, soundRecords } from './sound';
import { appendEvents, benchOf, eventsOf, readRecords, readSettings, writeSettings } from './store';

/** All of the store, for export and for the preview of an import: what reads, and what does not, as it is. */
export async function readStore(
	db: TombleDb
): Promise<{ readonly all: Everything; readonly apart: readonly Apart[] }> {
	const [records, { practised }, stored] = await Promise.all([
		readRecords(db),
		readSettings(db),
		db.events.orderBy('seq').toArray()
	]);
	// What no file could carry travels apart: each project is held to its own recipe's options.
	await loadRecipes(records.projects.map((p) => p.options.recipe)).catch(() => undefined);
	const { sound, unsound } = soundRecords(records);
	const events = apart(
		'events',
		stored.map(({ seq: _seq, ...event }) => event)
	);
	// Events of a project that does not read travel apart with it.
	const known = new Set<string>(sound.projects.map((p) => p.id));
	const lost = events.sound.filter((e) => !known.has(e.projectId));
	return {
		all: {
			bench: benchOf(sound),
			projects: sound.projects,
			events: events.sound.filter((e) => known.has(e.projectId)),
			results: sound.results.filter((r) => known.has(r.projectId)),
			orders: sound.orders,
			patterns: sound.patterns,
			practised
		},
		apart: [
			...[...unsound, ...events.unsound].map(({ table, raw }) => ({ table, raw })),
			...lost.map((raw) => ({ table: 'events' as const, raw })),
			...sound.results
				.filter((r) => !known.has(r.projectId))
				.map((raw) => ({ table: 'results' as const, raw }))
		]
	};
}

/** All of the store that reads. */
export const readEverything = async (db: TombleDb): Promise<Everything> =>
	(await readStore(db)).all;

const tablesOf = (db: TombleDb) => [
	db.machines,
	db.yarns,
	db.swatches,
	db.tests,
	db.projects,
	db.results,
	db.events,
	db.carried,
	db.orders,
	db.patterns,
	db.settings
];

/** Whose an event's id is in the store, for those of a file. */
async function ownersOf(db: TombleDb, ids: readonly string[]): Promise<Map<string, string>> {
	const known = await db.events
		.where('id')
		.anyOf([...ids])
		.toArray();
	return new Map(known.map((e) => [e.id, e.projectId]));
}

/**
 * Writes an import in one transaction: all or nothing. New records are added; those that differ are replaced only where
 * `replace` says so; events are merged by id, each into its own project. What travels apart is put back where nothing of its
 * id is here.
 */
export async function writeImport(
	db: TombleDb,
	file: Everything,
	replace: boolean,
	loose: readonly Apart[] = []
): Promise<void> {
	const mine = await readEverything(db);
	const carried = evidenceToCarry(mine, file);
	await db.transaction('rw', tablesOf(db), async () => {
		const lists = [
			[db.machines, file.bench.machines],
			[db.yarns, file.bench.yarns],
			[db.swatches, file.bench.swatches],
			[db.tests, file.bench.tests],
			[db.projects, file.projects],
			[db.results, file.results],
			[db.orders, file.orders],
			[db.patterns, file.patterns]
		] as const;
		for (const [table, items] of lists) {
			const known = new Set<string>(await table.toCollection().primaryKeys());
			for (const item of items) {
				if (replace || !known.has(item.id)) await table.put(item as never);
			}
		}
		for (const e of carried) {
			const here = await db.carried.get(e.resultId);
			if (!here || (replace && !dequal(here, e))) await db.carried.put(e);
		}
		const owners = await ownersOf(
			db,
			file.events.map((e) => e.id)
		);
		const events = withOwnIds(file.events, (id) => owners.get(id));
		for (const id of new Set(events.map((e) => e.projectId))) {
			const theirs = events.filter((e) => e.projectId === id);
			const doubts = sideBySide(await eventsOf(db, id), theirs);
			await appendEvents(db, [...theirs, ...doubts]);
		}
		if (file.practised.length > 0) {
			const { practised } = await readSettings(db);
			await writeSettings(db, { practised: practisedTogether(practised, file.practised) });
		}
		await putLoose(db, loose);
	});
}

/** Records that do not read, put back as they are where nothing of their id is here. */
async function putLoose(db: TombleDb, loose: readonly Apart[]): Promise<void> {
	for (const { table, raw } of loose) {
		const key = table === 'carried' ? 'resultId' : 'id';
		const id = (raw as Record<string, unknown> | null)?.[key];
		if (typeof id !== 'string' || id === '') continue;
		if (table === 'events') {
			if ((await db.events.where('id').equals(id).count()) === 0) await db.events.add(raw as never);
		} else if ((await db.table(table).get(id)) === undefined) await db.table(table).put(raw);
	}
}

/** Fills an empty store only; says whether it did. A maker's data is never touched. */
export async function seedIfEmpty(db: TombleDb, demo: Everything): Promise<boolean> {
	// Settings are there before anything else.
	for (const t of tablesOf(db)) if (t !== db.settings && (await t.count()) > 0) return false;
	await writeImport(db, demo, false);
	return true;
}
