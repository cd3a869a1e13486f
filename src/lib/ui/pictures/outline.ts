import type { PlannedPiece } from '$lib/core/plan';

/**
 * The outline of a piece lying along the screen, cast-on at the left, as an SVG path: a bar for a tube, what its decreases
 * make of it for a panel. `x` says where a number of main rows lies.
 */
export function pieceOutline(
	piece: Pick<PlannedPiece, 'course' | 'mainRows'>,
	x: (row: number) => number,
	box: { readonly top: number; readonly height: number }
): string {
	const { stretches } = piece.course;
	const first = stretches[0];
	if (!first || stretches.every((s) => s.mode === 'tube'))
		return `M${x(0)} ${box.top}H${x(piece.mainRows)}V${box.top + box.height}H${x(0)}Z`;
	const low = Math.min(...stretches.map((s) => s.low));
	const pins = Math.max(...stretches.map((s) => s.high)) + 1 - low;
	const y = (pin: number) => box.top + ((pin - low) / pins) * box.height;
	// Along the low edge out, along the high edge back. A decrease takes effect from the row after it.
	const out = stretches.map((s) => `${x(s.from)} ${y(s.low)}L${x(s.to)} ${y(s.low)}`);
	const back = stretches
		.toReversed()
		.map((s) => `${x(s.to)} ${y(s.high + 1)}L${x(s.from)} ${y(s.high + 1)}`);
	return `M${[...out, ...back].join('L')}Z`;
}
