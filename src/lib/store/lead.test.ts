import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { TombleDb } from './db';
import { appendAsLead, claimLead, LEASE_MS, leadOf } from './lead';
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
