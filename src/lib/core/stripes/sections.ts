import { entryAt } from '../quantity/sure';
import type { StripeLine } from './stripe-line';

/** Rows of one yarn. */
export interface Section {
	readonly yarn: number;
	readonly rows: number;
}

/**
 * A fade as sections: pairs of stripes, the first colour's shrinking as the second's grow, by a row at a time as evenly as
 * can be. The rows add up exactly.
 */
export function fadeSections(rows: number, from: number, to: number): Section[] {
	// n pairs of n + 1 rows are the fade; what is over goes to the pairs from the middle outwards, a row each.
	const pairs = Math.max(1, Math.floor((Math.sqrt(1 + 4 * rows) - 1) / 2));
	const sections: Section[] = [];
	let given = 0;
	for (let i = 0; i < pairs; i++) {
		const upTo = Math.round((rows * (i + 1)) / pairs);
		const here = upTo - given;
		given = upTo;
		const second = Math.min(here, Math.round((here * (i + 1)) / (pairs + 1)));
		sections.push({ yarn: from, rows: here - second }, { yarn: to, rows: second });
	}
	return sections.filter((s) => s.rows > 0);
}

/** Adjoining sections of one yarn are one section: nothing is joined there. */
export function joined(sections: Iterable<Section>): Section[] {
	const out: { yarn: number; rows: number }[] = [];
	for (const s of sections) {
		const last = out.at(-1);
		if (last?.yarn === s.yarn) last.rows += s.rows;
		else if (s.rows > 0) out.push({ yarn: s.yarn, rows: s.rows });
	}
	return out;
}

/** The line said again and again until there are so many rows, the last time as far as they go. */
export function repeated(sections: readonly Section[], rows: number): Section[] {
	const out: Section[] = [];
	for (let left = rows, i = 0; left > 0; i = (i + 1) % sections.length) {
		const s = entryAt(sections, i);
		out.push({ yarn: s.yarn, rows: Math.min(left, s.rows) });
		left -= s.rows;
	}
	return joined(out);
}

/** The sections a line stands for, in the order they are knitted. */
export function sectionsOf(parts: StripeLine): Section[] {
	const all: Section[] = [];
	const lay = (list: StripeLine): void => {
		for (const p of list) {
			if (p.kind === 'rows') all.push({ yarn: p.yarn, rows: p.rows });
			else if (p.kind === 'fade') all.push(...fadeSections(p.rows, p.from, p.to));
			else if (p.kind === 'times') for (let i = 0; i < p.times; i++) lay(p.parts);
			else {
				const start = all.length;
				lay(p.parts);
				all.push(...all.slice(start).reverse());
			}
		}
	};
	lay(parts);
	return joined(all);
}
