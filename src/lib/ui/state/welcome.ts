import { isEmpty, readSettings, writeSettings } from '$lib/store/store';
import { enterFair } from './fair';
import { inFair } from './which-rack';
import type { Workbench } from './workbench.svelte';

/** At the very first opening of an empty store: goes to the stall where the server was started with it. */
export async function welcome(workbench: Workbench): Promise<void> {
	const { db } = workbench;
	if (inFair()) return;
	const { greeted } = await readSettings(db);
	if (greeted || !(await isEmpty(db))) return;
	workbench.filling = true;
	try {
		await writeSettings(db, { greeted: true });
		await enterFair(false);
	} finally {
		workbench.filling = false;
	}
}
