import { describe, expect, it } from 'vitest';
import { A, B, benchOf } from '../../../../tests/support/bench';
import { seeded } from '../../../../tests/support/random';
import { nameChange, tableChanges } from './bench-changes';
import { History, turned, type Change, type Kept } from './history.svelte';

/** Records as a store would hold them, changed by every turn. */
function shelfOf(how: ConstructorParameters<typeof History>[1] = {}) {
	const records = new Map<string, object>([
		[A.id, A],
		[B.id, B]
	]);
	const said: string[] = [];
	const history = new History((what, turns) => {
		said.push(what);
		for (const t of turns) {
			const next = turned(t, records.get(t.id));
			if (next) records.set(t.id, next);
			else records.delete(t.id);
		}
	}, how);
	const put = (what: string, id: string, patch: object | null) => {
		const before = records.get(id);
		const after = patch ? { ...before, ...patch } : undefined;
		history.change(what, [{ table: 'yarns', id, before, after }]);
	};
	return { records, history, put, said };
}
const inMemory = (room = Infinity): Kept & { text: string | null } => ({
	text: null,
	read() {
		return this.text;
	},
	write(text) {
		if (text.length > room) throw new DOMException('full', 'QuotaExceededError');
		this.text = text;
	}
});

describe('a history', () => {
	it('what was added, changed or removed comes back as it was, by name', () => {
		const { records, history, put, said } = shelfOf();
		put('yarn changed', A.id, { gramsOnHand: 7 });
		put('yarn removed', B.id, null);
		put('yarn added', 'c', { ...A, id: 'c' });
		expect(history.undoWhat).toBe('yarn added');
		history.undo();
		expect(records.has('c')).toBe(false);
		history.undo();
		expect(records.get(B.id)).toEqual(B);
		history.undo();
		expect(records.get(A.id)).toEqual(A);
		expect(history.undoWhat).toBeUndefined();
		for (let i = 0; i < 3; i++) history.redo();
		expect(records.get(A.id)).toEqual({ ...A, gramsOnHand: 7 });
		expect([records.has(B.id), records.has('c')]).toEqual([false, true]);
		expect(history.redoWhat).toBeUndefined();
		expect(said).toContain('undo yarn removed');
	});

	it('typing is one step, until a pause where there is one, or another record', () => {
		let time = 0;
		const { records, history, put } = shelfOf({ pauseMs: 1500, now: () => time });
		put('grams…', A.id, { gramsOnHand: 1 });
		time = 400;
		put('grams…', A.id, { gramsOnHand: 12 });
		time = 4000;
		put('grams…', A.id, { gramsOnHand: 50 });
		put('grams…', B.id, { gramsOnHand: 5 });
		expect(history.undoWhat).toBe('grams');
		history.undo();
		expect(records.get(B.id)).toEqual(B);
		history.undo();
		expect(records.get(A.id)).toMatchObject({ gramsOnHand: 12 });
		history.undo();
		expect(records.get(A.id)).toEqual(A);
	});

	it('takes back its own change and nothing that was changed of the record meanwhile', () => {
		const { records, history, put } = shelfOf();
		put('grams', A.id, { gramsOnHand: 1 });
		records.set(A.id, { ...records.get(A.id), colourName: 'slate' });
		history.undo();
		expect(records.get(A.id)).toEqual({ ...A, colourName: 'slate' });
		history.redo();
		expect(records.get(A.id)).toEqual({ ...A, colourName: 'slate', gramsOnHand: 1 });
	});

	it('several records are one step, and a new change ends what could be redone', () => {
		const { records, history, put } = shelfOf();
		const file = benchOf({
			yarns: [
				{ ...A, gramsOnHand: 1 },
				{ ...B, gramsOnHand: 2 }
			]
		});
		history.change('2 records changed', tableChanges(benchOf({ yarns: [A, B] }), file, true));
		history.undo();
		expect([records.get(A.id), records.get(B.id)]).toEqual([A, B]);
		put('grams', B.id, { gramsOnHand: 3 });
		expect(history.redoWhat).toBeUndefined();
		history.change('nothing', []);
		expect(history.undoWhat).toBe('grams');
	});

	it('survives a reload, steps undone and removals among them', () => {
		const kept = inMemory();
		const first = shelfOf({ kept });
		first.put('grams', A.id, { gramsOnHand: 1 });
		first.put('removed', B.id, null);
		first.put('colour', A.id, { colourName: 'slate' });
		first.history.undo();
		const second = shelfOf({ kept });
		for (const [id, r] of first.records) second.records.set(id, r);
		second.records.delete(B.id);
		expect([second.history.undoWhat, second.history.redoWhat]).toEqual(['removed', 'colour']);
		second.history.undo();
		second.history.undo();
		second.put('grams…', A.id, { gramsOnHand: 2 });
		const third = shelfOf({ kept });
		third.records.set(A.id, second.records.get(A.id)!);
		third.put('grams…', A.id, { gramsOnHand: 3 });
		third.history.undo();
		// Typing after a reload is another step.
		expect(third.records.get(A.id)).toMatchObject({ gramsOnHand: 2 });
		second.history.undo();
		expect([second.records.get(A.id), second.records.get(B.id)]).toEqual([A, B]);
		expect(second.history.undoWhat).toBeUndefined();
	});

	it('what was kept and does not read is no history; what has no room loses its oldest steps', () => {
		for (const text of ['{', '[]', '{"past":[{"what":1}],"future":[]}', 'null']) {
			const kept = inMemory();
			kept.text = text;
			expect(shelfOf({ kept }).history.undoWhat).toBeUndefined();
		}
		const small = inMemory(6000);
		const { put } = shelfOf({ kept: small });
		for (let i = 1; i <= 60; i++) put(`grams ${i}`, A.id, { gramsOnHand: i });
		const again = shelfOf({ kept: small }).history;
		expect(again.undoWhat).toBe('grams 60');
	});

	it('undone to its beginning all is as it was, redone to its end as it became: 40 random runs', () => {
		for (let seed = 1; seed <= 40; seed++) {
			const random = seeded(seed);
			const kept = inMemory();
			const { records, history, put } = shelfOf({ kept });
			const start = new Map(records);
			for (let i = 0; i < 30; i++) {
				const id = [A.id, B.id, 'c'][Math.floor(random() * 3)]!;
				const what = random() < 0.5 ? 'grams…' : 'colour';
				if (random() < 0.2 && records.has(id)) put('removed', id, null);
				else put(what, id, { id, gramsOnHand: Math.floor(random() * 9), colourName: `${i}` });
				if (random() < 0.2) history.undo();
			}
			// To the end of what there is, back to the beginning, and to the end again.
			const all = () => {
				while (history.redoWhat !== undefined) history.redo();
			};
			all();
			const end = new Map(records);
			while (history.undoWhat !== undefined) history.undo();
			expect(new Map(records), `seed ${seed}`).toEqual(start);
			all();
			expect(new Map(records), `seed ${seed}`).toEqual(end);
		}
	});
});

describe('changes of the bench', () => {
	it('are named by what they are of; typing goes on', () => {
		expect(nameChange('yarns', undefined, A)).toBe('yarn added');
		expect(nameChange('yarns', A, A)).toBe('yarn changed…');
		expect(nameChange('tests', {} as never, undefined)).toBe('yarn test removed');
	});

	it('a table changes what is new or differs, and what differs only where asked', () => {
		const mine = benchOf();
		const file = benchOf({ yarns: [A, { ...B, gramsOnHand: 1 }], swatches: [], machines: [] });
		expect(tableChanges(mine, file, true).map((c: Change) => c.id)).toEqual([B.id]);
		expect(tableChanges(mine, file, false)).toEqual([]);
		expect(tableChanges({ ...mine, yarns: [A] }, file, false).map((c) => c.before)).toEqual([
			undefined
		]);
	});
});
