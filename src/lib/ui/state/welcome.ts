import type { TombleDb } from '$lib/store/db';
import { isEmpty, readSettings, writeSettings } from '$lib/store/store';
import type { Workbench } from './workbench.svelte';

/** Whether this server offers demo data at all times or only on request; the server decides. */
export async function fetchDemo(onRequest: boolean): Promise<Uint8Array | null> {
	const answer = await fetch(`/api/demo${onRequest ? '?asked' : ''}`).catch(() => null);
	if (!answer?.ok || answer.status === 204) return null;
	return new Uint8Array(await answer.arrayBuffer());
}

/** Puts demo data into the store if it is empty. The reading code is fetched only then. */
export async function fillWithDemo(db: TombleDb, bytes: Uint8Array): Promise<boolean> {
	const [{ readAny }, { seedIfEmpty }] = await Promise.all([
		import('$lib/file/backup-read'),
		import('$lib/store/transfer')
	]);
	const opened = readAny(bytes);
	return opened.ok && seedIfEmpty(db, opened.value);
}

/** While it lasts the shelf says that the example comes, never that it is empty. */
export async function filling<T>(workbench: Workbench, fill: () => Promise<T>): Promise<T> {
	workbench.filling = true;
	try {
		return await fill();
	} finally {
		workbench.filling = false;
	}
}

/** At the very first opening of an empty store: takes the demo data where the server was started with it. */
export async function welcome(workbench: Workbench): Promise<void> {
	const { db } = workbench;
	const { greeted } = await readSettings(db);
	if (greeted || !(await isEmpty(db))) return;
	await filling(workbench, async () => {
		const bytes = await fetchDemo(false);
		if (bytes) await fillWithDemo(db, bytes);
		await writeSettings(db, { greeted: true });
	});
}
