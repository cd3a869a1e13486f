import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { A, B, projectOf } from '../../../../tests/support/bench';
import { TombleDb } from '$lib/store/db';
import { mergeProject } from '$lib/store/store';
import { Keeper } from './keeper.svelte';

let db: TombleDb;
let n = 0;
beforeEach(() => {
	db = new TombleDb(`keeper-${n++}`);
});
afterEach(() => db.delete());

const put = (record: typeof A) => [{ table: 'yarns', id: record.id, record } as const];
const full = () => Promise.reject(new DOMException('no room', 'QuotaExceededError'));

describe('what is written', () => {
	it('stands over what is read until that shows it too', async () => {
		const keeper = new Keeper(db);
		const writing = keeper.write('rope', put(A));
		expect(keeper.over('yarns', [B])).toEqual([B, A]);
		expect(keeper.open).toBe(true);
		expect(await writing).toBe(true);
		expect(await db.yarns.get(A.id)).toEqual(A);
		// Read before it was written: it still stands.
		expect(keeper.over('yarns', [B])).toEqual([B, A]);
		keeper.seen();
		expect(keeper.over('yarns', [B])).toEqual([B]);
		expect(keeper.open).toBe(false);
	});

	it('stands on the page where the store is full, is said, and goes in when there is room', async () => {
		const keeper = new Keeper(db);
		let room = false;
		let stored = 0;
		const run = () => (room ? db.yarns.put(A) : full());
		expect(await keeper.write('rope', put(A), { run, stored: () => stored++ })).toBe(false);
		expect(keeper.failed).toEqual({ trouble: 'full', what: ['rope'] });
		expect(keeper.over('yarns', [])).toEqual([A]);
		expect(await keeper.retry()).toBe(false);
		room = true;
		expect(await keeper.retry()).toBe(true);
		expect(stored).toBe(1);
		expect(keeper.failed).toBeNull();
		expect(await db.yarns.count()).toBe(1);
	});

	it('what failed for one record holds up nothing but that record, and its newest state is what is tried', async () => {
		const keeper = new Keeper(db);
		await keeper.write('rope', put(A), { run: full });
		expect(await keeper.write('cord', put(B))).toBe(true);
		expect(await keeper.write('rope', put({ ...A, gramsOnHand: 3 }))).toBe(true);
		expect(keeper.failed).toBeNull();
		expect((await db.yarns.get(A.id))!.gramsOnHand).toBe(3);
	});

	it('what no file could carry is not stored', async () => {
		const keeper = new Keeper(db);
		expect(await keeper.write('rope', put({ ...A, strands: 9 }))).toBe(false);
		expect(keeper.failed).toMatchObject({ trouble: 'unsound' });
		expect(await db.yarns.count()).toBe(0);
		// Set right, it goes in and nothing is left to try.
		expect(await keeper.write('rope', put(A))).toBe(true);
		expect(keeper.failed).toBeNull();
	});
});

describe('two tabs on one project', () => {
	const base = projectOf();
	it('both changes are kept, field by field', async () => {
		await db.projects.put(base);
		const mine = { ...base, options: { ...base.options, closing: 'zip' as const } };
		const theirs = { ...base, name: 'Theirs', options: { ...base.options, wasteEnd: 5 } };
		await mergeProject(db, { base, next: theirs });
		await mergeProject(db, { base, next: mine });
		expect(await db.projects.get(base.id)).toEqual({
			...base,
			name: 'Theirs',
			options: { ...base.options, closing: 'zip', wasteEnd: 5 }
		});
	});

	it('yarns that change with a project are stored with it or not at all', async () => {
		await db.projects.put(base);
		await db.yarns.put({ ...A, gramsOnHand: 90, colourName: 'quay grey' });
		const used = [{ yarnId: A.id, grams: 30, how: 'sum' as const }];
		const before = { ...A, gramsOnHand: 90 };
		const yarns = [{ before, after: { ...before, gramsOnHand: 60 } }];
		const unclonable = { ...base, name: (() => '') as never };
		await expect(mergeProject(db, { base, next: unclonable, yarns })).rejects.toThrow();
		expect((await db.yarns.get(A.id))!.gramsOnHand).toBe(90);
		await mergeProject(db, { base, next: { ...base, used }, yarns });
		expect(await db.yarns.get(A.id)).toMatchObject({ gramsOnHand: 60, colourName: 'quay grey' });
		expect((await db.projects.get(base.id))!.used).toEqual(used);
	});

	it('where both changed one field, the later stands; another recipe is taken whole', async () => {
		await db.projects.put(base);
		await mergeProject(db, { base, next: { ...base, name: 'One' } });
		await mergeProject(db, { base, next: { ...base, name: 'Two' } });
		expect((await db.projects.get(base.id))!.name).toBe('Two');
		const sock = { ...base, options: { recipe: 'sock', yarns: ['a'] } } as never as typeof base;
		await mergeProject(db, { base, next: sock });
		expect((await db.projects.get(base.id))!.options).toEqual(sock.options);
	});
});
