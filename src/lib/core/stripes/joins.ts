import type { Section } from './sections';
import { evenOut } from './even';

/** A colour that comes back within so many rows can be carried up inside, not cut (from memory). */
export const CARRY_ROWS = 4;

/** A way to the same thing with fewer tails. `saves` counts tails. */
export type FewerTails =
	/** Joins that nobody sees: those rows in one colour. */
	| { readonly way: 'hidden'; readonly joins: number; readonly saves: number }
	/** Yarn carried up inside over a narrow stripe. */
	| { readonly way: 'carry'; readonly over: number; readonly saves: number }
	/** Every stripe twice as wide. */
	| { readonly way: 'wider'; readonly saves: number };

export interface Joins {
	readonly joins: number;
	/** Two at each join. */
	readonly tails: number;
	/** Rows at which a new yarn begins. */
	readonly at: readonly number[];
	readonly ways: readonly FewerTails[];
}

/** Half as many stripes in the order they have, stretched to the same total. */
export function wider(sections: readonly Section[]): Section[] {
	const total = sections.reduce((t, s) => t + s.rows, 0);
	return evenOut(sections.slice(0, Math.ceil(sections.length / 2)), total);
}

/** Times that a yarn comes back after at most `CARRY_ROWS` rows of others. */
function carries(sections: readonly Section[]): number {
	let n = 0;
	const end = new Map<number, number>();
	let at = 0;
	for (const s of sections) {
		const before = end.get(s.yarn);
		if (before !== undefined && at - before <= CARRY_ROWS) n += 1;
		at += s.rows;
		end.set(s.yarn, at);
	}
	return n;
}

/**
 * Joins of a piece and the tails they leave, with the ways to have fewer, the most saved first.
 * @param hidden joins that nobody sees once it is folded
 */
export function joinsOf(sections: readonly Section[], hidden = 0): Joins {
	const at: number[] = [];
	let row = 0;
	for (const s of sections) {
		if (row > 0) at.push(row);
		row += s.rows;
	}
	const joins = at.length;
	const over = carries(sections);
	const widened = joins >= 3 ? wider(sections).length - 1 : joins;
	const ways: FewerTails[] = [
		...(hidden > 1 ? [{ way: 'hidden' as const, joins: hidden, saves: 2 * (hidden - 1) }] : []),
		...(over > 0 ? [{ way: 'carry' as const, over, saves: 2 * over }] : []),
		...(widened < joins ? [{ way: 'wider' as const, saves: 2 * (joins - widened) }] : [])
	];
	return { joins, tails: 2 * joins, at, ways: ways.sort((a, b) => b.saves - a.saves) };
}

/**
 * Sections in which every yarn runs out at the end of a row: each letter gets the rows its part ball lasts for, its stripes
 * shared out by the line they had. Yarns that are not in the line stay out. Changes the total.
 * @param rowsOf whole rows that each yarn's part ball gives
 */
export function useUp(sections: readonly Section[], rowsOf: readonly number[]): Section[] {
	const used = [...new Set(sections.map((s) => s.yarn))];
	const shares = new Map(
		used.map((yarn) => {
			const mine = sections.filter((s) => s.yarn === yarn);
			const rows = Math.floor(rowsOf[yarn] ?? 0);
			// A ball too small for a row in each of its stripes gives its rows to the first of them.
			return [yarn, rows >= mine.length ? evenOut(mine, rows) : mine.slice(0, rows).map(oneRow)];
		})
	);
	const next = new Map<number, number>();
	return sections.flatMap((s) => {
		const i = next.get(s.yarn) ?? 0;
		next.set(s.yarn, i + 1);
		const given = shares.get(s.yarn)?.[i];
		return given ? [{ ...given }] : [];
	});
}
const oneRow = (s: Section): Section => ({ ...s, rows: 1 });
