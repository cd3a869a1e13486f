import type { FreePiece } from '$lib/core/recipe/garments/free-piece';
import { MOST_PIECE_CM } from '$lib/core/quantity/bounds';

type Edge = FreePiece['left'];
const put = (edge: Edge, i: number, q: { readonly x?: number; readonly y: number }): Edge =>
	edge.map((old, k) => (k === i ? { ...old, ...q } : old));

/** A free piece with one point of an edge moved, cm: between its neighbours, and both edges still end at one height. */
export function movedPoint(
	piece: FreePiece,
	side: 'left' | 'right',
	index: number,
	to: { readonly x: number; readonly y: number }
): FreePiece {
	const edge = piece[side];
	const last = index === edge.length - 1;
	const low = edge[index - 1]?.y ?? 0;
	const high = last ? MOST_PIECE_CM : (edge[index + 1]?.y ?? MOST_PIECE_CM);
	const y = index === 0 ? 0 : Math.min(high, Math.max(low, to.y));
	const other = side === 'left' ? 'right' : 'left';
	// An edge that is moved by hand is no longer the one that was typed.
	const moved = { ...piece, typed: undefined, [side]: put(edge, index, { x: to.x, y }) };
	if (!last) return moved;
	const top = Math.max(y, piece[other].at(-2)?.y ?? 0);
	return { ...moved, [other]: put(piece[other], piece[other].length - 1, { y: top }) };
}
