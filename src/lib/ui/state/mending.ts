import type { Unsound } from '$lib/store/sound';
import type { Workbench } from './workbench.svelte';

const apart = (w: Workbench, u: Unsound) => {
	w.unsound = w.unsound.filter((x) => x !== u);
	return async () => {
		await w.db.table(u.table).put(u.raw);
		await w.check();
	};
};

/** Removes a record that does not read; what it returns puts it back as it was. */
export async function removeUnsound(w: Workbench, u: Unsound): Promise<() => Promise<void>> {
	await w.db.table(u.table).delete(u.id);
	return apart(w, u);
}

/** Puts a mended record in the place of one that did not read. */
export async function mendUnsound(
	w: Workbench,
	u: Unsound,
	record: object
): Promise<() => Promise<void>> {
	await w.db.table(u.table).put(record);
	return apart(w, u);
}
