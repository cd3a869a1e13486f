/** Anything in a few digits: what is not the same has others (FNV-1a). */
export function stamp(of: unknown): string {
	const text = JSON.stringify(of);
	let hash = 0x811c9dc5;
	for (let i = 0; i < text.length; i++)
		hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
	return `${hash.toString(36)}.${text.length.toString(36)}`;
}
