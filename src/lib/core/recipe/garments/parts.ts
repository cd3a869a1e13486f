import { partsOf, type Density, type PartCounts } from '../../shaping/schedule';
import type { CutPiece } from './pattern';

/** Stitches and rows of each named stretch of a piece; a tube has all its pins at both ends. */
export function pieceParts(piece: CutPiece, density: Density, pins: number): PartCounts[] {
	if (!piece.tube) return partsOf(piece.outline, density, piece.seam);
	const round = { stitches: pins, cm: pins / density.stitchesPerCm };
	return partsOf(piece.outline, density, { left: 0, right: 0 }).map((p) =>
		p.side === 'top' || p.side === 'bottom' ? { ...p, ...round } : p
	);
}
