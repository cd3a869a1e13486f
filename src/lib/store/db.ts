import Dexie, { type EntityTable, type Transaction } from 'dexie';
import type { Machine, Swatch, Yarn, YarnTest } from '../core/model/bench';
import type { Order } from '../core/model/order';
import type { WrittenPattern } from '../core/model/written';
import type { Evidence, MeasuredResult, Project, RunEvent } from '../core/model/project';
import {
	eventsFrom2,
	eventsFrom4,
	machineFrom2,
	machineFrom7,
	machineFrom8,
	projectFrom1,
	projectFrom2,
	projectFrom4,
	projectFrom5,
	projectFrom7,
	resultFrom4,
	resultFrom7,
	swatchFrom1,
	swatchFrom7,
	yarnFrom1,
	yarnFrom7
} from '../file/upgrade';
import { resultFrom9, evidenceFrom9 } from '../file/upgrade-9';
import { patternFrom11 } from '../file/upgrade-11';
import type { Settings } from './settings';

/** The tab that counts a project's run, until its lease runs out, ms since 1970. */
export interface Lead {
	readonly projectId: string;
	readonly tab: string;
	readonly until: number;
}

/** A plan as the shelf draws it, and what it was made of. */
export interface Card {
	readonly projectId: string;
	readonly madeOf: string;
	readonly plan: unknown;
}
/** Of a plan what the rack shows, and no more: a rack of hundreds opens by these alone. */
export interface StoredLook {
	readonly projectId: string;
	readonly madeOf: string;
	readonly look: unknown;
}

/** An event with its place in the order of writing. */
export type StoredEvent = RunEvent & { seq?: number };

/** What was begun by rules that have changed since keeps what it was begun by. */
const from4 = async (tx: Transaction) => {
	const begun = new Set<unknown>(await tx.table('events').orderBy('projectId').uniqueKeys());
	for (const id of await tx.table('results').orderBy('projectId').uniqueKeys()) begun.add(id);
	const projects = await tx.table<Record<string, unknown>>('projects').toArray();
	await tx.table('projects').bulkPut(projects.map((p) => projectFrom4(p, begun.has(p.id))));
	const events = await tx.table<Record<string, unknown>>('events').orderBy('seq').toArray();
	await tx.table('events').bulkPut(eventsFrom4(events));
	const wishes = new Map(projects.map((p) => [p.id, p.wish]));
	const results = await tx.table<Record<string, unknown>>('results').toArray();
	await tx.table('results').bulkPut(results.map((r) => resultFrom4(r, wishes.get(r.projectId))));
};

const from5 = async (tx: Transaction) => {
	const projects = await tx.table<Record<string, unknown>>('projects').toArray();
	await tx.table('projects').bulkPut(projects.map(projectFrom5));
};

const IN_7 = {
	machines: machineFrom7,
	yarns: yarnFrom7,
	swatches: swatchFrom7,
	projects: projectFrom7,
	results: resultFrom7,
	carried: resultFrom7
};
const from7 = async (tx: Transaction) => {
	for (const [table, upgrade] of Object.entries(IN_7)) {
		const records = await tx.table<Record<string, unknown>>(table).toArray();
		await tx.table(table).bulkPut(records.map(upgrade));
	}
};

const from10 = async (tx: Transaction) => {
	type Rec = Record<string, unknown>;
	const recipes = new Map(
		(await tx.table<Rec>('projects').toArray()).map((p) => [
			p.id,
			(p.options as Rec | undefined)?.recipe
		])
	);
	const results = await tx.table<Rec>('results').toArray();
	await tx.table('results').bulkPut(results.map((r) => resultFrom9(r, recipes.get(r.projectId))));
	const carried = await tx.table<Rec>('carried').toArray();
	await tx.table('carried').bulkPut(carried.map(evidenceFrom9));
};

const from12 = async (tx: Transaction) => {
	type Rec = Record<string, unknown>;
	const settings = await tx.table<Rec>('settings').get('settings');
	const first = patternFrom11(settings?.pattern, Date.now());
	if (first) await tx.table('patterns').put(first);
	if (settings) {
		await tx.table('settings').update('settings', { pattern: undefined });
	}
};

/**
 * The maker's data, in the browser. Strict durability: a transaction that has completed is on disk,
 * so that a row shown as counted survives the browser's end.
 */
export class TombleDb extends Dexie {
	machines!: EntityTable<Machine, 'id'>;
	yarns!: EntityTable<Yarn, 'id'>;
	swatches!: EntityTable<Swatch, 'id'>;
	tests!: EntityTable<YarnTest, 'id'>;
	projects!: EntityTable<Project, 'id'>;
	events!: EntityTable<StoredEvent, 'seq'>;
	results!: EntityTable<MeasuredResult, 'id'>;
	carried!: EntityTable<Evidence, 'resultId'>;
	/** Which tab counts a run now. */
	leads!: EntityTable<Lead, 'projectId'>;
	orders!: EntityTable<Order, 'id'>;
	patterns!: EntityTable<WrittenPattern, 'id'>;
	/** Plans of the shelf as they were last drawn: put aside so that it opens without planning. */
	cards!: EntityTable<Card, 'projectId'>;
	looks!: EntityTable<StoredLook, 'projectId'>;
	settings!: EntityTable<{ key: 'settings' } & Settings, 'key'>;

	/** Whether a newer version than this one has brought the store up. */
	get isNewer(): boolean {
		return this.isOpen() && this.backendDB().version > this.verno * 10;
	}

	constructor(name = 'tomble') {
		super(name, { chromeTransactionDurability: 'strict' });
		this.version(1).stores({
			machines: 'id',
			yarns: 'id',
			swatches: 'id, yarnId, machineId',
			projects: 'id, createdAt',
			events: '++seq, &id, projectId',
			results: 'id, projectId',
			carried: 'resultId',
			settings: 'key'
		});
		this.version(2)
			.stores({ tests: 'id, yarnId, machineId' })
			.upgrade(async (tx) => {
				const made = new Set(
					(await tx.table<MeasuredResult>('results').toArray()).map((r) => r.projectId as string)
				);
				const each = async (
					table: string,
					upgrade: (r: Record<string, unknown>) => Record<string, unknown>
				) => {
					const records = await tx.table<Record<string, unknown>>(table).toArray();
					await tx.table(table).bulkPut(records.map(upgrade));
				};
				await each('yarns', yarnFrom1);
				await each('swatches', swatchFrom1);
				await each('projects', (p) => projectFrom1(p, made.has(String(p.id))));
			});
		this.version(3)
			.stores({ leads: 'projectId' })
			.upgrade(async (tx) => {
				const machines = await tx.table<Record<string, unknown>>('machines').toArray();
				await tx.table('machines').bulkPut(machines.map(machineFrom2));
				const projects = await tx.table<Record<string, unknown>>('projects').toArray();
				await tx.table('projects').bulkPut(projects.map(projectFrom2));
				const events = await tx.table<Record<string, unknown>>('events').orderBy('seq').toArray();
				await tx.table('events').bulkPut(eventsFrom2(events));
			});
		// Recipes and orders were added, and nothing changed in what there was: the number keeps an older Tomble, which would not know
		// them, from opening them.
		this.version(4).stores({ orders: 'id, createdAt' });
		// The tables stay, and there is one for drawn plans.
		this.version(5).stores({ cards: 'projectId' }).upgrade(from4);
		// What is asked of a recipe goes by the name its recipe has for it: options.
		this.version(6).stores({}).upgrade(from5);
		// What really happens at the crank was added: see version 4.
		this.version(7).stores({});
		// What makers know of their machines, swatches and cut yarns.
		this.version(8).stores({}).upgrade(from7);
		// Numbers of pins are the machine's, and ends are gathered with more than their own tail.
		this.version(9)
			.stores({})
			.upgrade(async (tx) => {
				const machines = await tx.table<Record<string, unknown>>('machines').toArray();
				await tx.table('machines').bulkPut(machines.map(machineFrom8));
			});
		// What the rack shows of each plan lies apart from the plans; nothing that is the maker's changed.
		this.version(10).stores({ looks: 'projectId' });
		// Results hold the sizes that their plans foretell.
		this.version(11).stores({}).upgrade(from10);
		// What the next one is made by was added: see version 4.
		this.version(12).stores({});
		// Several written patterns are kept; the one that lay on the bench is the first of them.
		this.version(13).stores({ patterns: 'id, createdAt' }).upgrade(from12);
		// What was practised was added to the settings: see version 4.
		this.version(14).stores({});
	}
}
