import * as z from 'zod';
import { machineId, yarnId } from './bench';
import {
	ARMHOLES,
	BODY_SIZES,
	BORDERS,
	CLOSINGS,
	CORDS,
	EDGINGS,
	EYES,
	FILLS,
	FLAT_CLOSINGS,
	GARMENTS,
	HATS,
	HEAD_SIZES,
	ITEMS,
	MEASURES,
	NECKS,
	PANEL_TURNS,
	PART_ROLES,
	SHAPINGS,
	SHOULDERS,
	SIZES_FROM,
	SLEEVES,
	SOLVES,
	TOYS,
	TOY_AGES,
	TUBES,
	TUBE_ENDS,
	WASTE_WITH,
	WIDER_WAYS
} from './kinds';
import {
	MOST_EDGE_POINTS,
	MOST_LINE_LETTERS,
	MOST_PIECE_CM,
	MOST_STRIPE_LETTERS
} from '../quantity/bounds';

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
	stripes: z
		.string()
		.min(1)
		.max(MOST_STRIPE_LETTERS)
		.describe('a stripe line, docs/stripe-line.md'),
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
const cm = z.number().min(0).max(MOST_PIECE_CM);
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
	stripes: z
		.string()
		.min(1)
		.max(MOST_STRIPE_LETTERS)
		.describe('a stripe line up from every cast-on, repeated'),
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

const several = {
	yarns: z.array(yarnId).min(1).max(12).describe('A, B, C … of the stripe lines'),
	...waste
};
const line = z
	.string()
	.min(1)
	.max(MOST_LINE_LETTERS)
	.describe('a stripe line, repeated: docs/stripe-line.md');

/** What a maker can wish of a bag folded from one long tube. */
export const foldedBagWish = z.object({
	recipe: z.literal('folded-bag'),
	line,
	length: z.discriminatedUnion('by', [
		z.object({ by: z.literal('fold') }).describe('three times its width, so that it folds'),
		z.object({ by: z.literal('rows'), rows: z.int().min(12).max(600) }),
		z.object({ by: z.literal('cm'), cm: z.number().min(6).max(300) })
	]),
	handleRows: z.int().min(4).max(200).describe('of the short tube that joins its two points'),
	closing: z.enum(FLAT_CLOSINGS),
	...several
});
export type FoldedBagWish = z.infer<typeof foldedBagWish>;

/** What a maker can wish of a blanket of tubes lying side by side. */
export const tubeBlanketWish = z.object({
	recipe: z.literal('tube-blanket'),
	line,
	colours: z.enum(['line', 'by-tube']).describe('every tube by the line, or tubes in turn'),
	across: z.int().min(1).max(24).describe('tubes side by side'),
	lengthCm: z.number().min(10).max(300),
	border: z.enum(BORDERS).describe('crochet along the closed ends'),
	repeatOf: z.int().min(2).max(24).describe('stitches in a repeat of the border'),
	closing: z.enum(FLAT_CLOSINGS),
	...several
});
export type TubeBlanketWish = z.infer<typeof tubeBlanketWish>;

const partId = z.string().min(1).max(30);
/** One swelling of a toy's part, from tie to tie. */
const segment = z.object({
	line,
	length: z.discriminatedUnion('by', [
		z
			.object({ by: z.literal('times'), times: z.number().min(0.3).max(10) })
			.describe('of the length that makes it a ball'),
		z.object({ by: z.literal('cm'), cm: z.number().min(1).max(100) }).describe('of flat tube'),
		z.object({ by: z.literal('rows'), rows: z.int().min(2).max(400) })
	]),
	puff: z.number().min(0).max(0.6).describe('how far stuffing widens it, as a share')
});
export const toyPart = z.object({
	id: partId,
	name: z.string().min(1).max(40),
	role: z.enum(PART_ROLES),
	on: machineId.nullable().describe('the machine it is made on; null for the project’s'),
	cordPins: z
		.int()
		.min(2)
		.max(4)
		.nullable()
		.describe('a cord on so many pins; null for a tube on all'),
	stuffed: z.boolean(),
	count: z.int().min(1).max(12),
	pair: z.boolean().describe('half of them left and half right, mirrored'),
	segments: z.array(segment).min(1).max(12),
	to: z
		.object({
			part: partId,
			along: z.number().min(0).max(1).describe('from that part’s first row to its last'),
			angle: z
				.number()
				.min(-180)
				.max(180)
				.describe('degrees from that part’s axis: 0 on from its last row, 90 to its left')
		})
		.nullable()
		.describe('what it is sewn to; null for the part that all hang from')
});
export type ToyPart = z.infer<typeof toyPart>;

/** What a maker can wish of a ball, or of a toy of stuffed parts. */
export const toyWish = z.object({
	recipe: z.enum(TOYS),
	age: z.enum(TOY_AGES),
	fill: z.enum(FILLS).describe('how firmly it is stuffed'),
	stands: z.enum(['upright', 'lying']),
	parts: z.array(toyPart).min(1).max(24),
	eyes: z.object({ kind: z.enum(EYES), part: partId, count: z.int().min(1).max(8) }),
	...several
});
export type ToyWish = z.infer<typeof toyWish>;

export const garlandItem = z.object({
	kind: z.enum(ITEMS),
	on: machineId.nullable(),
	size: z
		.int()
		.min(3)
		.max(600)
		.nullable()
		.describe(
			'rows of a bauble, pumpkin or tube, stitches of a flag, wraps of a pom-pom; null for the usual'
		)
});
export type GarlandItem = z.infer<typeof garlandItem>;

/** What a maker can wish of things on a cord. */
export const garlandWish = z.object({
	recipe: z.literal('garland'),
	items: z.array(garlandItem).min(1).max(8).describe('they take turns along the cord'),
	order: z.enum(['repeat', 'shuffle']).describe('of the colours'),
	seed: z.int().min(0).max(9999).describe('of the shuffling'),
	solve: z.enum(SOLVES),
	number: z.int().min(1).max(200),
	spacingCm: z.number().min(1).max(100).describe('along the cord, from middle to middle'),
	spanCm: z.number().min(20).max(2000).describe('from hook to hook'),
	sagCm: z.number().min(0).max(600).describe('how far its middle hangs below the hooks'),
	loopCm: z.number().min(0).max(60).describe('of cord in the loop at each end'),
	cord: z.enum(CORDS),
	cardCm: z.number().min(2).max(30).describe('of pom-poms'),
	fill: z.enum(FILLS),
	...several
});
export type GarlandWish = z.infer<typeof garlandWish>;

/** What a maker can wish of pom-poms. */
export const pomPomWish = z.object({
	recipe: z.literal('pom-pom'),
	count: z.int().min(1).max(500),
	cardCm: z.number().min(2).max(30).describe('the length that is wrapped round'),
	wraps: z.int().min(10).max(600).nullable().describe('null for as many as the yarn asks for'),
	tieCm: z.number().min(15).max(100),
	...several
});
export type PomPomWish = z.infer<typeof pomPomWish>;
export type ThingWish = FoldedBagWish | TubeBlanketWish | ToyWish | GarlandWish | PomPomWish;

const SCHEMAS = [
	linedHatWish,
	buntingWish,
	plainTubeWish,
	garmentWish,
	foldedBagWish,
	tubeBlanketWish,
	toyWish,
	garlandWish,
	pomPomWish
] as const;

/** Options of a recipe that is written elsewhere: it declares its own. */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type
export interface MoreWishes {}
/** What a maker can wish, by recipe. */
export type Wish = z.infer<(typeof SCHEMAS)[number]> | MoreWishes[keyof MoreWishes];

/** Every recipe's options, as files hold them. */
export const knownWish = z.discriminatedUnion('recipe', SCHEMAS);

/** By recipe: the schema of its options. */
const OPTIONS = new Map<string, z.ZodObject>(
	SCHEMAS.flatMap((schema) => {
		const ids = schema.shape.recipe;
		return ids instanceof z.ZodLiteral
			? [...ids.values].map((id): [string, z.ZodObject] => [String(id), schema])
			: ids.options.map((id): [string, z.ZodObject] => [id, schema]);
	})
);
/** The options of a recipe join the files. */
export const addOptions = (recipe: string, schema: z.ZodObject): void => {
	OPTIONS.set(recipe, schema);
};

/** Any recipe's options, each by its own schema. */
export const wish = z.looseObject({ recipe: z.string() }).transform((value, ctx): Wish => {
	const schema = OPTIONS.get(value.recipe);
	const read = schema?.safeParse(value);
	if (read?.success) return read.data as Wish;
	if (read) ctx.issues.push(...read.error.issues.map((i) => ({ ...i, input: value }) as never));
	else
		ctx.issues.push({
			code: 'invalid_value',
			values: [...OPTIONS.keys()],
			path: ['recipe'],
			input: value
		});
	return z.NEVER;
});
