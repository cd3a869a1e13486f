import { entryAt } from '../quantity/sure';
import { joined, type Section } from './sections';
import type { StripeLine, StripePart } from './stripe-line';

/** Edits of the sections on the ribbon. All but those that say so keep the total of rows. */

const total = (s: readonly Section[]): number => s.reduce((t, x) => t + x.rows, 0);

/** Yarns in the order they come, each once. */
export const yarnsIn = (sections: readonly Section[]): number[] => [
	...new Set(sections.map((s) => s.yarn))
];

/** Moves the boundary after section `i` to a row of the whole; it stops a row before its neighbours. */
export function moveBoundary(sections: readonly Section[], i: number, row: number): Section[] {
	const [a, b] = [sections[i], sections[i + 1]];
	if (!a || !b) return [...sections];
	const before = total(sections.slice(0, i));
	const rows = Math.max(1, Math.min(a.rows + b.rows - 1, row - before));
	return sections.map((s, k) =>
		k === i ? { ...s, rows } : k === i + 1 ? { ...s, rows: a.rows + b.rows - rows } : s
	);
}

/** Cuts the section that holds `row` in two there, the second in another yarn. */
export function split(sections: readonly Section[], row: number, yarn: number): Section[] {
	let at = 0;
	return joined(
		sections.flatMap((s) => {
			const from = at;
			at += s.rows;
			if (row <= from || row >= at) return [s];
			return [
				{ ...s, rows: row - from },
				{ yarn, rows: at - row }
			];
		})
	);
}

/** Gives section `i` the yarn of the one before it, or of the one after where it is the first. */
export function merge(sections: readonly Section[], i: number): Section[] {
	const yarn = (sections[i - 1] ?? sections[i + 1])?.yarn;
	return yarn === undefined
		? [...sections]
		: joined(sections.map((s, k) => (k === i ? { ...s, yarn } : s)));
}

/** Moves section `from` to the place of `to`. */
export function reorder(sections: readonly Section[], from: number, to: number): Section[] {
	const list = [...sections];
	const [moved] = list.splice(from, 1);
	if (moved) list.splice(to, 0, moved);
	return joined(list);
}

/** One colour in the place of the other, and the other way round. */
export const swapColours = (sections: readonly Section[], a: number, b: number): Section[] =>
	joined(sections.map((s) => ({ ...s, yarn: s.yarn === a ? b : s.yarn === b ? a : s.yarn })));

/**
 * The first half and the same backwards, so that both layers of a folded tube show alike: of an odd total the middle row is
 * one more of the middle colour.
 */
export function mirror(sections: readonly Section[]): Section[] {
	const rows = total(sections);
	const half: Section[] = [];
	let left = Math.ceil(rows / 2);
	for (const s of sections) {
		if (left <= 0) break;
		half.push({ ...s, rows: Math.min(left, s.rows) });
		left -= s.rows;
	}
	const back = half.toReversed();
	if (rows % 2 === 1 && back[0]) back[0] = { ...back[0], rows: back[0].rows - 1 };
	return joined([...half, ...back]);
}

/** How many whole stripes of `stripe` rows come nearest `rows`. */
export const stripesIn = (stripe: number, rows: number): number =>
	Math.max(1, Math.round(rows / stripe));
/** Fewer than this as the most that a random stripe has, and some totals could not be made. */
export const leastMost = (least: number): number => 2 * least - 1;

/** Stripes of `stripe` rows in turn, whole at both ends: the number of stripes that comes nearest `rows`. Changes the total. */
export function wholeStripes(yarns: readonly number[], stripe: number, rows: number): Section[] {
	const n = stripesIn(stripe, rows);
	return joined(
		Array.from({ length: n }, (_, i) => ({ yarn: entryAt(yarns, i % yarns.length), rows: stripe }))
	);
}

/**
 * Random stripes within rules: between `least` and `most` rows each, no colour twice in a row. The same from the same chance.
 * @param random from 0 to 1
 */
export function randomStripes(
	rules: { yarns: readonly number[]; least: number; most: number; rows: number },
	random: () => number
): Section[] {
	const { yarns, least, most, rows } = rules;
	const out: Section[] = [];
	let left = rows;
	while (left > 0) {
		const others = yarns.filter((y) => y !== out.at(-1)?.yarn);
		const from = others.length > 0 ? others : yarns;
		const yarn = entryAt(from, Math.min(from.length - 1, Math.floor(random() * from.length)));
		let take = least + Math.min(most - least, Math.floor(random() * (most - least + 1)));
		// What would be left too short for a stripe of its own goes with this one, or this one gives some up.
		if (left - take < least) take = left <= most ? left : left - least;
		out.push({ yarn, rows: take });
		left -= take;
	}
	return joined(out);
}

const same = (a: readonly Section[], from: number, to: number, length: number): boolean => {
	for (let i = 0; i < length; i++) {
		const [x, y] = [a[from + i], a[to + i]];
		if (!x || !y || x.yarn !== y.yarn || x.rows !== y.rows) return false;
	}
	return true;
};
/** Repeats longer than this are not looked for: nobody reads them as one. */
const LONGEST_REPEAT = 8;

/** Sections as a line a person would write: what repeats is written once. It stands for just these sections. */
export function lineOf(sections: readonly Section[]): StripeLine {
	const parts: StripePart[] = [];
	for (let i = 0; i < sections.length;) {
		let best = { length: 1, times: 1 };
		for (let length = 2; length <= LONGEST_REPEAT && i + 2 * length <= sections.length; length++) {
			let times = 1;
			while (same(sections, i, i + times * length, length)) times += 1;
			if (times > 1 && times * length > best.times * best.length) best = { length, times };
		}
		const group = sections
			.slice(i, i + best.length)
			.map((s): StripePart => ({ kind: 'rows', rows: s.rows, yarn: s.yarn }));
		if (best.times > 1) parts.push({ kind: 'times', times: best.times, parts: group });
		else parts.push(...group);
		i += best.length * best.times;
	}
	return parts;
}
