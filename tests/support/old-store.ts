import Dexie from 'dexie';

/** Tables as earlier versions had them, written out by hand so that later changes cannot move them. */
const IN_4 = {
	machines: 'id',
	yarns: 'id',
	swatches: 'id, yarnId, machineId',
	projects: 'id, createdAt',
	events: '++seq, &id, projectId',
	results: 'id, projectId',
	carried: 'resultId',
	settings: 'key',
	tests: 'id, yarnId, machineId',
	leads: 'projectId',
	orders: 'id, createdAt'
};
const IN_5 = { ...IN_4, cards: 'projectId' };
/** By the store's own version: the tenth file's is the eleventh. */
const TABLES = {
	4: IN_4,
	5: IN_5,
	6: IN_5,
	7: IN_5,
	8: IN_5,
	9: IN_5,
	11: { ...IN_5, looks: 'projectId' },
	12: { ...IN_5, looks: 'projectId' },
	13: { ...IN_5, looks: 'projectId', patterns: 'id, createdAt' }
};

/** A store as a version left it. */
export async function oldStore(
	name: string,
	version: keyof typeof TABLES,
	records: Readonly<Record<string, readonly object[]>>
): Promise<void> {
	const old = new Dexie(name);
	old.version(version).stores(TABLES[version]);
	for (const [table, list] of Object.entries(records)) await old.table(table).bulkPut([...list]);
	old.close();
}
