import type { Evidence } from '../../model/project';
import { got } from '../../quantity/sure';

/** A list of names a look; looks that have one in common are weighed together, others apart. */
export function together<T extends Pick<Evidence, 'projectId'>>(
	looks: readonly T[],
	namesOf: (look: T) => readonly string[]
): T[][] {
	const root = new Map<string, string>();
	const find = (k: string): string => {
		let at = k;
		while (root.get(at) !== undefined && root.get(at) !== at) at = got(root, at);
		return at;
	};
	const thing = (e: T) => `thing ${e.projectId}`;
	for (const e of looks)
		for (const n of [thing(e), ...namesOf(e)]) root.set(find(n), find(thing(e)));
	const groups = new Map<string, T[]>();
	for (const e of looks) {
		const k = find(thing(e));
		const group = groups.get(k);
		if (group) group.push(e);
		else groups.set(k, [e]);
	}
	return [...groups.values()];
}
