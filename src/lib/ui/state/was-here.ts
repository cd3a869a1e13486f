import { guarded } from './guarded';

/**
 * That something of the maker's was stored here, kept apart from the store itself: a browser that clears its storage, to make
 * room or after it was ended by force, leaves an empty store that looks like a new one.
 */
const KEY = 'tomble-was-here';

export const wasHere = (): boolean => guarded(() => localStorage.getItem(KEY) !== null, false);
export const setWasHere = (is: boolean): void =>
	guarded(() => {
		if (is) localStorage.setItem(KEY, '1');
		else localStorage.removeItem(KEY);
	}, undefined);
