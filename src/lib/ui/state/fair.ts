import { TombleDb } from '$lib/store/db';
import { FAIR_DB, setInFair } from './which-rack';

/** Whether this server offers demo data at all times or only on request; the server decides. */
async function fetchDemo(onRequest: boolean): Promise<Uint8Array | null> {
	const answer = await fetch(`/api/demo${onRequest ? '?asked' : ''}`).catch(() => null);
	if (!answer?.ok || answer.status === 204) return null;
	return new Uint8Array(await answer.arrayBuffer());
}

/** Puts demo data into a store if it is empty. The reading code is fetched only then. */
async function fillWithDemo(db: TombleDb, bytes: Uint8Array): Promise<boolean> {
	const [{ readAny }, { seedIfEmpty }] = await Promise.all([
		import('$lib/file/backup-read'),
		import('$lib/store/transfer')
	]);
	const opened = readAny(bytes);
	return opened.ok && seedIfEmpty(db, opened.value);
}

/** What the other rack holds in memory goes with the page. */
const anew = () => location.assign('/');

/** Goes to the stall, set up anew where it is empty; false where its data cannot be had. */
export async function enterFair(onRequest = true): Promise<boolean> {
	const bytes = await fetchDemo(onRequest);
	if (!bytes) return false;
	const db = new TombleDb(FAIR_DB);
	try {
		await fillWithDemo(db, bytes);
	} finally {
		db.close();
	}
	if (!setInFair(true)) return false;
	anew();
	return true;
}

/** Back to the maker's own rack. What was tried at the stall stays there. */
export function leaveFair(): void {
	setInFair(false);
	anew();
}
