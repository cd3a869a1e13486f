import { version } from '$app/environment';
import { loadRecipes } from '$lib/core/recipe';
import type { Unsound } from '$lib/store/sound';
import type { Records } from '$lib/store/store';
import { guarded } from './guarded';
import { stamp } from './stamp';

/** Which records were checked last and found to read, by which version. */
const KEY = 'tomble-checked';

/**
 * Which records do not read by the schemas of the file format; null where that could not be found out. What this version has
 * checked, and nothing has changed since, is not checked again: the schemas are not fetched for it. Options are held to their
 * own recipe's schema, and no recipe is fetched for that while nothing is wrong: the worker holds them to it as it plans them.
 */
export async function unsoundIn(
	records: () => Records,
	look: 'at all' | 'where it changed'
): Promise<readonly Unsound[] | null> {
	const checked = () => `${version} ${stamp(records())}`;
	if (look === 'where it changed' && guarded(() => localStorage.getItem(KEY), null) === checked())
		return [];
	const sound = await import('$lib/store/sound').catch(() => null);
	if (!sound) return null;
	if (look === 'at all')
		await loadRecipes(records().projects.map((p) => p.options.recipe)).catch(() => undefined);
	// As they are now: one may have been mended while the schemas were on their way.
	const { unsound } = sound.soundRecords(records());
	guarded(() => {
		if (unsound.length === 0) localStorage.setItem(KEY, checked());
		else localStorage.removeItem(KEY);
	}, undefined);
	return unsound;
}
