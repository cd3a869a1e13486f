import { MOST_EDGE_POINTS, MOST_PIECE_CM } from '../../quantity/bounds';
import type { WidenedWay } from '../../model/written';
import type { ReadPattern } from '../pattern/follow';
import type { SomeGauge, TheirGauge } from '../written';
import { piecesSaid } from './said';
import { guessSeams, type GuessedSeam } from './seams';
import { leftOf, outlineOf, type Strip } from './strip';
import { stripsOf } from './strips';
import { onPins, type Note, type PieceWalk } from './walk';
import { asKnitted, wideningOf, type Widening } from './widened';
import { work } from './work';

/** Why a piece cannot be drawn yet. Sentences in `words/pieces.ts`. */
export type PieceProblem =
	| { readonly code: 'no-cast-on' }
	| { readonly code: 'no-rows' }
	| { readonly code: 'none-left'; readonly left: number }
	| { readonly code: 'too-large'; readonly cm: number; readonly most: number }
	| { readonly code: 'too-many-points'; readonly most: number };

/** A piece of a pattern, and the panels that it is knitted as. */
export interface PatternPiece {
	readonly name: string;
	readonly count: number;
	/** As the text has it: cast on, rows, and left at its end where it is one panel. */
	readonly castOn: number;
	readonly rows: number;
	readonly strips: readonly Strip[];
	readonly widening: Widening | null;
	readonly way: WidenedWay;
	readonly problem: PieceProblem | null;
}
export interface Pieces {
	readonly pieces: readonly PatternPiece[];
	readonly notes: readonly Note[];
	readonly seams: readonly GuessedSeam[];
}

export interface PiecesInput {
	readonly source: string;
	/** The pattern's own gauge, as far as it is known. */
	readonly gauge: SomeGauge;
	/** What its centimetres are drawn by: its own gauge, or the maker's where it says none. */
	readonly draw: TheirGauge;
	readonly ways: readonly { readonly piece: string; readonly way: WidenedWay }[];
}

/** A pattern's back, cast off whole, has its shoulders at both ends of its last row where the fronts' are known. */
function withShoulders(strips: readonly Strip[]): Strip[] {
	const front = strips.find((s) => /front/i.test(s.of) && s.top === 'shoulder');
	const shoulder =
		front && !front.marks.left.some((m) => m.part === 'shoulder') ? leftOf(front) : 0;
	return strips.map((s) =>
		/back/i.test(s.of) && s.top === 'top' && shoulder > 0 && leftOf(s) >= 2 * shoulder
			? { ...s, shoulder, top: 'neck' }
			: s
	);
}
/** What a record of a piece cannot hold. */
function tooLarge(s: Strip, draw: TheirGauge): PieceProblem | null {
	const { left, right } = outlineOf(s, draw);
	const cm = Math.max(...[...left, ...right].map((p) => Math.max(Math.abs(p.x), p.y)));
	if (cm > MOST_PIECE_CM) return { code: 'too-large', cm, most: MOST_PIECE_CM };
	return Math.max(left.length, right.length) > MOST_EDGE_POINTS
		? { code: 'too-many-points', most: MOST_EDGE_POINTS }
		: null;
}
function problemOf(
	walk: PieceWalk,
	strips: readonly Strip[],
	draw: TheirGauge
): PieceProblem | null {
	if (walk.trunk.castOn < 1) return { code: 'no-cast-on' };
	if (strips.some((s) => s.rows < 1)) return { code: 'no-rows' };
	const left = Math.min(onPins(walk.trunk), ...strips.map(leftOf));
	if (left < 1) return { code: 'none-left', left };
	return strips.map((s) => tooLarge(s, draw)).find((p) => p !== null) ?? null;
}

/**
 * The pieces of a pattern that was read: each in its own stitches and rows, as the panels that a ring knits; what had to be
 * guessed, and what is probably sewn to what.
 */
export function piecesOf(read: ReadPattern, input: PiecesInput): Pieces {
	const { source, gauge, draw } = input;
	const { rowsPerCm } = gauge;
	const walks: PieceWalk[] = [];
	for (const said of piecesSaid(read.instructions, source))
		walks.push(work(said, { rowsPerCm, before: walks }));
	const taken = new Set<string>();
	const pieces = walks.map((walk): PatternPiece => {
		const whole = stripsOf(walk, taken);
		const way = input.ways.find((w) => w.piece === walk.said.name)?.way ?? 'joined';
		const widening = whole.map(wideningOf).find((w) => w !== null) ?? null;
		const problem = problemOf(walk, whole, draw);
		const strips = problem ? [] : whole.flatMap((s) => asKnitted(s, way, draw));
		for (const s of [...whole, ...strips]) taken.add(s.id);
		const { name, count } = walk.said;
		const rows = Math.max(walk.trunk.row, walk.divided?.half.row ?? 0);
		return { name, count, castOn: walk.trunk.castOn, rows, strips, widening, way, problem };
	});
	const all = withShoulders(pieces.flatMap((p) => p.strips));
	return {
		pieces: pieces.map((p) => ({
			...p,
			strips: p.strips.map((s) => all.find((x) => x.id === s.id) ?? s)
		})),
		notes: walks.flatMap((w) => w.notes),
		seams: guessSeams(all, new Set(pieces.flatMap((p) => (p.way === 'joined' ? [p.name] : []))))
	};
}
