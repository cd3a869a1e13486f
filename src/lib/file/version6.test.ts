import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { oldStore } from '../../../tests/support/old-store';
import { foldRun } from '../core/crank/run';
import type { RunEvent } from '../core/model/project';
import { plan } from '../core/plan';
import { loadRecipes } from '../core/recipe';
import { TombleDb } from '../store/db';
import { readEverything } from '../store/transfer';
import { readAny } from './backup-read';
import { VERSION, writeProject } from './project-file';

/** What version 6 wrote, frozen; it knew nothing of what happens between two rows. */
const FOLDER = 'tests/fixtures/v6/';
type Rec = Record<string, unknown>;
const { tables } = JSON.parse(readFileSync(`${FOLDER}store.json`, 'utf8')) as {
	tables: Record<string, Rec[]>;
};
const byId = (list: readonly object[]) =>
	[...(list as { id: string }[])].sort((a, b) => (a.id < b.id ? -1 : 1));
const expected = byId(tables.projects!);

describe('what version 6 wrote', () => {
	it('a backup opens as it stood, and every project has its plan', async () => {
		await loadRecipes();
		const read = readAny(new Uint8Array(readFileSync(`${FOLDER}backup.zip`)));
		if (!read.ok) throw new Error(read.refusal.path);
		expect(read.unread).toEqual([]);
		expect(byId(read.value.projects)).toEqual(expected);
		for (const p of read.value.projects) expect(plan(p, read.value.bench).ok, p.name).toBe(true);
	});

	it('a project file opens with its run, and with what happens from now on', () => {
		const text = readFileSync(`${FOLDER}project.json`);
		const read = readAny(new Uint8Array(text));
		if (!read.ok) throw new Error(read.refusal.path);
		const was = JSON.parse(text.toString()) as { project: Rec; events: RunEvent[] };
		expect(read.value.projects).toEqual([was.project]);
		expect(read.value.events).toEqual(was.events);
		expect(VERSION).toBeGreaterThan(6);
		const next: RunEvent = {
			...was.events.find((e) => e.type === 'row')!,
			id: 'new',
			n: 9000,
			type: 'note',
			row: 3,
			text: 'thin here'
		} as RunEvent;
		const file = JSON.parse(text.toString()) as Rec;
		const newer = { ...file, version: VERSION, events: [...was.events, next] };
		const again = readAny(new TextEncoder().encode(writeProject(newer as never)));
		if (!again.ok) throw new Error(again.refusal.path);
		expect(foldRun(again.value.events).happened).toEqual([next]);
	});

	it('and the store', async () => {
		await oldStore('version-6', 6, tables);
		const db = new TombleDb('version-6');
		const all = await readEverything(db);
		expect(byId(all.projects)).toEqual(expected);
		expect(all.events).toHaveLength(tables.events!.length);
		await db.delete();
	});
});
