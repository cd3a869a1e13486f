import { entryAt, last as lastOf } from '../../quantity/sure';
import { SIDES, type EdgePoint, type Outline, type Side } from '../../shaping/outline';
import type { Typed, TypedTake } from '../../shaping/typed';
import type { TheirGauge } from '../written';

/** From a row on, rows from 0, an edge goes by this name. */
export interface Mark {
	readonly row: number;
	readonly part: string;
}
/** From a row on, rows from 0, this instruction of the text is worked. */
export interface Line {
	readonly row: number;
	/** Its place among the instructions. */
	readonly at: number;
}

/** One panel as a pattern has it, in the pattern's own stitches and rows, seen from the right side. */
export interface Strip {
	readonly id: string;
	readonly name: string;
	/** The piece of the pattern that it is, or is a part of. */
	readonly of: string;
	readonly count: number;
	/** Half of them as mirror images. */
	readonly mirrored: boolean;
	readonly castOn: number;
	readonly rows: number;
	/** What comes off before a row, from 0; below zero for what is added. */
	readonly takes: Readonly<Record<Side, readonly TypedTake[]>>;
	readonly marks: Readonly<Record<Side, readonly Mark[]>>;
	/** What its last row is called, where a seam speaks of it. */
	readonly top: string;
	/** Of its last row, so many stitches at either end are the shoulders. */
	readonly shoulder?: number;
	readonly lines: readonly Line[];
	/** Knitted from its other end: rows count from there. */
	readonly turned: boolean;
}

export const offOf = (takes: readonly TypedTake[]): number =>
	takes.reduce((t, x) => t + x.stitches, 0);
/** Stitches that are left on the pins at its end. */
export const leftOf = (s: Strip): number => s.castOn - offOf(s.takes.left) - offOf(s.takes.right);
/** Stitches while each of its rows is knitted. */
export function stitchesOf({ castOn, rows, takes }: Strip): number[] {
	const by = new Map<number, number>();
	for (const t of [...takes.left, ...takes.right]) by.set(t.row, (by.get(t.row) ?? 0) + t.stitches);
	let on = castOn;
	return Array.from({ length: rows }, (_, r) => (on -= by.get(r) ?? 0));
}

/** Single or double stitches farther apart than this are no slope, rows. */
const FAR = 24;
/** As much comes off gradually, at one row. */
const MOST_OF_SLOPE = 2;

interface Corner {
	readonly off: number;
	readonly row: number;
}
/** The line of an edge, stitches off by row: slopes for what comes off by ones and twos, steps for groups. */
export function cornersOf(takes: readonly TypedTake[], rows: number): Corner[] {
	const sorted = [...takes].sort((a, b) => a.row - b.row);
	const out: Corner[] = [{ off: 0, row: 0 }];
	const to = (off: number, row: number) => {
		const was = lastOf(out);
		if (was.off !== off || was.row !== row) out.push({ off, row: Math.max(row, was.row) });
	};
	let off = 0;
	for (let i = 0; i < sorted.length;) {
		const first = entryAt(sorted, i);
		let j = i + 1;
		const gap = (sorted[j]?.row ?? Infinity) - first.row;
		const sloped = Math.abs(first.stitches) <= MOST_OF_SLOPE && gap <= FAR && gap > 0;
		while (
			sloped &&
			sorted[j]?.stitches === first.stitches &&
			entryAt(sorted, j).row - entryAt(sorted, j - 1).row === gap
		)
			j += 1;
		const run = sorted.slice(i, j);
		const step = run.length > 1 ? gap : 1;
		if (Math.abs(first.stitches) > MOST_OF_SLOPE) {
			to(off, first.row);
			to(off + first.stitches, first.row);
		} else {
			to(off, Math.max(0, first.row + 1 - step));
			to(off + offOf(run), lastOf(run).row + 1);
		}
		off += offOf(run);
		i = j;
	}
	to(off, rows);
	return out;
}

/** The corners, with one wherever the edge changes its name; which stretch has which name. */
function named(corners: readonly Corner[], marks: readonly Mark[]): (Corner & { part: string })[] {
	const all = [...corners];
	for (const { row } of marks) {
		const i = all.findIndex((c) => c.row >= row);
		const [a, b] = [all[i - 1], all[i]];
		if (!a || !b || b.row === row || a.row === row) continue;
		const share = (row - a.row) / (b.row - a.row);
		all.splice(i, 0, { row, off: a.off + share * (b.off - a.off) });
	}
	const partAt = (row: number) => marks.findLast((m) => m.row <= row)?.part ?? 'side';
	return all.map((c) => ({ ...c, part: partAt(c.row) }));
}

/** A panel in cm by a gauge, its edges by their names. */
export function outlineOf(s: Strip, gauge: TheirGauge): Outline {
	const edge = (side: Side): EdgePoint[] =>
		named(cornersOf(s.takes[side], s.rows), s.marks[side]).map(({ off, row, part }, i, all) => ({
			x: (side === 'left' ? off : s.castOn - off) / gauge.stitchesPerCm,
			y: row / gauge.rowsPerCm,
			...(i < all.length - 1 ? { part } : {})
		}));
	const shouldered = (side: Side): EdgePoint[] => {
		const list = edge(side);
		const end = lastOf(list);
		if (s.shoulder === undefined) return list;
		const x = end.x + ((side === 'left' ? 1 : -1) * s.shoulder) / gauge.stitchesPerCm;
		return [...list.slice(0, -1), { ...end, part: 'shoulder' }, { x, y: end.y }];
	};
	return { left: shouldered('left'), right: shouldered('right'), top: s.top };
}

/** A panel row by row, as it is typed. It only narrows. */
export const typedOf = (s: Strip, gauge: TheirGauge): Typed => ({
	stitchesPerCm: gauge.stitchesPerCm,
	rowsPerCm: gauge.rowsPerCm,
	castOn: s.castOn,
	rows: s.rows,
	left: s.takes.left,
	right: s.takes.right
});

/** A panel from its other end: what was added comes off. */
export function turnedStrip(s: Strip): Strip {
	const flip = (takes: readonly TypedTake[]): TypedTake[] =>
		takes.map((t) => ({ row: s.rows - t.row, stitches: -t.stitches })).reverse();
	const ends = (list: readonly Mark[]): Mark[] =>
		[{ row: 0, part: 'side' }, ...list.filter((m) => m.row > 0)]
			.map((m, i, all): Mark => ({ row: s.rows - (all[i + 1]?.row ?? s.rows), part: m.part }))
			.reverse();
	const lines = s.lines
		.map((l, i): Line => ({ at: l.at, row: s.rows - (s.lines[i + 1]?.row ?? s.rows) }))
		.reverse();
	return {
		...s,
		castOn: leftOf(s),
		takes: { left: flip(s.takes.left), right: flip(s.takes.right) },
		marks: { left: ends(s.marks.left), right: ends(s.marks.right) },
		lines: lines.filter((l) => l.row < s.rows),
		// Its first row lies at what was its end.
		top: /sleeve/i.test(s.of) ? 'cuff' : 'lower edge',
		turned: !s.turned
	};
}

/** Rows `from` to `to` of a panel, as a panel. */
export function rowsFrom(s: Strip, from: number, to: number): Strip {
	const within = (r: number) => r >= from && (r < to || (to === s.rows && r === to));
	const before = (side: Side) => offOf(s.takes[side].filter((t) => t.row < from));
	const slice = (side: Side) =>
		s.takes[side].filter((t) => within(t.row)).map((t) => ({ ...t, row: t.row - from }));
	const marks = (side: Side): Mark[] => {
		const now = s.marks[side].findLast((m) => m.row <= from);
		return [
			...(now ? [{ ...now, row: 0 }] : []),
			...s.marks[side].filter((m) => m.row > from && m.row < to)
		].map((m) => ({ ...m, row: Math.max(0, m.row - (m.row > from ? from : 0)) }));
	};
	const now = s.lines.findLast((l) => l.row <= from);
	return {
		...s,
		castOn: s.castOn - before('left') - before('right'),
		rows: to - from,
		takes: { left: slice('left'), right: slice('right') },
		marks: { left: marks('left'), right: marks('right') },
		lines: [
			...(now ? [{ ...now, row: 0 }] : []),
			...s.lines.filter((l) => l.row > from && l.row < to).map((l) => ({ ...l, row: l.row - from }))
		]
	};
}

/** The mirror image of a panel. */
export const mirroredStrip = (s: Strip): Strip => ({
	...s,
	takes: { left: s.takes.right, right: s.takes.left },
	marks: { left: s.marks.right, right: s.marks.left }
});

export const widens = (s: Strip): boolean =>
	SIDES.some((side) => s.takes[side].some((t) => t.stitches < 0));
export const narrows = (s: Strip): boolean =>
	SIDES.some((side) => s.takes[side].some((t) => t.stitches > 0));
