import { TombleDb } from '$lib/store/db';
import { guarded } from './guarded';

/**
 * The lantern fair's stall is a rack of its own, with a store of its own: it can be entered, tried out and left, and nothing of
 * it ever lies among the maker's own things.
 */
const KEY = 'tomble-rack';
const FAIR = 'fair';
const FAIR_DB = 'tomble-fair';

export const inFair = (): boolean => guarded(() => localStorage.getItem(KEY) === FAIR, false);
/** The store of the rack one stands at. */
export const rackDb = (): TombleDb => new TombleDb(inFair() ? FAIR_DB : undefined);

/** What the other rack holds in memory goes with the page. */
const anew = () => location.assign('/');

/** Goes to the stall, set up anew where it is empty; false where its data cannot be had. */
export async function enterFair(onRequest = true): Promise<boolean> {
	const { fetchDemo, fillWithDemo } = await import('./welcome');
	const bytes = await fetchDemo(onRequest);
	if (!bytes) return false;
	const db = new TombleDb(FAIR_DB);
	try {
		await fillWithDemo(db, bytes);
	} finally {
		db.close();
	}
	if (!guarded(() => (localStorage.setItem(KEY, FAIR), true), false)) return false;
	anew();
	return true;
}

/** Back to the maker's own rack. What was tried at the stall stays there. */
export function leaveFair(): void {
	guarded(() => localStorage.removeItem(KEY), undefined);
	anew();
}
