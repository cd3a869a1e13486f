import { sideBySide } from '../core/count/side-by-side';
import type { Everything } from '../file/everything';
import type { TombleDb } from './db';
import { appendEvents, benchOf, eventsOf, readRecords } from './store';

/** Everything in the store, for export and for the preview of an import. */
export async function readEverything(db: TombleDb): Promise<Everything> {
	const records = await readRecords(db);
	const events = await Promise.all(records.projects.map((p) => eventsOf(db, p.id)));
	return {
		bench: benchOf(records),
		projects: records.projects,
		events: events.flat(),
		results: records.results,
		orders: records.orders
	};
}

/**
 * Writes an import in one transaction: all or nothing. New records are added; those that differ are
 * replaced only where `replace` says so; events are merged by id.
 */
export async function writeImport(db: TombleDb, file: Everything, replace: boolean): Promise<void> {
	const tables = [
		db.machines,
		db.yarns,
		db.swatches,
		db.tests,
		db.projects,
		db.results,
		db.events,
		db.carried,
		db.orders
	];
	await db.transaction('rw', tables, async () => {
		const lists = [
			[db.machines, file.bench.machines],
			[db.yarns, file.bench.yarns],
			[db.swatches, file.bench.swatches],
			[db.tests, file.bench.tests],
			[db.projects, file.projects],
			[db.results, file.results],
			[db.orders, file.orders]
		] as const;
		for (const [table, items] of lists) {
			const known = new Set<string>(await table.toCollection().primaryKeys());
			for (const item of items) {
				if (replace || !known.has(item.id)) await table.put(item as never);
			}
		}
		await db.carried.bulkPut([...file.bench.evidence]);
		for (const id of new Set(file.events.map((e) => e.projectId))) {
			const theirs = file.events.filter((e) => e.projectId === id);
			const doubts = sideBySide(await eventsOf(db, id), theirs);
			await appendEvents(db, [...theirs, ...doubts]);
		}
	});
}

/** Fills an empty store only; says whether it did. A maker's data is never touched. */
export async function seedIfEmpty(db: TombleDb, demo: Everything): Promise<boolean> {
	const tables = [
		db.machines,
		db.yarns,
		db.swatches,
		db.tests,
		db.projects,
		db.results,
		db.events,
		db.carried,
		db.orders
	];
	return db.transaction('rw', tables, async () => {
		for (const t of tables) if ((await t.count()) > 0) return false;
		await writeImport(db, demo, false);
		return true;
	});
}
