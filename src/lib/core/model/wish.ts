import * as z from 'zod';
import { yarnId } from './bench';
import {
	ARMHOLES,
	BODY_SIZES,
	CLOSINGS,
	EDGINGS,
	FLAT_CLOSINGS,
	GARMENTS,
	HATS,
	HEAD_SIZES,
	MEASURES,
	NECKS,
	PANEL_TURNS,
	SHAPINGS,
	SHOULDERS,
	SIZES_FROM,
	SLEEVES,
	TUBES,
	TUBE_ENDS,
	WASTE_WITH,
	WIDER_WAYS
} from './kinds';

export { HEAD_SIZES };

export const headFor = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('table'), size: z.enum(HEAD_SIZES) }),
	z.object({ kind: z.literal('measured'), cm: z.number().min(20).max(80) })
]);
export type HeadFor = z.infer<typeof headFor>;

/** The one figure the maker sets; the others follow. Flat is off the machine and relaxed, worn is on the head. */
export const hatLength = z.discriminatedUnion('by', [
	z.object({ by: z.literal('fit') }),
	z.object({ by: z.literal('layer'), cm: z.number().min(3).max(80), as: z.enum(['flat', 'worn']) }),
	z.object({ by: z.literal('tube'), cm: z.number().min(6).max(160), as: z.enum(['flat', 'worn']) }),
	z.object({ by: z.literal('rows'), rows: z.int().min(8).max(600) }),
	z.object({ by: z.literal('yarn') }).describe('as long as the yarn on hand lasts')
]);
export type HatLength = z.infer<typeof hatLength>;

export const colourScheme = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('one'), yarn: yarnId }),
	z.object({
		kind: z.literal('outer-lining'),
		outer: yarnId,
		lining: yarnId,
		liningExtraRows: z.int().min(-20).max(40).describe('rows the lining has more than the outer')
	}),
	z.object({
		kind: z.literal('false-brim'),
		main: yarnId,
		brim: yarnId,
		brimRows: z.int().min(2).max(200).describe('rows of the brim colour; half of them show')
	}),
	z.object({
		kind: z.literal('stripes'),
		yarns: z.array(yarnId).min(2).max(8),
		stripeRows: z.int().min(1).max(100)
	})
]);
export type ColourScheme = z.infer<typeof colourScheme>;

/** Waste yarn at either end, by the maker's school. */
const waste = {
	wasteStart: z.int().min(0).max(20).describe('waste rows before the main yarn; 0 for none'),
	wasteWith: z
		.enum(WASTE_WITH)
		.describe('waste rows alone; hung from a rag; or the last of them a contrast row to pull'),
	wasteEnd: z.int().min(0).max(20).describe('waste rows after it; 0 takes the loops on a needle'),
	joinTails: z.enum(['tie', 'weave'])
};

/** What a maker can wish of a hat tucked into itself. Lengths in cm, counts in rows. */
export const linedHatWish = z.object({
	recipe: z.enum(HATS),
	head: headFor,
	visibleCm: z
		.number()
		.min(5)
		.max(60)
		.nullable()
		.describe('height seen on the head, worn; null takes the usual share of the head'),
	length: hatLength,
	brim: z.object({
		turnedUp: z.boolean(),
		heightCm: z.number().min(1).max(20).describe('turned up, as worn')
	}),
	scheme: colourScheme,
	closing: z.enum(CLOSINGS),
	...waste
});
export type LinedHatWish = z.infer<typeof linedHatWish>;

/** What a maker can wish of a string of flags: triangles of panel, decreased at both edges. */
export const buntingWish = z.object({
	recipe: z.literal('bunting'),
	flags: z.int().min(1).max(60),
	yarns: z.array(yarnId).min(1).max(8).describe('they take turns along the string'),
	width: z.discriminatedUnion('by', [
		z.object({ by: z.literal('stitches'), stitches: z.int().min(5).max(190) }),
		z.object({ by: z.literal('size'), cm: z.number().min(3).max(120) })
	]),
	everyRows: z
		.union([z.literal(2), z.literal(4), z.literal(6)])
		.describe('a decrease at each edge'),
	way: z.enum(['single', 'double']),
	tip: z.int().min(3).max(8).describe('stitches left, drawn up at the tip'),
	turn: z
		.enum(['switch', 'hand'])
		.describe('in panel mode, or in tube mode and turned back by hand')
});
export type BuntingWish = z.infer<typeof buntingWish>;

/** What a maker can wish of a plain tube: its colours as a stripe line, and the one figure that sets its length. */
export const plainTubeWish = z.object({
	recipe: z.enum(TUBES),
	yarns: z.array(yarnId).min(1).max(12).describe('A, B, C … of the stripe line'),
	stripes: z.string().min(1).max(20_000).describe('a stripe line, docs/stripe-line.md'),
	fill: z
		.enum(['repeat', 'stretch'])
		.describe('how the line comes to the length: said again and again, or stretched to it'),
	length: z.discriminatedUnion('by', [
		z.object({ by: z.literal('fit') }),
		z.object({ by: z.literal('line') }).describe('just the rows of the stripe line'),
		z.object({ by: z.literal('rows'), rows: z.int().min(4).max(600) }),
		z.object({ by: z.literal('cm'), cm: z.number().min(3).max(400) }),
		z.object({ by: z.literal('yarn') }).describe('as long as the yarn on hand lasts')
	]),
	aroundCm: z
		.number()
		.min(5)
		.max(150)
		.nullable()
		.describe('what it goes round; null takes the usual of its kind'),
	twist: z.boolean().describe('a cowl closed with a half turn'),
	ends: z.object({ castOn: z.enum(TUBE_ENDS), castOff: z.enum(TUBE_ENDS) }),
	closing: z.enum(FLAT_CLOSINGS).describe('of ends closed flat'),
	hemRows: z
		.int()
		.min(2)
		.max(200)
		.nullable()
		.describe('rows of a hem hung on the machine, half of them high; null takes the usual'),
	purlOut: z.boolean().describe('turned inside out: the rougher purl side is seen'),
	thumbCm: z
		.number()
		.min(2)
		.max(12)
		.nullable()
		.describe('a gap for the thumb in a warmer, so wide; null for none'),
	chains: z.int().min(5).max(300).nullable().describe('of ties and straps; null takes the usual'),
	pins: z.int().min(2).max(4).describe('of a cord'),
	...waste
});
export type PlainTubeWish = z.infer<typeof plainTubeWish>;

const pieceName = z.string().min(1).max(40);
const cm = z.number().min(0).max(400);
/** An edge of a piece from the cast-on up, cm; the stretch from a point up to the next may have a name that seams go by. */
const edgePoints = z
	.array(z.object({ x: z.number().min(-400).max(400), y: cm, part: pieceName.optional() }))
	.min(2)
	.max(60);
export const freePiece = z.object({
	id: pieceName,
	name: z.string().min(1).max(60),
	count: z.int().min(1).max(40),
	mirrored: z.boolean().describe('half of them as mirror images'),
	left: edgePoints,
	right: edgePoints,
	top: pieceName.optional()
});
export type FreePiece = z.infer<typeof freePiece>;
const seamEnd = z.object({ piece: pieceName, part: pieceName });
export const freeSeam = z.object({ a: seamEnd, b: seamEnd });
export type FreeSeam = z.infer<typeof freeSeam>;

/** What a maker can wish of things made of panels. Lengths in cm, as worn flat. */
export const garmentWish = z.object({
	recipe: z.enum(GARMENTS),
	yarns: z.array(yarnId).min(1).max(12).describe('A, B, C … of the stripe line'),
	stripes: z.string().min(1).max(20_000).describe('a stripe line up from every cast-on, repeated'),
	from: z.enum(SIZES_FROM),
	size: z.enum(BODY_SIZES).describe('of the table; what the maker has not measured comes from it'),
	measures: z.partialRecord(z.enum(MEASURES), cm).describe('what the maker has set, cm'),
	alone: z
		.array(z.object({ piece: pieceName, measure: z.enum(MEASURES), cm }))
		.max(60)
		.describe('a measure of one piece that departs from the others’'),
	ease: z.number().min(-20).max(60).describe('round the body, more than it measures'),
	neck: z.enum(NECKS),
	shoulder: z.enum(SHOULDERS),
	armhole: z.enum(ARMHOLES),
	sleeves: z.enum(SLEEVES),
	shaping: z.enum(SHAPINGS),
	turn: z.enum(PANEL_TURNS),
	wide: z.enum(WIDER_WAYS).describe('how a width beyond the machine is come by'),
	card: z
		.object({
			mm: z.number().min(0.5).max(20),
			by: z.enum(['pins', 'loops']),
			columns: z.int().min(1).max(12),
			every: z.int().min(2).max(24)
		})
		.describe(
			'of extensions: its thickness, what its size is worked out from, columns in a gap, and pins from gap to gap and to either edge'
		),
	layout: z
		.object({
			across: z.int().min(1).max(12),
			down: z.int().min(1).max(12),
			colours: z.array(z.int().min(0).max(11)).max(144).describe('by row from the top; repeated')
		})
		.describe('of the panels of a blanket'),
	ladderPins: z
		.array(z.int().min(1).max(254))
		.max(2)
		.describe(
			'of a shrug’s tubes, counted from 1; none takes the first and the one half-way round'
		),
	edging: z.enum(EDGINGS),
	pieces: z.array(freePiece).max(12).describe('of a free garment'),
	seams: z.array(freeSeam).max(60).describe('of a free garment'),
	...waste
});
export type GarmentWish = z.infer<typeof garmentWish>;

/** Every recipe's wish. A new recipe joins the union here. */
export const wish = z.discriminatedUnion('recipe', [
	linedHatWish,
	buntingWish,
	plainTubeWish,
	garmentWish
]);
export type Wish = z.infer<typeof wish>;
