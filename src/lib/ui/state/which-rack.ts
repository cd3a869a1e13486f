import { TombleDb } from '$lib/store/db';
import { guarded } from './guarded';

/**
 * The lantern fair's stall is a rack of its own, with a store of its own: it can be entered, tried out and left, and nothing of
 * it ever lies among the maker's own things.
 */
const KEY = 'tomble-rack';
const FAIR = 'fair';
export const FAIR_DB = 'tomble-fair';

export const inFair = (): boolean => guarded(() => localStorage.getItem(KEY) === FAIR, false);
/** Where one stands from the next page on; false where that cannot be remembered. */
export const setInFair = (is: boolean): boolean =>
	guarded(() => {
		if (is) localStorage.setItem(KEY, FAIR);
		else localStorage.removeItem(KEY);
		return true;
	}, false);
/** The store of the rack one stands at. */
export const rackDb = (): TombleDb => new TombleDb(inFair() ? FAIR_DB : undefined);
