import type { TombleDb } from '$lib/store/db';
import { isEmpty, readSettings, writeSettings } from '$lib/store/store';
import { enterFair, inFair } from './fair';
import type { Workbench } from './workbench.svelte';

/** Whether this server offers demo data at all times or only on request; the server decides. */
export async function fetchDemo(onRequest: boolean): Promise<Uint8Array | null> {
	const answer = await fetch(`/api/demo${onRequest ? '?asked' : ''}`).catch(() => null);
	if (!answer?.ok || answer.status === 204) return null;
	return new Uint8Array(await answer.arrayBuffer());
}

/** Puts demo data into a store if it is empty. The reading code is fetched only then. */
export async function fillWithDemo(db: TombleDb, bytes: Uint8Array): Promise<boolean> {
	const [{ readAny }, { seedIfEmpty }] = await Promise.all([
		import('$lib/file/backup-read'),
		import('$lib/store/transfer')
	]);
	const opened = readAny(bytes);
	return opened.ok && seedIfEmpty(db, opened.value);
}

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
