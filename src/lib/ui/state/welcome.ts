import type { TombleDb } from '$lib/store/db';
import { isEmpty, readSettings, writeSettings } from '$lib/store/store';

/** Whether this server offers demo data at all times or only on request; the server decides. */
export async function fetchDemo(onRequest: boolean): Promise<Uint8Array | null> {
	const answer = await fetch(`/api/demo${onRequest ? '?asked' : ''}`).catch(() => null);
	if (!answer?.ok || answer.status === 204) return null;
	return new Uint8Array(await answer.arrayBuffer());
}

/** Puts demo data into the store if it is empty. The reading code is fetched only then. */
export async function fillWithDemo(db: TombleDb, bytes: Uint8Array): Promise<boolean> {
	const [{ readAny }, { seedIfEmpty }] = await Promise.all([
		import('$lib/file/backup'),
		import('$lib/store/transfer')
	]);
	const opened = readAny(bytes);
	return opened.ok && seedIfEmpty(db, opened.value);
}

/** At the very first opening of an empty store: takes the demo data where the server was started with it. */
export async function welcome(db: TombleDb): Promise<void> {
	const { greeted } = await readSettings(db);
	if (greeted || !(await isEmpty(db))) return;
	const bytes = await fetchDemo(false);
	if (bytes) await fillWithDemo(db, bytes);
	await writeSettings(db, { greeted: true });
}
