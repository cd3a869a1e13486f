import type { Side } from '../../shaping/outline';
import type { SaidPiece } from './said';
import { onPins, walked, type Guess, type PieceWalk, type Walked } from './walk';

/** Where the edge at the side of the body lies, seen from the right side: of a left front at the right. */
export function outerOf({ name, acts }: SaidPiece): Side | 'both' {
	if (/left front/i.test(name)) return 'right';
	if (/right front/i.test(name)) return 'left';
	const divides = acts.findIndex(({ act }) => ['divide', 'centre', 'hold'].includes(act.do));
	const neck = acts.findIndex(
		({ act }) => (act.do === 'shape' || act.do === 'group') && act.edge === 'neck'
	);
	return neck >= 0 && (divides < 0 || neck < divides) ? 'left' : 'both';
}

export const isDone = (walk: PieceWalk): boolean =>
	walk.divided !== null && walk.divided.second === null && walk.reversed;
export const where = (walk: PieceWalk): Walked =>
	walk.divided ? (walk.divided.second ?? walk.divided.half) : walk.trunk;
export const lieOf = (walk: PieceWalk, outer: PieceWalk['outer']) =>
	walk.divided
		? ({ outer: 'left', inner: 'right' } as const)
		: outer === 'both'
			? ({ outer, inner: null } as const)
			: ({ outer, inner: outer === 'left' ? 'right' : 'left' } as const);
export function mirrorWalked(w: Walked): void {
	w.takes = { left: w.takes.right, right: w.takes.left };
	w.marks = { left: w.marks.right, right: w.marks.left };
}

/** The trunk ends here, and one half goes on with so many stitches. */
export function divide(walk: PieceWalk, first: number | null, centre: number): void {
	const on = onPins(walk.trunk);
	const half = walked(0);
	half.row = walk.trunk.row;
	half.began = half.row;
	half.armhole = walk.trunk.armhole;
	walk.divided = {
		row: half.row,
		on,
		first: first ?? Math.floor((on - centre) / 2),
		half,
		second: null
	};
}
/** Of a half whose edge is not said: at first it is the neck that is shaped, later the shoulder. */
export function halfEdge(w: Walked): { readonly side: Side; readonly guess: Guess } {
	const shoulder = w.marks.left.some((m) => m.part === 'shoulder');
	const later = w.straight || shoulder || w.takes.left.length > 0;
	return later
		? { side: 'left', guess: { code: 'half-edge', edge: 'outer' } }
		: { side: 'right', guess: { code: 'half-edge', edge: 'neck' } };
}
