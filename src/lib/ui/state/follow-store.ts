import { liveQuery, type Subscription } from 'dexie';
import type { TombleDb } from '$lib/store/db';
import type { StoreTrouble } from '$lib/store/failure';
import type { Settings } from '$lib/store/settings';
import { readRecords, readSettings, type Records } from '$lib/store/store';

/** The store usually opens at once; longer than this is said, ms. */
const SLOW_MS = 4000;

interface Follower {
	readonly opened: () => void;
	/** Now, and whenever this or another tab changes them. */
	readonly records: (records: Records) => void;
	readonly settings: (settings: Settings) => void;
	/** It does not open as fast as it should. */
	readonly slow: () => void;
	/** Another Tomble holds it, or wants it. */
	readonly stopped: (why: Extract<StoreTrouble, 'blocked' | 'older'>) => void;
	readonly failed: (e: unknown) => void;
}

/** Opens the store and follows it until the returned function is called. */
export function followStore(db: TombleDb, to: Follower): () => void {
	const subscriptions: Subscription[] = [];
	const slow = setTimeout(to.slow, SLOW_MS);
	const error = (e: unknown) => {
		clearTimeout(slow);
		to.failed(e);
	};
	db.on('blocked', () => to.stopped('blocked'));
	db.on('versionchange', () => {
		// A newer Tomble wants to bring the store up: this one lets go of it, and says so.
		db.close();
		to.stopped('older');
		return false;
	});
	db.open().then(() => {
		clearTimeout(slow);
		to.opened();
		subscriptions.push(
			liveQuery(() => readRecords(db)).subscribe({ next: to.records, error }),
			liveQuery(() => readSettings(db)).subscribe({ next: to.settings, error })
		);
	}, error);
	return () => {
		clearTimeout(slow);
		subscriptions.forEach((s) => s.unsubscribe());
	};
}
