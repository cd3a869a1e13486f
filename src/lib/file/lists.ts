import type * as z from 'zod';
import { firstIssue } from './issue';

/** Something in a file that does not read: where, and what was expected there. */
export interface Unread {
	readonly path: string;
	readonly expected: string;
	/** What it is called, where it has a name. */
	readonly name: string;
}

interface ListOf<T> {
	readonly schema: z.ZodType<T>;
	/** Where it stands in the file. */
	readonly path: string;
	readonly most: number;
	/** What tells one from another; none may stand twice. */
	readonly key?: keyof T & string;
	/** Anything else that has to hold; says what was expected where it does not. */
	readonly holds?: (item: T) => { readonly path: string; readonly expected: string } | null;
}

const nameOf = (raw: unknown): string => {
	const named = raw as { name?: unknown; id?: unknown } | null;
	return [named?.name, named?.id].find((x): x is string => typeof x === 'string') ?? '';
};

/**
 * A list of a file, record by record: what reads and what does not. With `first` it stops at the first that does not, so
 * that a damaged file costs no more than its good part.
 */
export function readList<T>(
	raw: unknown,
	{ schema, path, most, key, holds }: ListOf<T>,
	first: boolean
): { readonly items: T[]; readonly unread: Unread[] } {
	const items: T[] = [];
	const unread: Unread[] = [];
	const fault = (at: string, expected: string, name = '') =>
		unread.push({ path: at, expected, name });
	if (!Array.isArray(raw)) {
		fault(path, 'a list');
		return { items, unread };
	}
	// What is read leniently is bounded by its bytes and values; there a long list is no reason to lose it.
	if (first && raw.length > most) {
		fault(path, `at most ${most} entries`);
		return { items, unread };
	}
	const seen = new Set<unknown>();
	for (const [i, entry] of raw.entries()) {
		if (first && unread.length > 0) break;
		const here = `${path}[${i}]`;
		const parsed = schema.safeParse(entry);
		if (!parsed.success) {
			const { path: inside, expected } = firstIssue(parsed.error);
			fault(inside ? `${here}.${inside}`.replace('.[', '[') : here, expected, nameOf(entry));
			continue;
		}
		const wrong = holds?.(parsed.data);
		if (wrong) {
			fault(`${here}.${wrong.path}`, wrong.expected, nameOf(entry));
			continue;
		}
		if (key !== undefined) {
			const id = parsed.data[key];
			if (seen.has(id)) {
				fault(`${here}.${key}`, `an id of its own: “${String(id)}” is used twice`, nameOf(entry));
				continue;
			}
			seen.add(id);
		}
		items.push(parsed.data);
	}
	return { items, unread };
}
