import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { oldStore } from '../../../tests/support/old-store';
import { plan } from '../core/plan';
import { loadRecipes } from '../core/recipe';
import { TombleDb } from '../store/db';
import { readEverything } from '../store/transfer';
import { readAny } from './backup-read';
import { VERSION } from './project-file';

/** What version 5 wrote, frozen; what is asked of a recipe was called a wish there. */
const FOLDER = 'tests/fixtures/v5/';
type Rec = Record<string, unknown>;
const { tables } = JSON.parse(readFileSync(`${FOLDER}store.json`, 'utf8')) as {
	tables: Record<string, Rec[]>;
};
const renamed = ({ wish, ...rest }: Rec): Rec => ({ ...rest, options: wish });
const byId = (list: readonly object[]) =>
	[...(list as { id: string }[])].sort((a, b) => (a.id < b.id ? -1 : 1));
const expected = byId(tables.projects!.map(renamed));

describe('what version 5 wrote', () => {
	it('a backup opens with every option as it stood, and every project has its plan', async () => {
		await loadRecipes();
		const read = readAny(new Uint8Array(readFileSync(`${FOLDER}backup.zip`)));
		if (!read.ok) throw new Error(read.refusal.path);
		expect(read.unread).toEqual([]);
		expect(byId(read.value.projects)).toEqual(expected);
		for (const p of read.value.projects) expect(plan(p, read.value.bench).ok, p.name).toBe(true);
	});

	it('a project file opens with its run', () => {
		const text = readFileSync(`${FOLDER}project.json`);
		const read = readAny(new Uint8Array(text));
		if (!read.ok) throw new Error(read.refusal.path);
		const was = JSON.parse(text.toString()) as { project: Rec; events: unknown[] };
		expect(read.value.projects).toEqual([renamed(was.project)]);
		expect(read.value.events).toEqual(was.events);
		expect(VERSION).toBeGreaterThan(5);
	});

	it('and the store', async () => {
		await oldStore('version-5', 5, tables);
		const db = new TombleDb('version-5');
		const all = await readEverything(db);
		expect(byId(all.projects)).toEqual(expected);
		expect(all.events).toHaveLength(tables.events!.length);
		await db.delete();
	});
});
