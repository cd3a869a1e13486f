import { dequal } from 'dequal/lite';

type Plain = Record<string, unknown>;
const isPlain = (v: unknown): v is Plain =>
	typeof v === 'object' && v !== null && !Array.isArray(v);

/**
 * Two changes of one record made one: what `mine` changed of `base` stands, all else is as in `theirs`. Fields of plain
 * objects are taken one by one; a list is one field. Where both changed the same field, mine stands.
 */
export function merge3<T>(base: T, mine: T, theirs: T): T {
	if (dequal(base, theirs) || dequal(mine, theirs)) return mine;
	if (dequal(base, mine)) return theirs;
	if (!isPlain(base) || !isPlain(mine) || !isPlain(theirs)) return mine;
	// Another recipe is another set of fields: they are not mixed.
	if (mine.recipe !== theirs.recipe) return mine;
	const merged: Plain = {};
	for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
		const [b, m, t] = [base[key], mine[key], theirs[key]];
		const value = merge3(b, m, t);
		if (value !== undefined) merged[key] = value;
	}
	return merged as T;
}
