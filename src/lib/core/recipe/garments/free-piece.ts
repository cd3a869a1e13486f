import * as z from 'zod';
import { MOST_EDGE_POINTS, MOST_PIECE_CM } from '../../quantity/bounds';
import { DENSITY_RANGE } from '../../quantity/units';

export const pieceName = z.string().min(1).max(40);
export const cm = z.number().min(0).max(MOST_PIECE_CM);
/** An edge of a piece from the cast-on up, cm; the stretch from a point up to the next may have a name that seams go by. */
const edgePoints = z
	.array(
		z.object({
			x: z.number().min(-MOST_PIECE_CM).max(MOST_PIECE_CM),
			y: cm,
			part: pieceName.optional()
		})
	)
	.min(2)
	.max(MOST_EDGE_POINTS);
/** As many stitches or rows as the largest piece has in the finest gauge: whatever can be drawn can be typed. */
const MOST_COUNT = MOST_PIECE_CM * DENSITY_RANGE.maxPerCm;
const typedCount = z.int().min(1).max(MOST_COUNT);
/** Stitches off an edge before a row, from 0. */
const typedTakes = z
	.array(z.object({ row: z.int().min(0).max(MOST_COUNT), stitches: typedCount }))
	.max(MOST_COUNT);
const perCm = z.number().min(DENSITY_RANGE.minPerCm).max(DENSITY_RANGE.maxPerCm);
export const freePiece = z.object({
	id: pieceName,
	name: z.string().min(1).max(60),
	count: z.int().min(1).max(40),
	mirrored: z.boolean().describe('half of them as mirror images'),
	left: edgePoints,
	right: edgePoints,
	top: pieceName.optional(),
	typed: z
		.object({
			stitchesPerCm: perCm,
			rowsPerCm: perCm,
			castOn: typedCount,
			rows: typedCount,
			left: typedTakes,
			right: typedTakes
		})
		.optional()
		.describe('of a written pattern, as it was typed: knitted so at its own gauge'),
	says: z
		.array(z.object({ row: z.int().min(0).max(MOST_COUNT), words: z.string().min(1).max(300) }))
		.max(300)
		.optional()
		.describe('of a written pattern, its words from a row of it on, from 0')
});
export type FreePiece = z.infer<typeof freePiece>;
const seamEnd = z.object({
	piece: pieceName,
	part: pieceName,
	side: z
		.enum(['left', 'right', 'top', 'bottom'])
		.optional()
		.describe('where both edges have a part of that name')
});
/** Most stretches that one side of a seam runs along. */
const MOST_ENDS = 8;
const seamSide = z.union([seamEnd, z.array(seamEnd).min(1).max(MOST_ENDS)]);
export const freeSeam = z.object({
	a: seamSide,
	b: seamSide,
	times: z.int().min(1).max(40).optional().describe('left out: once'),
	name: z
		.string()
		.min(1)
		.max(120)
		.optional()
		.describe('where it lies; left out where its ends say it'),
	open: z
		.literal(true)
		.optional()
		.describe('two first rows joined loop to loop off their waste; left out: sewn')
});
export type FreeSeamEnd = z.infer<typeof seamEnd>;
/** The stretches that one side of a seam runs along. */
export const endsOf = (side: FreeSeam['a']): readonly FreeSeamEnd[] =>
	Array.isArray(side) ? side : [side];
export type FreeSeam = z.infer<typeof freeSeam>;
