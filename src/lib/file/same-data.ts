/** Equality of plain data, whatever the order of its keys. */
export function sameData(a: unknown, b: unknown): boolean {
	if (Object.is(a, b)) return true;
	if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
	if (Array.isArray(a) !== Array.isArray(b)) return false;
	const keys = Object.keys(a);
	if (keys.length !== Object.keys(b).length) return false;
	return keys.every(
		(k) => k in b && sameData(a[k as keyof typeof a], (b as Record<string, unknown>)[k])
	);
}
