import type { Project } from '$lib/core/model/project';
import { everythingOf } from '../state/everything';
import type { Workbench } from '../state/workbench.svelte';
import type { FileDesk } from './desk.svelte';
import { save, slug } from './save';

/** Said where what was saved lacks its runs. */
export const WITHOUT_RUNS =
	'The store could not be read: this is what the page has, without counted rows.';

/** Hands one project over as a file, with all it uses; resolves to what the maker has to know of it, empty for nothing. */
export async function saveProject(
	desk: FileDesk,
	workbench: Workbench,
	{ id, name }: Project
): Promise<string> {
	const { all, stored } = await everythingOf(workbench);
	const text = await desk.one(all, id);
	save(`${slug(name)}.tomble.json`, new Blob([text], { type: 'application/json' }));
	return stored ? '' : WITHOUT_RUNS;
}
