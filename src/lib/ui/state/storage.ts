/** Asks the browser not to clear what is here when space runs short; it may refuse, and need not ask the maker. */
export async function keepForGood(): Promise<boolean> {
	// Older browsers, and pages from a plain address, have none of it.
	const { storage } = navigator as Partial<Navigator>;
	const persist = (storage as Partial<StorageManager> | undefined)?.persist?.bind(storage);
	return (await persist?.().catch(() => false)) ?? false;
}
