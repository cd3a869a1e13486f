import type { PlannedPiece } from '$lib/core/plan';

/**
 * The outline of a piece lying along the screen, cast-on at the left, as an SVG path: a bar for a tube, what its decreases
 * make of it for a panel. `x` says where a number of main rows lies.
 */
export function pieceOutline(
	piece: Pick<PlannedPiece, 'rowByRow' | 'mainRows' | 'sheet'>,
	x: (row: number) => number,
	box: { readonly top: number; readonly height: number }
): string {
	const { stretches } = piece.rowByRow;
	const first = stretches[0];
	if (!first || stretches.every((s) => s.mode === 'tube'))
		return `M${x(0)} ${box.top}H${x(piece.mainRows)}V${box.top + box.height}H${x(0)}Z`;
	const low = Math.min(...stretches.map((s) => s.low));
	const pins = Math.max(...stretches.map((s) => s.high)) + 1 - low;
	const y = (pin: number) => box.top + ((pin - low) / pins) * box.height;
	// Along the low edge out, along the high edge back. A decrease takes effect from the row after it.
	// Waste rows are no part of the piece.
	const main = (row: number) =>
		x(Math.min(piece.mainRows, Math.max(0, row - piece.sheet.wasteBefore)));
	const out = stretches.map((s) => `${main(s.from)} ${y(s.low)}L${main(s.to)} ${y(s.low)}`);
	const back = stretches
		.toReversed()
		.map((s) => `${main(s.to)} ${y(s.high + 1)}L${main(s.from)} ${y(s.high + 1)}`);
	return `M${[...out, ...back].join('L')}Z`;
}
