import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { anyProject } from '../../../tests/support/some-options';
import { seeded } from '../../../tests/support/random';
import type { Project, RunEvent } from '../core/model/project';
import { harbour } from '../demo/harbour';
import { readAny } from '../file/backup-read';
import { writeBackup, writeBackups } from '../file/backup-write';
import type { Everything } from '../file/everything';
import { previewImport } from '../file/merge';
import { TombleDb } from './db';
import { unsoundness } from './sound';
import { appendEvents, deleteProject, eventsOf, mergeProject } from './store';
import { readStore, seedIfEmpty, writeImport } from './transfer';

let db: TombleDb;
let other: TombleDb;
let n = 0;
beforeEach(() => {
	db = new TombleDb(`here-${n}`);
	other = new TombleDb(`there-${n++}`);
});
afterEach(async () => {
	await db.delete();
	await other.delete();
});

const row = (id: string, of: string, at = 0): RunEvent => ({
	id,
	projectId: of as Project['id'],
	at: 1,
	n: at,
	piece: 'tube',
	type: 'row'
});
/** Every record of a store, its events in their order. */
const dump = async (of: TombleDb) =>
	Object.fromEntries(
		await Promise.all(
			of.tables.map(async (t) => {
				const all = (await t.toArray()) as Record<string, unknown>[];
				return [t.name, all.map(({ seq: _seq, ...rest }) => rest)] as const;
			})
		)
	);
const byId = (list: readonly unknown[]) =>
	[...(list as { readonly id: string }[])].sort((a, b) => a.id.localeCompare(b.id));
const NOT_CARRIED = new Set(['leads', 'settings', 'carried']);
/** What a backup is for: all but how the run was led and what is set here. */
const kept = async (of: TombleDb) => {
	const all = Object.entries(await dump(of)).filter(([k]) => !NOT_CARRIED.has(k));
	return Object.fromEntries(all.map(([k, list]) => [k, byId(list)]));
};
async function takeIn(zips: readonly Uint8Array[], into: TombleDb) {
	for (const zip of zips) {
		const opened = readAny(zip);
		if (!opened.ok) throw new Error(`${opened.refusal.path}: ${opened.refusal.expected}`);
		expect(opened.unread).toEqual([]);
		await writeImport(into, opened.value, false, opened.apart);
	}
}
const saved = async (of: TombleDb) => {
	const { all, apart } = await readStore(of);
	return writeBackups(all, apart);
};

describe('a backup of the store', () => {
	it.each([1, 2, 3, 4])('opens to the same store after 300 random acts (seed %i)', async (seed) => {
		const random = seeded(seed);
		const any = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
		await seedIfEmpty(db, harbour);
		const acts: (() => Promise<unknown>)[] = [
			async () => {
				const { project, bench } = anyProject(Math.floor(random() * 1e9));
				const id = `new-${Math.floor(random() * 40)}` as Project['id'];
				const made = { ...project, id };
				if (unsoundness('projects', made)) throw new Error('the generator made a bad project');
				await db.projects.put(made);
				await db.machines.bulkPut([...bench.machines]);
				await db.yarns.bulkPut([...bench.yarns]);
			},
			async () => {
				const p = any(await db.projects.toArray());
				if (!p) return;
				const next = { ...p, name: `Renamed ${random()}`, note: 'x'.repeat(random() * 900) };
				await mergeProject(db, { base: p, next });
			},
			async () => {
				const p = any(await db.projects.toArray());
				const k = Math.floor(random() * 1e6);
				if (p) await appendEvents(db, [row(`e${k}`, p.id, k), row(`f${k}`, p.id, k + 1)]);
			},
			async () => {
				const p = any(await db.projects.toArray());
				if (p && random() < 0.3) await deleteProject(db, p.id);
			},
			async () => {
				const r = any(harbour.results);
				const p = any(await db.projects.toArray());
				if (r && p)
					await db.results.put({ ...r, id: `r${Math.floor(random() * 50)}`, projectId: p.id });
			},
			async () => {
				const o = any(harbour.orders);
				if (o) await db.orders.put({ ...o, id: `o${Math.floor(random() * 20)}` as typeof o.id });
			},
			async () => {
				const y = any(await db.yarns.toArray());
				if (y) await db.yarns.put({ ...y, name: `Yarn ${random()}` });
			},
			async () => {
				const s = any(await db.swatches.toArray());
				if (s) await db.swatches.delete(s.id);
			},
			// A file of another maker's: all of the fair again, or one run that was counted on elsewhere.
			async () => {
				if (random() < 0.1) await writeImport(db, harbour, random() < 0.5);
			}
		];
		for (let i = 0; i < 300; i++) await any(acts)!();
		const zips = await saved(db);
		await takeIn(zips, other);
		expect(await kept(other)).toEqual(await kept(db));
		// Once more, where it was made and where it was taken in: nothing is added, nothing is changed.
		for (const store of [db, other]) {
			const before = await dump(store);
			await takeIn(zips, store);
			expect(await dump(store)).toEqual(before);
		}
	});

	it('taken in where it was made would change nothing, and says so', async () => {
		await seedIfEmpty(db, harbour);
		const { all } = await readStore(db);
		const opened = readAny(writeBackup(all));
		if (!opened.ok) throw new Error('refused');
		const preview = previewImport(all, opened.value);
		expect(preview.changes.filter((c) => c.effect !== 'same')).toEqual([]);
		expect(preview).toMatchObject({ newEvents: 0, runs: [] });
	});

	it('takes records that do not read along, apart, and puts them back as they were', async () => {
		await seedIfEmpty(db, harbour);
		const [p, s, o] = [harbour.projects[0]!, harbour.bench.swatches[0]!, harbour.orders[0]!];
		const bad = {
			projects: { ...p, id: 'bad-p', options: { ...p.options, recipe: 'sail' } },
			swatches: { ...s, id: 'bad-s', readings: undefined },
			orders: { ...o, id: 'bad-o', lines: undefined }
		};
		for (const [table, record] of Object.entries(bad)) await db.table(table).put(record);
		await db.events.add({ ...row('lost', 'bad-p'), seq: undefined } as never);
		const { all, apart } = await readStore(db);
		expect(apart.map((a) => a.table).sort()).toEqual(['events', 'orders', 'projects', 'swatches']);
		expect(all.projects).toHaveLength(harbour.projects.length);
		await takeIn(await saved(db), other);
		for (const [table, record] of Object.entries(bad))
			expect(await other.table(table).get((record as { id: string }).id)).toEqual(record);
		expect(await eventsOf(other, 'bad-p')).toHaveLength(1);
	});

	it('of more than one file could hold comes in parts, and all of them open', async () => {
		const p = harbour.projects[0]!;
		const projects = Array.from({ length: 10 }, (_, i) => ({
			...p,
			id: `p${i}` as Project['id'],
			note: ''
		}));
		const events = projects.flatMap((of) =>
			Array.from({ length: 20_000 }, (_, i) => row(`${of.id}-${i}`, of.id, i))
		);
		const all: Everything = {
			bench: harbour.bench,
			projects,
			events,
			results: [],
			orders: [],
			patterns: [],
			practised: []
		};
		const zips = writeBackups(all);
		expect(zips.length).toBeGreaterThan(1);
		const read = zips.map((z) => readAny(z));
		expect(read.every((r) => r.ok && r.unread.length === 0)).toBe(true);
		expect(read.flatMap((r) => (r.ok ? r.value.events : []))).toHaveLength(events.length);
	});
});

describe('a file speaks of itself only', () => {
	const keeper = harbour.projects.find((p) => p.id === 'project-keeper')!;
	const alone = (project: Project, events: readonly RunEvent[]): Everything => ({
		bench: harbour.bench,
		projects: [project],
		events,
		results: [],
		orders: [],
		patterns: [],
		practised: []
	});

	it('an event whose id is another’s here comes in once, under a new id', async () => {
		await seedIfEmpty(db, harbour);
		const taken = (await eventsOf(db, keeper.id))[0]!;
		const count = await db.events.count();
		const mine = { ...harbour.projects[0]!, id: 'elsewhere' as Project['id'] };
		const file = alone(mine, [row(taken.id, mine.id, 0), row('own', mine.id, 1)]);
		expect(previewImport((await readStore(db)).all, file).newEvents).toBe(2);
		await writeImport(db, file, false);
		await writeImport(db, file, true);
		expect(await db.events.count()).toBe(count + 2);
		expect((await eventsOf(db, mine.id)).map((e) => e.id === taken.id)).toEqual([false, false]);
		expect((await eventsOf(db, keeper.id))[0]).toEqual(taken);
		expect(previewImport((await readStore(db)).all, file).newEvents).toBe(0);
	});

	it('evidence of what the maker keeps here changes nothing, by whatever name it comes', async () => {
		await seedIfEmpty(db, harbour);
		const { all } = await readStore(db);
		const [own] = all.bench.evidence;
		const told = { ...own!, rows: own!.rows * 2, projectName: 'Another name' };
		await writeImport(
			db,
			{ ...alone(keeper, []), bench: { ...harbour.bench, evidence: [told] } },
			true
		);
		expect((await readStore(db)).all.bench.evidence).toEqual(all.bench.evidence);
		expect(await db.carried.count()).toBe(0);
	});
});
