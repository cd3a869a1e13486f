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
import { openProject, VERSION, writeProject } from './project-file';
import { eventsFrom6 } from './upgrade';

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

	it('a tick of a mitten’s thumb is its own now, in a file and in the store', async () => {
		const file = JSON.parse(readFileSync(`${FOLDER}project.json`, 'utf8')) as {
			project: Rec & { id: string; options: Rec };
			events: Rec[];
		};
		const tick = { ...file.events[0]!, id: 't', type: 'step', step: 'edge-armhole', done: true };
		delete (tick as Rec).piece;
		const steps = (recipe: string) => {
			const project = { ...file.project, options: { ...file.project.options, recipe } };
			const raw = { ...file, project, events: [tick] };
			const up = openProject(raw);
			return up.ok ? up.value.events.map((e) => (e as Rec).step) : up.refusal.path;
		};
		// A mitten that does not read is another matter: its ticks are brought up all the same.
		expect(eventsFrom6([tick], 'mitts').map((e) => e.step)).toEqual(['edge-thumb']);
		expect(eventsFrom6([tick], 'vest').map((e) => e.step)).toEqual(['edge-armhole']);
		expect(steps(String(file.project.options.recipe))).toEqual(['edge-armhole']);
		const mitts = { ...file.project, options: { ...file.project.options, recipe: 'mitts' } };
		await oldStore('version-6-mitts', 6, { projects: [mitts], events: [{ ...tick, seq: 1 }] });
		const db = new TombleDb('version-6-mitts');
		expect((await db.events.toArray()).map((e) => (e as Rec).step)).toEqual(['edge-thumb']);
		await db.delete();
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
