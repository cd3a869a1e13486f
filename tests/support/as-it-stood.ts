import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import type { Bench, RunEvent } from '../../src/lib/core/model/project';
import { plan } from '../../src/lib/core/plan';
import { loadRecipes } from '../../src/lib/core/recipe';
import { readAny } from '../../src/lib/file/backup-read';
import { VERSION } from '../../src/lib/file/project-file';
import { TombleDb } from '../../src/lib/store/db';
import { readEverything } from '../../src/lib/store/transfer';
import { oldStore } from './old-store';

type Rec = Record<string, unknown>;
const byId = (list: readonly object[]) =>
	[...(list as { id: string }[])].sort((a, b) => (a.id < b.id ? -1 : 1));

/** What a version wrote, frozen. */
export const frozen = (version: 5 | 6 | 7 | 8 | 9 | 10 | 11 | 12) => {
	const read = (name: string) => readFileSync(`tests/fixtures/v${version}/${name}`);
	const json = (name: string): unknown => JSON.parse(read(name).toString());
	return {
		backup: new Uint8Array(read('backup.zip')),
		project: json('project.json') as Rec & { project: Rec; events: RunEvent[] },
		tables: (json('store.json') as { tables: Record<string, Rec[]> }).tables
	};
};

/** The store's own number ran ahead of the file's with the tenth. */
const storeOf = (version: 5 | 6 | 7 | 8 | 9 | 10 | 11 | 12) =>
	version === 12 ? 13 : version === 11 ? 12 : version === 10 ? 11 : version;

/** Tests that a backup, a project file and a store of a version open as they stood, each project as `up` has it now. */
export function opensAsItStood(
	version: 5 | 6 | 7 | 8 | 9 | 10 | 11 | 12,
	up: (project: Rec) => Rec
): void {
	const { backup, project, tables } = frozen(version);
	const expected = byId(tables.projects!.map(up));

	it('a backup opens with every option as it stood, and every project has its plan', async () => {
		await loadRecipes();
		const read = readAny(backup);
		if (!read.ok) throw new Error(read.refusal.path);
		expect(read.unread).toEqual([]);
		expect(byId(read.value.projects)).toEqual(expected);
		for (const p of read.value.projects) expect(plan(p, read.value.bench).ok, p.name).toBe(true);
	});

	it('a project file opens with its run', () => {
		const read = readAny(new TextEncoder().encode(JSON.stringify(project)));
		if (!read.ok) throw new Error(read.refusal.path);
		expect(read.value.projects).toEqual([up(project.project)]);
		expect(read.value.events).toEqual(project.events);
		expect(VERSION).toBeGreaterThan(version);
	});

	it('and the store', async () => {
		const name = `version-${version}`;
		await oldStore(name, storeOf(version), tables);
		const db = new TombleDb(name);
		const all = await readEverything(db);
		expect(byId(all.projects)).toEqual(expected);
		expect(all.events).toHaveLength(tables.events!.length);
		await db.delete();
	});
}

/** What a slot changes is told apart since version 11; without, readings are pooled as they were. */
export const allFedAlike = (bench: Bench): Bench => ({
	...bench,
	swatches: bench.swatches.map((s) => ({ ...s, slot: 2, hand: 'none' }))
});

/** A test that what a version wrote is knitted as it was: rows and stitches of every piece. */
export function knittedAsItWas(version: 7 | 8 | 9 | 10 | 11 | 12): void {
	it('is knitted as it was: rows and stitches of every piece', async () => {
		await loadRecipes();
		const read = readAny(frozen(version).backup);
		if (!read.ok) throw new Error(read.refusal.path);
		const knitted = Object.fromEntries(
			read.value.projects.map((p) => {
				// What is learned of finished things is learned better than it was: the plans are compared without.
				const made = plan(p, { ...allFedAlike(read.value.bench), evidence: [] });
				if (!made.ok) throw new Error(p.name);
				const pieces = made.pieces.map((x) => [x.id, x.mainRows, x.loops.reduce((t, n) => t + n)]);
				return [p.id, pieces];
			})
		);
		const expected = readFileSync(`tests/fixtures/v${version}/expected.json`).toString();
		expect(knitted).toEqual(JSON.parse(expected));
	});
}
