import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { seeded } from '../../../tests/support/random';
import { foldRun } from '../core/crank/run';
import type { Project, RunEvent } from '../core/model/project';
import { TombleDb } from './db';
import { appendAsLead, claimLead, LEASE_MS, releaseLead } from './lead';
import { RunWriter } from './run-writer';
import { eventsOf } from './store';

const projectId = 'p' as Project['id'];
let db: TombleDb;
let nth = 0;
beforeEach(() => {
	db = new TombleDb(`writer-${nth++}`);
});
afterEach(() => db.delete());

type Crash = 'before' | 'within' | 'after';

/** A tab whose `at`-th write is its last: killed before it, in the middle of its transaction, or before it is told of the commit. */
function tab(name: string, now: () => number, crash?: { at: number; when: Crash }) {
	let writes = 0;
	let ids = 0;
	let die = () => {};
	const died = new Promise<false>((r) => {
		die = () => r(false);
	});
	/** Never comes back: what a process does that is killed. */
	const dead = () => {
		die();
		return new Promise<never>(() => undefined);
	};
	const claim = () => ({ projectId, tab: name, now: now() });
	const append = async (events: readonly RunEvent[]): Promise<boolean> => {
		writes += 1;
		if (crash?.at !== writes) return appendAsLead(db, events, claim());
		if (crash.when === 'before') return dead();
		if (crash.when === 'within') {
			await db
				.transaction('rw', db.events, async (tx) => {
					await db.events.bulkAdd([...events]);
					tx.abort();
				})
				.catch(() => undefined);
			return dead();
		}
		await appendAsLead(db, events, claim());
		return dead();
	};
	const writer = new RunWriter({
		projectId,
		append,
		now,
		newId: () => `${name}-${ids++}`,
		changed: () => undefined
	});
	return { writer, writes: () => writes, died };
}
const settle = () => new Promise((r) => setTimeout(r, 0));
const acknowledged = (w: RunWriter) => foldRun(w.events).done;

/** Presses in bursts, as fast hands and a slow disk make them; gives up once the tab is dead. */
async function crank(t: ReturnType<typeof tab>, bursts: readonly number[]): Promise<number> {
	let pressed = 0;
	for (const burst of bursts) {
		const writing: Promise<void>[] = [];
		for (let i = 0; i < burst; i++) {
			writing.push(t.writer.add({ type: 'row', piece: 'tube' }));
			pressed += 1;
		}
		const done = await Promise.race([Promise.all(writing).then(() => true), t.died]);
		if (!done) break;
	}
	return pressed;
}

describe('a run with a crash at every write boundary in turn', () => {
	it('1,000 runs lose no acknowledged row and double none', { timeout: 120_000 }, async () => {
		const random = seeded(17);
		let crashed = 0;
		for (let run = 0; run < 1000; run++) {
			const project = `p${run}`;
			const bursts = Array.from({ length: 3 }, () => 1 + Math.floor(random() * 3));
			const boundary = run % 9;
			const when = (['before', 'within', 'after'] as const)[boundary % 3]!;
			const at = 1 + Math.floor(boundary / 3);
			const t = tab(`t${run}`, () => run, { at, when });
			await db.events.clear();
			await db.leads.clear();
			const pressed = await crank(t, bursts);
			if (t.writes() >= at) crashed += 1;
			const known = acknowledged(t.writer);
			// A new tab, after the old one's lease has run out.
			const back = foldRun(await eventsOf(db, projectId)).done;
			expect(back, project).toBeGreaterThanOrEqual(known);
			expect(back, project).toBeLessThanOrEqual(pressed);
			const next = tab(`n${run}`, () => run + LEASE_MS + 1);
			next.writer.load(await eventsOf(db, projectId));
			await next.writer.add({ type: 'row', piece: 'tube' });
			expect(foldRun(await eventsOf(db, projectId)).done, project).toBe(back + 1);
		}
		// Of the nine boundaries every one was reached: a run of three bursts writes at least three times.
		expect(crashed).toBe(1000);
	});
});

describe('the writer', () => {
	it('writes again what could not be written, once', async () => {
		let fail = true;
		const w = new RunWriter({
			projectId,
			append: async (events) => {
				await appendAsLead(db, events, { projectId, tab: 'a', now: 1 });
				// Written, and the answer lost: the same events come again.
				if (fail) throw new Error('the disk does not answer');
				return true;
			},
			now: () => 1,
			newId: (() => {
				let i = 0;
				return () => `x${i++}`;
			})(),
			changed: () => undefined
		});
		await w.add({ type: 'row', piece: 'tube' });
		expect(w).toMatchObject({ trouble: 'unknown', events: [] });
		expect(w.queue).toHaveLength(1);
		fail = false;
		await w.add({ type: 'row', piece: 'tube' });
		expect(w.trouble).toBeNull();
		expect((await eventsOf(db, projectId)).map((e) => e.id)).toEqual(['x0', 'x1']);
		expect(acknowledged(w)).toBe(2);
	});

	it('gives each event its place after all that is known and all that waits', async () => {
		const { writer } = tab('a', () => 1);
		await writer.add({ type: 'start', piece: 'tube' }, { type: 'row', piece: 'tube' });
		await Promise.all([
			writer.add({ type: 'row', piece: 'tube' }),
			writer.add({ type: 'row', piece: 'tube' })
		]);
		await settle();
		expect(writer.events.map((e) => e.n)).toEqual([0, 1, 2, 3]);
	});

	it('does not go back to a list read before its last write', async () => {
		const { writer } = tab('a', () => 1);
		await writer.add({ type: 'row', piece: 'tube' });
		writer.load([]);
		expect(acknowledged(writer)).toBe(1);
	});
});

describe('two tabs on one run', () => {
	const claim = (tab: string, now: number, takeOver = false) => ({ projectId, tab, now, takeOver });

	it('one leads, the other does not, until the lease runs out or is given up', async () => {
		expect(await claimLead(db, claim('a', 0))).toBe(true);
		expect(await claimLead(db, claim('b', 1000))).toBe(false);
		expect(await claimLead(db, claim('a', 5000))).toBe(true);
		expect(await claimLead(db, claim('b', 5000 + LEASE_MS - 1))).toBe(false);
		expect(await claimLead(db, claim('b', 5000 + LEASE_MS))).toBe(true);
		await releaseLead(db, projectId, 'a');
		expect(await claimLead(db, claim('a', 5001 + LEASE_MS))).toBe(false);
		await releaseLead(db, projectId, 'b');
		expect(await claimLead(db, claim('a', 5002 + LEASE_MS))).toBe(true);
	});

	it('taking over is a choice, and the other learns of it at its next press', async () => {
		const a = tab('a', () => 10).writer;
		const b = tab('b', () => 11).writer;
		await a.add({ type: 'row', piece: 'tube' });
		await b.add({ type: 'row', piece: 'tube' });
		expect(b.refused).toBe(1);
		await claimLead(db, claim('b', 12, true));
		await b.add({ type: 'row', piece: 'tube' });
		await a.add({ type: 'row', piece: 'tube' });
		expect(a.refused).toBe(1);
		expect(foldRun(await eventsOf(db, projectId)).done).toBe(2);
	});

	it('pressing in both at once never counts twice: 200 presses by either at random', async () => {
		const random = seeded(5);
		let now = 0;
		const tabs = [tab('a', () => now), tab('b', () => now)].map((t) => t.writer);
		const pressed = [0, 0];
		for (let i = 0; i < 200; i++) {
			now += 40;
			const who = random() < 0.5 ? 0 : 1;
			pressed[who]! += 1;
			await Promise.all(
				tabs.map((w, k) =>
					k === who || random() < 0.3 ? w.add({ type: 'row', piece: 'tube' }) : null
				)
			);
		}
		const stored = await eventsOf(db, projectId);
		const byTab = (name: string) => stored.filter((e) => e.id.startsWith(name)).length;
		// Whoever led counted; the other's presses were all refused and none written.
		expect(Math.min(byTab('a-'), byTab('b-'))).toBe(0);
		expect(stored).toHaveLength(tabs[0]!.events.length + tabs[1]!.events.length);
		expect(tabs[0]!.refused === 0 || tabs[1]!.refused === 0).toBe(true);
	});
});
