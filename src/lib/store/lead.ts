import type { RunEvent } from '../core/model/project';
import type { Lead, TombleDb } from './db';
import { appendEvents } from './store';

/**
 * One tab leads a run, the others follow. The lead is a lease in the store, so that it needs no more of the browser than the
 * count itself does, and is looked at in the very transaction that writes. It ends by itself; a tab that is known to be gone
 * (`presence.ts`) is not waited for.
 */
export const LEASE_MS = 6000;
export const RENEW_MS = 2000;

export interface Claim {
	readonly projectId: string;
	readonly tab: string;
	/** ms since 1970 */
	readonly now: number;
	/** Taken from another tab on purpose. */
	readonly takeOver?: boolean;
	/** A tab that is there no more: its lead is free, whatever its lease says. */
	readonly gone?: string;
}

/** A lease that ends far later than one written now would was written by a clock that went wrong. */
const holds = (lead: Lead, now: number): boolean =>
	lead.until > now && lead.until <= now + 2 * LEASE_MS;

async function hold(
	db: TombleDb,
	{ projectId, tab, now, takeOver, gone }: Claim
): Promise<boolean> {
	const lead = await db.leads.get(projectId);
	if (lead && lead.tab !== tab && lead.tab !== gone && holds(lead, now) && !takeOver) return false;
	await db.leads.put({ projectId, tab, until: now + LEASE_MS });
	return true;
}

/** The tab that has the lead of a run, if any. */
export const leadOf = async (db: TombleDb, projectId: string): Promise<string | null> =>
	(await db.leads.get(projectId))?.tab ?? null;

/** Takes or renews the lead; false where another tab has it. */
export const claimLead = (db: TombleDb, claim: Claim): Promise<boolean> =>
	db.transaction('rw', db.leads, () => hold(db, claim));

/** Gives the lead up, so that another tab need not wait for the lease to run out. */
export const releaseLead = (db: TombleDb, projectId: string, tab: string): Promise<void> =>
	db.transaction('rw', db.leads, async () => {
		if ((await db.leads.get(projectId))?.tab === tab) await db.leads.delete(projectId);
	});

/** Writes events as the tab that leads, in one transaction; false, and nothing written, where another tab does. */
export const appendAsLead = (
	db: TombleDb,
	events: readonly RunEvent[],
	claim: Claim
): Promise<boolean> =>
	db.transaction('rw', db.leads, db.events, async () => {
		if (!(await hold(db, claim))) return false;
		await appendEvents(db, events);
		return true;
	});

/**
 * Does something as the tab that leads, and once more where the lead turns out to be free: its tab is gone, it was given up, or
 * this tab was given it while the first try was on its way.
 */
export async function asLead(
	db: TombleDb,
	claim: Claim,
	isGone: (tab: string) => Promise<boolean>,
	act: (claim: Claim) => Promise<boolean>
): Promise<boolean> {
	if (await act(claim)) return true;
	const lead = await leadOf(db, claim.projectId);
	if (lead === null || lead === claim.tab) return act(claim);
	return (await isGone(lead)) && act({ ...claim, gone: lead });
}
