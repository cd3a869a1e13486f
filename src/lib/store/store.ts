import { yarnsOfProject } from '../core/recipe/uses';
import { evidenceFrom } from '../core/learn/evidence';
import type { Machine, Swatch, Yarn, YarnId, YarnTest } from '../core/model/bench';
import type { Order } from '../core/model/order';
import type { WrittenPattern } from '../core/model/written';
import type { Bench, Evidence, MeasuredResult, Project, RunEvent } from '../core/model/project';
import { sameYarnOtherColour } from '../core/bench/yarn/tex';
import { v4 as uuid } from 'uuid';
import type { TombleDb } from './db';
import { merge3 } from './merge3';
import { soundSettings, type Settings } from './settings';

/** All the maker has, without what follows from it. */
export interface Records {
	readonly machines: readonly Machine[];
	readonly yarns: readonly Yarn[];
	readonly swatches: readonly Swatch[];
	readonly tests: readonly YarnTest[];
	readonly projects: readonly Project[];
	readonly results: readonly MeasuredResult[];
	/** Evidence that came in files, from results that are not here. */
	readonly carried: readonly Evidence[];
	readonly orders: readonly Order[];
	readonly patterns: readonly WrittenPattern[];
}

/** The browser's own `randomUUID` is kept from plain-http addresses, where a phone may well count; this is not. */
export const newId = (): string => uuid();

export async function readRecords(db: TombleDb): Promise<Records> {
	const [machines, yarns, swatches, tests, projects, results, carried, orders, patterns] =
		await Promise.all([
			db.machines.toArray(),
			db.yarns.toArray(),
			db.swatches.toArray(),
			db.tests.toArray(),
			db.projects.orderBy('createdAt').toArray(),
			db.results.toArray(),
			db.carried.toArray(),
			db.orders.orderBy('createdAt').toArray(),
			db.patterns.orderBy('createdAt').toArray()
		]);
	return {
		machines,
		yarns,
		swatches,
		tests,
		projects,
		results: results.sort((a, b) => a.at - b.at),
		carried,
		orders,
		patterns
	};
}

export async function readSettings(db: TombleDb): Promise<Settings> {
	return soundSettings({ ...(await db.settings.get('settings')) });
}

export async function writeSettings(db: TombleDb, change: Partial<Settings>): Promise<void> {
	await db.transaction('rw', db.settings, async () => {
		const now = await readSettings(db);
		await db.settings.put({ key: 'settings', ...now, ...change });
	});
}

function namedYarns(project: Project): YarnId[] {
	try {
		return yarnsOfProject(project);
	} catch {
		return [];
	}
}

/** What the log's results teach, for the bench: derived afresh; only what files carried in is stored. */
export function evidenceOf(records: Records): Evidence[] {
	const here = new Set(records.results.map((r) => r.id));
	const carried = records.carried.filter((e) => !here.has(e.resultId as MeasuredResult['id']));
	const own = records.projects.flatMap((project) => {
		const machine = records.machines.find((m) => m.id === project.machineId);
		// A project that does not read teaches nothing; it is told apart where all is checked.
		const ids = namedYarns(project);
		const yarns = ids.flatMap((id) => records.yarns.find((y) => y.id === id) ?? []);
		const yarn = yarns[0];
		if (!machine || !yarn) return [];
		const results = records.results.filter((r) => r.projectId === project.id);
		if (results.length === 0) return [];
		const oneYarn = yarns.length === ids.length && yarns.every((y) => sameYarnOtherColour(y, yarn));
		return evidenceFrom({ project, results, machine, yarn, oneYarn });
	});
	return [...carried, ...own];
}

export const benchOf = (records: Records): Bench => ({
	machines: [...records.machines],
	yarns: [...records.yarns],
	swatches: [...records.swatches],
	tests: [...records.tests],
	evidence: evidenceOf(records)
});

/** Appends run events in one durable transaction; an id already here is left alone. */
export async function appendEvents(db: TombleDb, events: readonly RunEvent[]): Promise<void> {
	await db.transaction('rw', db.events, async () => {
		const known = await db.events
			.where('id')
			.anyOf(events.map((e) => e.id))
			.primaryKeys();
		if (known.length === 0) await db.events.bulkAdd([...events]);
		else {
			for (const e of events) {
				if ((await db.events.where('id').equals(e.id).count()) === 0) await db.events.add({ ...e });
			}
		}
	});
}

export async function eventsOf(db: TombleDb, projectId: string): Promise<RunEvent[]> {
	const stored = await db.events.where('projectId').equals(projectId).sortBy('seq');
	// An event without its place or its time is none: it is told apart where all is checked.
	return stored
		.filter((e) => Number.isFinite(e.n) && Number.isFinite(e.at) && typeof e.type === 'string')
		.map(({ seq: _seq, ...event }) => event as RunEvent);
}

/** A change of a project, and of the yarns that change with it. */
interface ProjectChange {
	readonly base: Project;
	readonly next: Project;
	readonly yarns?: readonly { readonly before: Yarn; readonly after: Yarn }[];
	/** Whether a project holds together; two changes made one may not. */
	readonly reads?: (p: Project) => boolean;
}

/**
 * Puts a change of a project into the store, where another tab may have changed it meanwhile; resolves to both together, or
 * to this change alone where both together do not read.
 */
export const mergeProject = (
	db: TombleDb,
	{ base, next, yarns = [], reads = () => true }: ProjectChange
): Promise<Project> =>
	db.transaction('rw', db.projects, db.yarns, async () => {
		const theirs = await db.projects.get(next.id);
		const both = theirs ? merge3(base, next, theirs) : next;
		const merged = reads(both) ? both : next;
		await db.projects.put(merged);
		for (const { before, after } of yarns) {
			const here = await db.yarns.get(after.id);
			await db.yarns.put(here ? merge3(before, after, here) : after);
		}
		return merged;
	});

/** Removes a project with its run and results. */
export async function deleteProject(db: TombleDb, id: string): Promise<void> {
	await db.transaction('rw', db.projects, db.events, db.results, async () => {
		await db.projects.delete(id as Project['id']);
		await db.events.where('projectId').equals(id).delete();
		await db.results.where('projectId').equals(id).delete();
	});
}

export const isEmpty = async (db: TombleDb): Promise<boolean> => {
	const counts = await Promise.all([db.machines.count(), db.yarns.count(), db.projects.count()]);
	return counts.every((n) => n === 0);
};
