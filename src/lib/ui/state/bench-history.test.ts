import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { A, B, benchOf, M48, readingOf, swatchOf } from '../../../../tests/support/bench';
import type { Yarn } from '$lib/core/model/bench';
import { TombleDb } from '$lib/store/db';
import { Keeper } from './keeper.svelte';
import { BenchHistory, tableChanges } from './bench-history.svelte';

let db: TombleDb;
let time = 0;
let history: BenchHistory;
let n = 0;
beforeEach(async () => {
	db = new TombleDb(`history-${n++}`);
	time = 0;
	const keeper = new Keeper(db);
	history = new BenchHistory(
		(what, changes) => keeper.write(what, changes),
		() => time
	);
	await db.yarns.bulkPut([A, B]);
});
const grams = async (id: Yarn['id']) => (await db.yarns.get(id))?.gramsOnHand;

describe('undo on the bench', () => {
	it('what was added, changed or removed comes back as it was', async () => {
		await history.put('yarns', { ...A, gramsOnHand: 7 }, A);
		time = 5000;
		await history.remove('yarns', B);
		expect(history.undoWhat).toBe('yarn removed');
		await history.undo();
		expect(await db.yarns.get(B.id)).toEqual(B);
		await history.undo();
		expect(await grams(A.id)).toBe(A.gramsOnHand);
		expect(history.undoWhat).toBeUndefined();
		await history.redo();
		await history.redo();
		expect([await grams(A.id), await grams(B.id)]).toEqual([7, undefined]);
		time = 9000;
		const swatch = swatchOf(M48, A, [readingOf(12, 20)]);
		await history.put('swatches', swatch, undefined);
		await history.undo();
		expect(await db.swatches.count()).toBe(0);
	});

	it('typing in one record is one step, a pause begins the next', async () => {
		await history.put('yarns', { ...A, gramsOnHand: 1 }, A);
		time = 400;
		await history.put('yarns', { ...A, gramsOnHand: 12 }, { ...A, gramsOnHand: 1 });
		time = 4000;
		await history.put('yarns', { ...A, gramsOnHand: 50 }, { ...A, gramsOnHand: 12 });
		await history.undo();
		expect(await grams(A.id)).toBe(12);
		await history.undo();
		expect(await grams(A.id)).toBe(A.gramsOnHand);
	});

	it('several records are one step, and a new change ends what could be redone', async () => {
		const file = benchOf({
			yarns: [
				{ ...A, gramsOnHand: 1 },
				{ ...B, gramsOnHand: 2 }
			]
		});
		await history.change(tableChanges(benchOf({ yarns: [A, B] }), file, true));
		expect(history.undoWhat).toBe('2 records changed');
		await history.undo();
		expect([await grams(A.id), await grams(B.id)]).toEqual([A.gramsOnHand, B.gramsOnHand]);
		await history.put('yarns', { ...B, gramsOnHand: 3 }, B);
		expect(history.redoWhat).toBeUndefined();
	});

	it('a table changes what is new or differs, and what differs only where asked', () => {
		const mine = benchOf();
		const file = benchOf({ yarns: [A, { ...B, gramsOnHand: 1 }], swatches: [], machines: [] });
		expect(tableChanges(mine, file, true).map((c) => c.id)).toEqual([B.id]);
		expect(tableChanges(mine, file, false)).toEqual([]);
		expect(tableChanges({ ...mine, yarns: [A] }, file, false).map((c) => c.before)).toEqual([
			undefined
		]);
	});
});
