import { forecastOf } from '../core/learn/forecast';
import { sizeOf } from '../core/assembly/size';
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import Dexie from 'dexie';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { harbour } from '../demo/harbour';
import { comesOut, plan } from '../core/plan';
import { foldRun } from '../core/crank/run';
import {
	bench as benchSchema,
	project as projectSchema,
	type Bench,
	type MeasuredResult,
	type Project,
	type RunEvent
} from '../core/model/project';
import { TombleDb } from './db';
import {
	appendEvents,
	benchOf,
	deleteProject,
	eventsOf,
	isEmpty,
	readRecords,
	readSettings,
	writeSettings
} from './store';
import { claimLead } from './lead';
import { readEverything, seedIfEmpty, writeImport } from './transfer';

let db: TombleDb;
let n = 0;
beforeEach(() => {
	db = new TombleDb(`test-${n++}`);
});
afterEach(() => db.delete());

const row = (id: string, projectId = 'p'): RunEvent => ({
	id,
	projectId: projectId as Project['id'],
	at: 1,
	n: 0,
	piece: 'tube',
	type: 'row'
});

describe('run events', () => {
	it('come back in the order they were written', async () => {
		await appendEvents(db, [row('b'), row('a')]);
		await appendEvents(db, [row('c')]);
		expect((await eventsOf(db, 'p')).map((e) => e.id)).toEqual(['b', 'a', 'c']);
	});

	it('are never doubled', async () => {
		await appendEvents(db, [row('a'), row('b')]);
		await appendEvents(db, [row('b'), row('c')]);
		expect((await eventsOf(db, 'p')).map((e) => e.id)).toEqual(['a', 'b', 'c']);
	});

	it('carry no trace of the store', async () => {
		await appendEvents(db, [row('a')]);
		expect(await eventsOf(db, 'p')).toEqual([row('a')]);
	});

	it('are written with strict durability', () => {
		expect(db._options.chromeTransactionDurability).toBe('strict');
	});
});

describe('demo data', () => {
	it('fills an empty store, whole', async () => {
		expect(await isEmpty(db)).toBe(true);
		expect(await seedIfEmpty(db, harbour)).toBe(true);
		const all = await readEverything(db);
		expect(all.projects).toHaveLength(harbour.projects.length);
		expect(all.events).toHaveLength(harbour.events.length);
		expect(all.orders).toEqual(harbour.orders);
	});

	it('never touches a maker’s data, even one yarn', async () => {
		await db.yarns.put(harbour.bench.yarns[0]!);
		expect(await seedIfEmpty(db, harbour)).toBe(false);
		expect(await db.projects.count()).toBe(0);
	});

	it('the first hat has taught its machine and yarn', async () => {
		await seedIfEmpty(db, harbour);
		const { evidence } = benchOf(await readRecords(db));
		expect(evidence).toHaveLength(harbour.results.length);
		expect(evidence.find((e) => e.projectId === 'project-first')).toMatchObject({
			machineId: 'machine-48',
			rows: 124,
			on: [{ machineId: 'machine-48', yarnId: 'bw-deep', rowsPerCm: 124 / 65 }]
		});
	});
});

describe('import', () => {
	it('keeps mine or takes the file’s, as chosen', async () => {
		await writeImport(db, harbour, false);
		const renamed = {
			...harbour,
			projects: harbour.projects.map((p) => ({ ...p, name: 'Other' }))
		};
		await writeImport(db, renamed, false);
		expect((await db.projects.get(harbour.projects[0]!.id))!.name).toBe('Harbour master');
		await writeImport(db, renamed, true);
		expect((await db.projects.get(harbour.projects[0]!.id))!.name).toBe('Other');
		expect(await db.events.count()).toBe(harbour.events.length);
	});

	it('a run counted on elsewhere comes back once, and one counted in both places is asked about', async () => {
		await seedIfEmpty(db, harbour);
		const keeper = harbour.projects.find((p) => p.id === 'project-keeper')!;
		const here = await eventsOf(db, keeper.id);
		const more = (prefix: string, count: number): RunEvent[] =>
			Array.from({ length: count }, (_, i) => ({
				...row(`${prefix}${i}`, keeper.id),
				n: here.length + i
			}));
		const file = { ...harbour, projects: [keeper], events: [...here, ...more('phone', 7)] };
		await writeImport(db, file, false);
		await writeImport(db, file, false);
		expect(foldRun(await eventsOf(db, keeper.id))).toMatchObject({ done: 58, doubt: null });
		await appendEvents(db, more('desk', 2));
		const later = {
			...file,
			events: [...file.events, ...more('again', 3).map((e) => ({ ...e, n: e.n + 7 }))]
		};
		await writeImport(db, later, false);
		const { done, doubt } = foldRun(await eventsOf(db, keeper.id));
		expect(done).toBe(63);
		expect(doubt).toMatchObject({ why: 'two-devices', low: 61, high: 63 });
	});

	it('is all or nothing', async () => {
		const bad = {
			...harbour,
			results: [{ ...harbour.results[0]!, id: undefined as unknown as string }]
		};
		await expect(writeImport(db, bad, false)).rejects.toThrow();
		expect(await isEmpty(db)).toBe(true);
	});

	it('keeps evidence whose results are elsewhere, and drops it when they come', async () => {
		await seedIfEmpty(db, harbour);
		const full = await readEverything(db);
		const other = new TombleDb(`test-other-${n++}`);
		await writeImport(other, { ...full, results: [] }, false);
		expect(benchOf(await readRecords(other)).evidence).toHaveLength(full.results.length);
		await writeImport(other, full, false);
		expect(benchOf(await readRecords(other)).evidence).toHaveLength(full.results.length);
		await other.delete();
	});
});

describe('what teaches', () => {
	/** A thing logged just as its plan has it, and what that does to the next lined hat. */
	async function nextHat(
		key: string,
		patch: (p: Project) => Project,
		result: Partial<MeasuredResult>
	) {
		await seedIfEmpty(db, { ...harbour, results: [] });
		const hat = (bench: Bench) => {
			const made = plan(
				harbour.projects.find((p) => p.id === 'project-keeper')!,
				bench
			);
			return made.ok ? made.pieces[0]!.mainRows : 0;
		};
		const before = benchOf(await readRecords(db));
		const project = patch(harbour.projects.find((p) => p.id === `project-${key}`)!);
		await db.projects.put(project);
		const made = plan(project, before);
		if (!made.ok || !comesOut(made, 'tube')) throw new Error('no tube');
		await db.results.add({
			id: 'as-planned',
			projectId: project.id,
			at: 1,
			when: 'rested',
			sizes: [
				{ id: 'length', cm: made.finished.tube.flatLength.mean, odd: false },
				{ id: 'width', cm: sizeOf(made, 'width').value.mean, odd: false }
			],
			grams: 60,
			minutes: null,
			rowsKnitted: made.pieces[0]!.mainRows,
			forecast: forecastOf(project, before, made.pieces[0]!.mainRows)!.forecast,
			shows: 'shape',
			tailMetres: null,
			usualMinutes: null,
			note: '',
			next: 'no',
			...result
		});
		const after = benchOf(await readRecords(db));
		return { moved: hat(after) - hat(before), taught: after.evidence.length };
	}

	it('a hung-hem hat, a cord and a strip of a few rows that came out as planned move no plan', async () => {
		expect(await nextHat('watchcap', (p) => p, {})).toEqual({ moved: 0, taught: 1 });
		await db.results.clear();
		const cord = (p: Project) =>
			({ ...p, options: { ...p.options, recipe: 'cord', pins: 3 } }) as Project;
		expect(await nextHat('harbourlight', cord, {})).toEqual({ moved: 0, taught: 1 });
		await db.results.clear();
		expect(await nextHat('harbourlight', (p) => p, { rowsKnitted: 19 })).toEqual({
			moved: 0,
			taught: 1
		});
	});

	it('what was logged before forecasts were kept is held to a plain tube', async () => {
		const old = { forecast: null, tailMetres: 3, shows: 'tube' } as const;
		expect((await nextHat('harbourlight', (p) => p, old)).taught).toBe(1);
		await db.results.clear();
		expect((await nextHat('watchcap', (p) => p, { ...old, shows: 'hem' })).taught).toBe(0);
		await db.results.clear();
		const few = { ...old, rowsKnitted: 19 };
		expect((await nextHat('harbourlight', (p) => p, few)).taught).toBe(0);
	});
});

describe('projects and settings', () => {
	it('removing a project takes its run and results along, and nothing else', async () => {
		await seedIfEmpty(db, harbour);
		await deleteProject(db, 'project-first');
		expect(await eventsOf(db, 'project-first')).toEqual([]);
		expect(await db.results.count()).toBe(harbour.results.length - 1);
		expect((await eventsOf(db, 'project-keeper')).length).toBeGreaterThan(0);
	});

	it('settings that do not read fall back, and a change keeps the rest', async () => {
		await db.settings.put({ key: 'settings', units: 'furlong' } as never);
		expect(await readSettings(db)).toMatchObject({ units: 'cm', theme: 'auto' });
		await db.settings.clear();
		await writeSettings(db, { units: 'in' });
		await writeSettings(db, { theme: 'dark' });
		expect(await readSettings(db)).toMatchObject({ units: 'in', theme: 'dark' });
	});
});

it('a store of the oldest version opens with all it held', async () => {
	const name = `oldest-${n++}`;
	// Version 1 as first published, written out by hand so that later changes cannot move it.
	const old = new Dexie(name);
	old.version(1).stores({
		machines: 'id',
		yarns: 'id',
		swatches: 'id, yarnId, machineId',
		projects: 'id, createdAt',
		events: '++seq, &id, projectId',
		results: 'id, projectId',
		carried: 'resultId',
		settings: 'key'
	});
	const file = JSON.parse(readFileSync('tests/fixtures/project-v1.json', 'utf8')) as {
		project: { id: string; createdAt: number };
		bench: Record<'machines' | 'yarns' | 'swatches', object[]>;
		results: object[];
	};
	const unmade = { ...file.project, id: 'project-unmade', createdAt: 1 };
	await old.table('projects').bulkPut([file.project, unmade]);
	for (const t of ['machines', 'yarns', 'swatches'] as const)
		await old.table(t).bulkPut(file.bench[t]);
	await old.table('results').bulkPut(file.results);
	const unplaced = (id: string) => {
		const event: Record<string, unknown> = { ...row(id, 'project-first') };
		delete event.n;
		return event;
	};
	await old.table('events').bulkAdd([unplaced('b'), unplaced('a')]);
	old.close();
	const now = new TombleDb(name);
	const all = await readEverything(now);
	expect(all.projects.map((p) => [p.id, p.holdsYarn, p.used])).toEqual([
		['project-unmade', true, null],
		['project-first', false, null]
	]);
	expect(benchSchema.parse(all.bench)).toEqual(all.bench);
	expect(all.projects.map((p) => projectSchema.parse(p))).toEqual(all.projects);
	expect(all.bench.tests).toEqual([]);
	expect(all.orders).toEqual([]);
	// Events have their place by the order they were written in; machines turn as most do.
	expect((await eventsOf(now, 'project-first')).map((e) => [e.id, e.n])).toEqual([
		['b', 0],
		['a', 1]
	]);
	expect(all.bench.machines[0]).toMatchObject({ turns: 'clockwise', edgeRule: 'under-bar' });
	expect(await claimLead(now, { projectId: 'project-first', tab: 'a', now: 1 })).toBe(true);
	await now.delete();
});
