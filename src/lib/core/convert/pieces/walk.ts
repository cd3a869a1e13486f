import { otherSide, type Side } from '../../shaping/outline';
import type { TypedTake } from '../../shaping/typed';
import { CM_PER_INCH } from '../../quantity/units';
import type { Act, Edge, Shape } from '../pattern/acts';
import { rowsOfShape } from '../pattern/follow';
import type { SaidAct, SaidPiece } from './said';
import { offOf, type Line, type Mark } from './strip';

/** What had to be guessed of a stretch, or has to be said by the maker. Sentences in `words/pieces.ts`. */
export type Guess =
	/** An edge in a plan's words that goes on past the last row. */
	| { readonly code: 'past-end'; readonly side: Side; readonly row: number; readonly rows: number }
	| { readonly code: 'both-armholes' }
	| { readonly code: 'half-odd'; readonly n: number }
	| { readonly code: 'half-edge'; readonly edge: 'neck' | 'outer' }
	| { readonly code: 'evenly'; readonly castOn: number }
	| { readonly code: 'evenly-edges'; readonly n: number }
	| { readonly code: 'no-armhole' }
	| { readonly code: 'already-longer'; readonly rows: number }
	| { readonly code: 'same-missing'; readonly piece: string }
	| { readonly code: 'needs-rows' }
	| { readonly code: 'centre-differs'; readonly said: number; readonly is: number };
/** What the maker has to say: nothing can be guessed. */
export const ASKED: readonly Guess['code'][] = [
	'same-missing',
	'needs-rows',
	'centre-differs',
	'past-end'
];

export interface Note {
	readonly at: number;
	readonly guess: Guess;
}

/** Stitches and rows of one stretch as it is worked; a piece, or a half of it. */
export interface Walked {
	castOn: number;
	row: number;
	/** Where the last act began. */
	began: number;
	takes: Record<Side, TypedTake[]>;
	marks: Record<Side, Mark[]>;
	lines: Line[];
	armhole: number | null;
	/** The edge of the last shaping or group. */
	edge: Edge;
	/** The row at which a group came off last; null where none has. */
	grouped: number | null;
	/** Rows went straight since it began. */
	straight: boolean;
}
/** A piece that is divided for a neck: its trunk ends there, and its halves go on. */
export interface Divided {
	readonly row: number;
	/** Stitches at the division, and of the half that is worked first. */
	readonly on: number;
	readonly first: number;
	readonly half: Walked;
	/** The other side, where it is told by itself. */
	second: Walked | null;
}
export interface PieceWalk {
	readonly said: SaidPiece;
	readonly trunk: Walked;
	divided: Divided | null;
	/** The edge at the side of the body, of a piece that has one; a whole piece has two. */
	readonly outer: Side | 'both';
	reversed: boolean;
	readonly notes: Note[];
}

export const walked = (castOn: number): Walked => ({
	castOn,
	row: 0,
	began: 0,
	takes: { left: [], right: [] },
	marks: { left: [], right: [] },
	lines: [],
	armhole: null,
	edge: 'both',
	grouped: null,
	straight: false
});
export const onPins = (w: Walked): number => w.castOn - offOf(w.takes.left) - offOf(w.takes.right);

/** Rows from an edge of a row, from 0: right-side rows begin at the right edge. */
const startOf = (row: number): Side => (row % 2 === 0 ? 'right' : 'left');

/** How an edge by name lies on the piece that is worked. */
interface Lie {
	/** Of a half, or of a front that has its own hand. */
	readonly outer: Side | 'both';
	readonly inner: Side | null;
}
export function sidesAt(edge: Edge, row: number, lie: Lie): readonly Side[] {
	switch (edge) {
		case 'left':
		case 'right':
			return [edge];
		case 'start':
			return [startOf(row)];
		case 'end':
			return [otherSide(startOf(row))];
		case 'neck':
			return [lie.inner ?? 'right'];
		case 'armhole':
		case 'side':
			return lie.outer === 'both' ? ['left', 'right'] : [lie.outer];
		default:
			return ['left', 'right'];
	}
}

export function takeOff(w: Walked, side: Side, row: number, stitches: number): void {
	w.takes[side].push({ row, stitches });
}
export function mark(w: Walked, part: string, sides: readonly Side[], row = w.row): void {
	for (const side of sides) {
		const was = w.marks[side].at(-1);
		if (was?.part !== part) w.marks[side].push({ row, part });
	}
}

/** A shaping over its rows. */
export function shapeRows(w: Walked, shape: Shape, lie: Lie): void {
	const times = shape.times ?? 0;
	const n = shape.n * (shape.way === 'dec' ? 1 : -1);
	const edge = shape.edge === 'same' ? w.edge : shape.edge;
	for (let i = 0; i < times; i++) {
		const row = Math.max(0, w.row + shape.first - 1 + i * shape.every);
		for (const side of sidesAt(edge, row, lie)) takeOff(w, side, row, n);
	}
	w.edge = edge;
}
/** Rows that a length comes to from where the work is, with a row of the side it asks for last. */
export function rowsTo(w: Walked, act: Extract<Act, { do: 'to' }>, rowsPerCm: number): number {
	const cm = act.unit === 'cm' ? act.n : act.n * CM_PER_INCH;
	const from = act.from === 'beginning' ? 0 : act.from === 'armhole' ? (w.armhole ?? 0) : w.row;
	const end = from + cm * rowsPerCm;
	// A right-side row is the first, the third, …: after it an odd number are done.
	const odd = act.side === 'RS' ? 1 : 0;
	const rows = act.side === null ? Math.round(end) : 2 * Math.round((end - odd) / 2) + odd;
	return rows - w.row;
}
export const rowsTaken = (act: Act): number =>
	act.do === 'shape' ? rowsOfShape(act) : act.do === 'groups' ? act.rows : 0;

const isGroup = ({ act }: SaidAct) => act.do === 'groups' || act.do === 'group';
/** Acts of a piece up to where a part of it begins, or is done, as another has it. */
export function actsUpTo({ said }: PieceWalk, to: string | null): SaidAct[] {
	const own = said.acts.filter((a) => a.act.do !== 'on');
	if (to === null) return [...own];
	const [part, done] = to.split(' ');
	const word = said.parts.find((p) => p.part === part)?.at;
	const first = own.findIndex((a) =>
		word === undefined
			? (part === 'armhole' && isGroup(a)) ||
				(part === 'neck' && ['divide', 'centre', 'hold'].includes(a.act.do))
			: a.at > word
	);
	if (first < 0) return own;
	if (done === undefined) return own.slice(0, first);
	const after = own.findIndex((a, i) => i > first && !isGroup(a) && a.act.do !== 'shape');
	return after < 0 ? own : own.slice(0, after);
}
/** The row at which a part of a piece begins; its last row where it has none of that name. */
export function rowOfPart({ trunk, divided }: PieceWalk, part: string | null): number {
	const marks = [...trunk.marks.left, ...trunk.marks.right, ...(divided?.half.marks.left ?? [])];
	const named = marks.filter((m) => m.part === part).map((m) => m.row);
	if (named.length > 0) return Math.min(...named);
	if (part === 'neck' && divided) return divided.row;
	return Math.max(trunk.row, divided?.half.row ?? 0);
}
