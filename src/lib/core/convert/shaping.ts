import { entryAt, last as lastOf } from '../quantity/sure';
import { MOST_EDGE_POINTS, MOST_PIECE_CM } from '../quantity/bounds';
import { tidy } from '../quantity/parse';
import { reachable } from '../shaping/counts';
import { SIDES, upsideDown, type EdgePoint, type Outline, type Side } from '../shaping/outline';
import type { Take } from '../shaping/edge-schedule';
import type { Typed, TypedTake } from '../shaping/typed';
import { readSchedule } from './own-words';
import { handOnly, type HandOnly, type TheirGauge } from './written';

/** What could not be taken as it was typed. Sentences in `words/written.ts`. */
export type Misread =
	| { readonly code: 'no-start' }
	| { readonly code: 'unread'; readonly words: string }
	/** Stitches that the pattern says are left are not those its own shaping leaves. */
	| {
			readonly code: 'sum';
			readonly words: string;
			readonly said: number;
			readonly is: number;
			/** By the last shaping's step the nearest two that can be. */
			readonly below: number | null;
			readonly above: number | null;
	  }
	| { readonly code: 'used-up'; readonly words: string; readonly left: number }
	/** An edge in a plan's words that goes on past the last row. */
	| { readonly code: 'past-end'; readonly side: Side; readonly row: number; readonly rows: number }
	/** Longer or wider than a piece can be, cm, or with more points to an edge. */
	| { readonly code: 'too-large'; readonly cm: number; readonly most: number }
	| { readonly code: 'too-many-points'; readonly points: number; readonly most: number };

export interface ReadShaping {
	/** In cm by the pattern's gauge; null while nothing can be drawn. */
	readonly outline: Outline | null;
	/** It widens from its cast-on: drawn and knitted from the other end. */
	readonly turned: boolean;
	/** Row by row, as it is typed; null while nothing can be drawn, and for what both widens and narrows. */
	readonly typed: Typed | null;
	readonly misreads: readonly Misread[];
	readonly hand: readonly HandOnly[];
	/** By the pattern's own counts: cast on, left at the end, rows. */
	readonly counts: { readonly castOn: number; readonly left: number; readonly rows: number } | null;
}

interface Walk {
	readonly edges: Record<Side, { off: number; row: number }[]>;
	readonly castOn: number;
	/** What comes off before a row, from 0; below zero for what is added. */
	readonly takes: Record<Side, TypedTake[]>;
	row: number;
	/** Stitches that the last shaping took at once. */
	step: number;
}

const onPins = (w: Walk): number => w.castOn - last(w, 'left').off - last(w, 'right').off;
const last = (w: Walk, side: Side) => lastOf(w.edges[side]);

const START = /^(?:cast on|co)?\s*(\d+)\s*(?:sts?|stitch(?:es)?|loops?)?\b/;
const STITCHES = /^(\d+)\s*(?:sts?|stitch(?:es)?|loops?)\b(?: (?:left|remain|remaining|on))?/;
const ROWS = /^(?:work|knit)?\s*(\d+)\s*rows?\b/;
const SHAPE =
	/^(decrease|dec|increase|inc|take off|take in|lose|k2tog)?\s*(\d+)?\s*(?:sts?|stitch(?:es)?)?\s*(?:at|on)?\s*(?:the )?(each end|both ends|each edge|both edges|each side|both sides|left(?: edge| side)?|right(?: edge| side)?|neck edge|side edge|armhole edge)\s*(?:of )?(?:every )?(other|alternate|second|\d+(?:st|nd|rd|th)?)?\s*rows?\s*(?:(\d+)\s*times|(once|twice))?/;
const GROUP =
	/^(?:cast off|bind off|take off|put on waste)\s*(\d+)\s*(?:sts?|stitch(?:es)?)?\s*(?:at|on)?\s*(?:the )?(each end|both ends|each side|both sides|(?:beginning|start) of (?:the )?next 2 rows|left(?: edge| side)?|right(?: edge| side)?|neck edge|side edge|armhole edge)/;
const END = /^(?:cast off|bind off)(?: (?:the )?(?:rest|all|remaining|loosely).*)?$/;

/** Which edges a pattern means: its neck and centre are taken for the right one, side and armhole for the left. */
const sidesOf = (words: string): readonly Side[] =>
	/each|both|next 2/.test(words) ? SIDES : /^(right|neck)/.test(words) ? ['right'] : ['left'];

const every = (words: string | undefined): number =>
	words === undefined
		? 1
		: /other|alternate|second/.test(words)
			? 2
			: Number.parseInt(words, 10) || 1;

function shape(w: Walk, clause: string, m: RegExpMatchArray): Misread | null {
	const outward = /^inc/.test(m[1] ?? '');
	const n = Number(m[2] ?? 1);
	const sides = sidesOf(m[3]!);
	const times = m[5] ? Number(m[5]) : m[6] === 'twice' ? 2 : 1;
	const rows = every(m[4]) * times;
	for (const side of SIDES) {
		const { off } = last(w, side);
		const by = sides.includes(side) ? n * times * (outward ? -1 : 1) : 0;
		if (by !== 0 && lastOf(w.edges[side]).row < w.row) w.edges[side].push({ off, row: w.row });
		if (by === 0) continue;
		w.edges[side].push({ off: off + by, row: w.row + rows });
		// Every 4th row: the 4th row is the first that is knitted so.
		const step = every(m[4]);
		for (let i = 1; i <= times; i++)
			w.takes[side].push({ row: w.row + i * step - 1, stitches: by / times });
	}
	w.row += rows;
	w.step = n * sides.length;
	return onPins(w) < 1 ? { code: 'used-up', words: clause, left: onPins(w) } : null;
}

function group(w: Walk, clause: string, m: RegExpMatchArray): Misread | null {
	const n = Number(m[1]);
	const sides = sidesOf(m[2]!);
	for (const side of sides) {
		const { off } = last(w, side);
		if (last(w, side).row < w.row) w.edges[side].push({ off, row: w.row });
		w.edges[side].push({ off: off + n, row: w.row });
		w.takes[side].push({ row: w.row, stitches: n });
	}
	if (/next 2/.test(m[2]!)) w.row += 2;
	w.step = n * sides.length;
	return onPins(w) < 1 ? { code: 'used-up', words: clause, left: onPins(w) } : null;
}

function sum(w: Walk, clause: string, said: number): Misread | null {
	const is = onPins(w);
	if (said === is) return null;
	const can = reachable(w.castOn, said, Math.max(1, w.step));
	const near = can.ok ? { below: is, above: null } : can;
	return { code: 'sum', words: clause, said, is, below: near.below, above: near.above };
}

/**
 * A pattern's shaping as it is typed, "88 stitches, 60 rows, then 1 at each end every 4th row 8 times, cast off", as an
 * outline in cm by the pattern's gauge. What is not understood is said and left out; what the machine does not do is named.
 */
export function readShaping(text: string, theirs: TheirGauge): ReadShaping {
	const hand = handOnly(text);
	const own = ownEdges(text);
	const clauses = own.rest
		.split(/[,;\n]|\.(?!\d)|\bthen\b/i)
		.map((c) => tidy(c).replace(/^and /, ''))
		.filter((c) => c !== '');
	const start = clauses[0]?.match(START);
	const castOn = start ? Number(start[1]) : 0;
	if (castOn < 1)
		return {
			outline: null,
			turned: false,
			typed: null,
			misreads: [{ code: 'no-start' }],
			hand,
			counts: null
		};
	const w: Walk = {
		castOn,
		edges: { left: [{ off: 0, row: 0 }], right: [{ off: 0, row: 0 }] },
		takes: { left: [], right: [] },
		row: 0,
		step: 1
	};
	const misreads: Misread[] = [];
	for (const clause of clauses.slice(1)) {
		const shaped = clause.match(SHAPE);
		const grouped = clause.match(GROUP);
		const rows = clause.match(ROWS);
		const stitches = clause.match(STITCHES);
		let wrong: Misread | null = null;
		if (END.test(clause)) continue;
		if (grouped) wrong = group(w, clause, grouped);
		else if (rows) w.row += Number(rows[1]);
		else if (shaped) wrong = shape(w, clause, shaped);
		else if (stitches) wrong = sum(w, clause, Number(stitches[1]));
		else wrong = { code: 'unread', words: clause };
		if (wrong) misreads.push(wrong);
		if (wrong?.code === 'used-up') break;
	}
	for (const side of SIDES) {
		const row = Math.max(0, ...own.takes[side].map((t) => t.row));
		if (row <= w.row) followOwn(w, side, own.takes[side]);
		else misreads.push({ code: 'past-end', side, row, rows: w.row });
	}
	const counts = { castOn, left: onPins(w), rows: w.row };
	const nothing = { outline: null, typed: null, hand, counts };
	if (w.row < 1 || onPins(w) < 1) return { ...nothing, turned: false, misreads };
	const outline = outlineOf(w, theirs);
	const widens = SIDES.some((s) => w.edges[s].some((p) => p.off < 0));
	const narrows = SIDES.some((s) =>
		w.edges[s].some((p, i, all) => i > 0 && p.off > entryAt(all, i - 1).off)
	);
	const turned = widens && !narrows;
	const large = tooLarge(outline);
	if (large) return { ...nothing, turned, misreads: [...misreads, large] };
	const typed = widens && narrows ? null : typedOf(w, theirs, turned);
	return { outline: turned ? upsideDown(outline) : outline, turned, typed, misreads, hand, counts };
}

/** A piece row by row; knitted from its other end, what was added comes off. */
function typedOf({ castOn, row: rows, takes }: Walk, theirs: TheirGauge, turned: boolean): Typed {
	const side = (s: Side): TypedTake[] =>
		turned
			? takes[s].map((t) => ({ row: rows - t.row, stitches: -t.stitches })).reverse()
			: takes[s];
	const off = (list: readonly TypedTake[]) => list.reduce((t, x) => t + x.stitches, 0);
	const grown = turned ? -off(takes.left) - off(takes.right) : 0;
	return {
		stitchesPerCm: theirs.stitchesPerCm,
		rowsPerCm: theirs.rowsPerCm,
		castOn: castOn + grown,
		rows,
		left: side('left'),
		right: side('right')
	};
}

const OWN_EDGE = /(?:^|[;\n])\s*(left|right|both)(?: edges?)?:\s*([^;\n]*)/gi;

/** Edges in the words of a plan, "left edge: decrease 1 every 2nd row 5 times, first after row 50", and all else. */
function ownEdges(text: string): {
	readonly rest: string;
	readonly takes: Readonly<Record<Side, readonly Take[]>>;
} {
	const takes: Record<Side, readonly Take[]> = { left: [], right: [] };
	const rest = text.replace(OWN_EDGE, (whole, name: string, said: string) => {
		const read = readSchedule(said);
		if (!read) return whole;
		for (const side of SIDES)
			if (name.toLowerCase() === side || /both/i.test(name)) takes[side] = read;
		return '';
	});
	return { rest, takes };
}

/** An edge that is told in the words of a plan. */
function followOwn(w: Walk, side: Side, takes: readonly Take[]): void {
	for (const { row, stitches, how } of takes) {
		const { off, row: before } = last(w, side);
		const from = how === 'group' ? row : before;
		if (from > before || (how === 'group' && row > before)) w.edges[side].push({ off, row });
		w.edges[side].push({ off: off + stitches, row: Math.max(row, before) });
		w.takes[side].push({ row, stitches });
	}
}

/** What a record of a piece cannot hold. */
function tooLarge({ left, right }: Outline): Misread | null {
	const all = [...left, ...right];
	const cm = Math.max(...all.map((p) => Math.max(Math.abs(p.x), p.y)));
	if (cm > MOST_PIECE_CM) return { code: 'too-large', cm, most: MOST_PIECE_CM };
	const points = Math.max(left.length, right.length);
	return points > MOST_EDGE_POINTS
		? { code: 'too-many-points', points, most: MOST_EDGE_POINTS }
		: null;
}

function outlineOf(w: Walk, theirs: TheirGauge): Outline {
	const edge = (side: Side): EdgePoint[] => {
		const points = w.edges[side].map(({ off, row }, i, all): EdgePoint => {
			const x = (side === 'left' ? off : w.castOn - off) / theirs.stitchesPerCm;
			const next = all[i + 1];
			const part = next && next.off !== off ? 'slope' : 'side';
			return { x, y: row / theirs.rowsPerCm, part };
		});
		const end = lastOf(points);
		const top = w.row / theirs.rowsPerCm;
		return end.y < top - 1e-9 ? [...points, { x: end.x, y: top }] : points;
	};
	return { left: edge('left'), right: edge('right') };
}
