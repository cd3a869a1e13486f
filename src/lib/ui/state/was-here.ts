import { inFair } from './which-rack';
import { guarded } from './guarded';

/**
 * That something of the maker's was stored here, kept apart from the store itself: a browser that clears its storage, to make
 * room or after it was ended by force, leaves an empty store that looks like a new one.
 */
const key = () => `tomble-was-here${inFair() ? '-fair' : ''}`;

export const wasHere = (): boolean => guarded(() => localStorage.getItem(key()) !== null, false);
export const setWasHere = (is: boolean): void =>
	guarded(() => {
		if (is) localStorage.setItem(key(), '1');
		else localStorage.removeItem(key());
	}, undefined);
