/** A list with one entry elsewhere, doubled beside itself, or gone. Places count from 0; what is out of it changes nothing. */
export function moved<T>(list: readonly T[], from: number, to: number): T[] {
	const next = [...list];
	const [taken] = next.splice(from, 1);
	if (taken === undefined || to < 0 || to >= list.length) return [...list];
	next.splice(to, 0, taken);
	return next;
}
export const doubled = <T>(
	list: readonly T[],
	at: number,
	copy: (of: T) => T = (of) => structuredClone(of)
): T[] => list.flatMap((x, i) => (i === at ? [x, copy(x)] : [x]));
export const without = <T>(list: readonly T[], at: number): T[] => list.filter((_, i) => i !== at);
