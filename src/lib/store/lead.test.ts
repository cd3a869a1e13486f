import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { TombleDb } from './db';
import { appendAsLead, asLead, claimLead, LEASE_MS, leadOf } from './lead';
import { Presence } from './presence';
import type { RunEvent } from '../core/model/project';

let db: TombleDb;
let n = 0;
beforeEach(() => {
	db = new TombleDb(`lead-${n++}`);
});
afterEach(() => db.delete());

const claim = (tab: string, now: number, more: object = {}) => ({
	projectId: 'p',
	tab,
	now,
	...more
});
const row = (id: string): RunEvent =>
	({ id, projectId: 'p', at: 1, n: 0, piece: 'tube', type: 'row' }) as never;

describe('the lead of a run', () => {
	it('is refused while another tab holds it, and free when its lease is over', async () => {
		expect(await claimLead(db, claim('a', 0))).toBe(true);
		expect(await claimLead(db, claim('b', LEASE_MS - 1))).toBe(false);
		expect(await claimLead(db, claim('b', LEASE_MS))).toBe(true);
	});

	it('of a tab that is gone is taken at once, and of no other', async () => {
		await claimLead(db, claim('a', 0));
		expect(await claimLead(db, claim('b', 1, { gone: 'c' }))).toBe(false);
		expect(await appendAsLead(db, [row('x')], claim('b', 1, { gone: 'a' }))).toBe(true);
		expect(await leadOf(db, 'p')).toBe('b');
	});

	it('that came to this tab while it asked is no refusal: what is pressed just after a crash counts', async () => {
		await claimLead(db, claim('dead', 0));
		const asked: string[] = [];
		const pressed = asLead(
			db,
			claim('b', 1),
			(tab) => Promise.resolve(asked.push(tab) > 0 && false),
			(c) => appendAsLead(db, [row('x')], c)
		);
		// Another try of the same tab has found out meanwhile that nobody is there.
		expect(await claimLead(db, claim('b', 1, { gone: 'dead' }))).toBe(true);
		expect(await pressed).toBe(true);
		expect(asked).toEqual([]);
		expect(await db.events.count()).toBe(1);
	});
	it('of a tab that is there, or was taken by a third while one asked, is a refusal', async () => {
		await claimLead(db, claim('a', 0));
		const press = (isGone: (tab: string) => Promise<boolean>) =>
			asLead(db, claim('b', 1), isGone, (c) => appendAsLead(db, [row('x')], c));
		expect(await press(() => Promise.resolve(false))).toBe(false);
		expect(
			await press(async (tab) => claimLead(db, claim('c', 1, { gone: tab })).then(() => true))
		).toBe(false);
		expect(await db.events.count()).toBe(0);
		expect(await leadOf(db, 'p')).toBe('c');
	});

	it('written by a clock that was put right afterwards holds nobody up', async () => {
		const HOUR = 3_600_000;
		await claimLead(db, claim('a', 5 * HOUR));
		expect(await claimLead(db, claim('b', 0))).toBe(true);
	});
});

describe('presence', () => {
	const kept = new Map<string, string>();
	beforeEach(() => {
		kept.clear();
		vi.stubGlobal('localStorage', {
			getItem: (k: string) => kept.get(k) ?? null,
			setItem: (k: string, v: string) => kept.set(k, v)
		});
	});
	afterEach(() => vi.unstubAllGlobals());

	it('a tab that is there answers, one that is not is gone', async () => {
		const [a, b] = [new Presence('a'), new Presence('b')];
		expect(await b.gone('a')).toBe(false);
		expect(await a.gone('b')).toBe(false);
		expect(await a.gone('nobody')).toBe(true);
		a.close();
		expect(await b.gone('a')).toBe(true);
		b.close();
	});

	it('a tab that said goodbye is known to be gone without asking, until it comes back', async () => {
		const [a, b] = [new Presence('a'), new Presence('b')];
		a.leave();
		const before = performance.now();
		expect(await b.gone('a')).toBe(true);
		expect(performance.now() - before).toBeLessThan(150);
		a.back();
		expect(await b.gone('a')).toBe(false);
		for (const p of [a, b]) p.close();
	});

	it('never takes itself for gone, and knows nothing where nobody can tell', async () => {
		const a = new Presence('a');
		expect(await a.gone('a')).toBe(false);
		a.close();
		vi.stubGlobal('BroadcastChannel', undefined);
		expect(await new Presence('c').gone('x')).toBe(false);
	});
});
