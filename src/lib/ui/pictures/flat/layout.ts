import type { MadeGarment } from '$lib/core/recipe/garments/make';
import type { CutPiece } from '$lib/core/recipe/garments/pattern';
import { ring } from '$lib/core/recipe/garments/flat';
import { heightOf } from '$lib/core/shaping/outline';

/** A piece on the drawing: where its own 0 lies, cm from the drawing's left, and whether it is shown from the top down. */
export interface Placed {
	readonly piece: CutPiece;
	readonly x: number;
	readonly width: number;
	readonly height: number;
	readonly flip: boolean;
}

const PAIR_GAP_CM = 1;
/** Between the fronts stands the drop of the neck. */
const FRONT_GAP_CM = 5;
/** Room for dimension lines beside a group, cm of the drawing. */
const GROUP_GAP_CM = 9;
const ORDER = ['back-left', 'back-right', 'front-right', 'front-left'];

/** Pieces side by side at one scale: halves of a back and of a front together, all else apart. */
export function placePieces(made: Pick<MadeGarment, 'drawn'>): {
	placed: Placed[];
	width: number;
	height: number;
} {
	const pieces = [...made.drawn.pieces].sort((a, b) => rank(a) - rank(b));
	let x = 0;
	const placed = pieces.map((piece, i): Placed => {
		const xs = ring(piece.outline).map((p) => p.x);
		const [left, right] = [Math.min(...xs), Math.max(...xs)];
		const next = pieces[i + 1];
		const at = x - left;
		const pair =
			next !== undefined &&
			ORDER.includes(piece.id) &&
			piece.id.split('-')[0] === next.id.split('-')[0];
		x +=
			right -
			left +
			(pair ? (piece.id.startsWith('front') ? FRONT_GAP_CM : PAIR_GAP_CM) : GROUP_GAP_CM);
		return {
			piece,
			x: at,
			width: right - left,
			height: heightOf(piece.outline),
			flip: piece.topDown === true
		};
	});
	return {
		placed,
		width: Math.max(1, x - GROUP_GAP_CM),
		height: Math.max(1, ...placed.map((p) => p.height))
	};
}

const rank = (p: CutPiece): number => {
	const i = ORDER.indexOf(p.id);
	return i < 0 ? ORDER.length : i;
};
