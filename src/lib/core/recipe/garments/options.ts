import * as z from 'zod';
import { BODY, BODY_NAMES } from '../../bench/size/body';
import { yarnId } from '../../model/bench';
import {
	ARMHOLES,
	BODY_SIZES,
	EDGINGS,
	MEASURES,
	NECKS,
	PANEL_TURNS,
	SHAPINGS,
	SHOULDERS,
	SIZES_FROM,
	SLEEVES,
	WIDER_WAYS,
	type GarmentKindId
} from '../../model/kinds';
import { MOST_STRIPE_LETTERS } from '../../quantity/bounds';
import { option, type Now as NowOf } from '../option';
import { edgeStitches } from '../edge-stitches';
import { cm, freePiece, freeSeam, pieceName } from './free-piece';
import { TURN_WORDS } from '../turns';
import { waste } from '../waste';

/** What is asked of the panels that were cut. */
interface OfPanels {
	readonly made: {
		readonly pieces: readonly { readonly cut: { readonly tube: boolean } }[];
		readonly wider: readonly unknown[];
	};
	readonly card: object | null;
}
type Now = NowOf<OfPanels>;

const panels = ({ finished }: Now) => finished.made.pieces.some((p) => !p.cut.tube);
const several = (o: { yarns: readonly string[] }) => o.yarns.length > 1;
const carded = (_: unknown, { finished }: Now) => finished.card !== null;

const colours = {
	yarns: option(z.array(yarnId).min(1).max(12).describe('A, B, C … of the stripe line'), {
		label: '',
		what: 'colours',
		editor: 'yarns'
	})
};
const stripes = z
	.string()
	.min(1)
	.max(MOST_STRIPE_LETTERS)
	.describe('a stripe line up from every cast-on, repeated');
const striped = {
	stripes: option(stripes, { label: 'Stripe line', editor: 'stripes', when: several })
};
const measured = {
	measures: option(z.partialRecord(z.enum(MEASURES), cm).describe('what the maker has set, cm'), {
		label: 'Measures',
		group: 'table',
		editor: 'measures'
	})
};
const EDGING_WORDS = {
	none: 'as they are',
	crochet: { label: 'crochet', says: 'crocheted' },
	knitted: { label: 'knitted bands', says: 'in knitted bands' }
};
const edging = { label: 'Edges', words: EDGING_WORDS } as const;
const plainEdges = { edging: option(z.enum(EDGINGS).exclude(['knitted']), edging) };
const anyEdges = { edging: option(z.enum(EDGINGS), edging) };
const shaped = {
	shaping: option(z.enum(SHAPINGS), {
		label: 'Shaped by',
		what: 'shaping',
		words: {
			fashioned: {
				label: 'fashioned',
				says: 'fashioned decreases',
				hint: 'Whole stitches run up the edge: best to sew'
			},
			held: {
				label: 'held on waste',
				says: 'groups held on waste',
				hint: 'Groups on waste yarn, chained off later'
			},
			stacked: {
				label: 'stacked',
				says: 'stacked decreases',
				hint: 'The edge stitch onto its neighbour: quickest'
			}
		}
	}),
	edgeStitches: edgeStitches((o: { shaping: string }) => o.shaping === 'fashioned')
};
const turned = {
	turn: option(z.enum(PANEL_TURNS), {
		label: 'Turned',
		what: 'how it is turned',
		words: TURN_WORDS,
		when: (_: unknown, now: Now) => panels(now)
	})
};
const wide = {
	wide: option(z.enum(WIDER_WAYS).describe('how a width beyond the machine is come by'), {
		label: 'Wider than the machine',
		group: 'table',
		editor: 'wider',
		when: (_: unknown, { finished }: Now) => finished.made.wider.length > 0
	}),
	card: option(
		z
			.object({
				by: option(z.enum(['pins', 'loops']), {
					label: 'Its size comes from',
					what: 'card',
					words: {
						pins: { label: 'the pins', hint: 'two pins along the ring more than columns' },
						loops: { label: 'your measured yarn', hint: 'as much yarn as so many loops take' }
					}
				}),
				mm: option(z.number().min(0.5).max(20), {
					label: 'Thickness of the card',
					what: 'card',
					unit: 'mm',
					choices: [1, 2, 3, 5, 8]
				}),
				columns: option(z.int().min(1).max(12), {
					label: 'Columns in a gap',
					what: 'columns',
					choices: [4, 5, 6, 7, 8]
				}),
				every: option(z.int().min(2).max(24), {
					label: 'A gap every so many pins, as many clear at either edge',
					what: 'gaps',
					choices: [4, 5, 6, 8, 10]
				})
			})
			.describe(
				'of extensions: its thickness, what its size is worked out from, columns in a gap, and pins from gap to gap and to either edge'
			),
		{ label: 'Card for extensions', when: carded }
	)
};

/** Usual ways to wear it, cm more than the body round (from memory). */
const EASES = [
	{ label: 'close,', cm: 0, value: 0 },
	{ label: 'fitted,', cm: 5, value: 5 },
	{ label: 'usual,', cm: 8, value: 8 },
	{ label: 'easy,', cm: 10, value: 10 },
	{ label: 'loose,', cm: 16, value: 16 }
];
const worn = {
	from: option(z.enum(SIZES_FROM), {
		label: 'Sizes come from',
		what: 'where sizes come from',
		as: 'list',
		words: {
			table: { label: 'the table', says: '{size}' },
			body: { label: 'a body I measured', says: 'my own measures, else {size}' },
			flat: { label: 'a garment, flat', says: 'a garment laid flat, else {size}' }
		}
	}),
	size: option(
		z.enum(BODY_SIZES).describe('of the table; what the maker has not measured comes from it'),
		{
			label: (o: { from: string }) => (o.from === 'table' ? 'Size' : 'What is not measured, like'),
			what: 'size',
			as: 'list',
			words: Object.fromEntries(
				BODY_SIZES.map((s) => [s, { label: `${BODY_NAMES[s]},`, cm: BODY[s].chest }])
			)
		}
	),
	ease: option(z.number().min(-20).max(60).describe('round the body, more than it measures'), {
		label: 'Ease, round',
		what: 'ease…',
		unit: 'length',
		own: 'of',
		named: () => EASES,
		when: (o: { from: string }) => o.from !== 'flat'
	}),
	neck: option(z.enum(NECKS), {
		label: 'Neck',
		words: { v: { label: 'V', says: 'V' }, round: 'round' }
	}),
	shoulder: option(z.enum(SHOULDERS), { label: 'Shoulder' }),
	armhole: option(z.enum(ARMHOLES), {
		label: 'Armhole',
		words: {
			drop: { label: 'drop', hint: 'Straight up: the shoulder falls over the arm' },
			'set-in': { label: 'set in', hint: 'Cut in at the underarm' }
		}
	}),
	alone: z
		.array(z.object({ piece: pieceName, measure: z.enum(MEASURES), cm }))
		.max(60)
		.describe('a measure of one piece that departs from the others’')
};
const sleeved = {
	sleeves: option(z.enum(SLEEVES), {
		label: 'Sleeves',
		words: {
			panel: { label: 'panels', says: 'knitted as panels' },
			tube: {
				label: 'tubes',
				says: 'knitted as tubes',
				hint: 'No sleeve seam; as wide as the ring makes it'
			}
		}
	})
};
/** The most panels a blanket has across, and down. */
export const MOST_PANELS = 12;
const counted = (label: string) =>
	option(z.int().min(1).max(MOST_PANELS), { label, what: 'layout…', unit: 'panels' });
const placed = {
	layout: z
		.object({
			across: counted('Panels across'),
			down: counted('Panels down'),
			colours: option(
				z.array(z.int().min(0).max(11)).max(144).describe('by row from the top; repeated'),
				{
					label: 'Colours by place: press to change',
					what: 'colour of a panel',
					group: 'table',
					editor: 'places'
				}
			)
		})
		.describe('of the panels of a blanket')
};
const laddered = {
	ladderPins: option(
		z
			.array(z.int().min(1).max(254))
			.max(2)
			.describe(
				'of a shrug’s tubes, counted from 1; none takes the first and the one half-way round'
			),
		{
			label: 'Ladders at pins',
			says: ({ ladderPins }: { ladderPins: readonly number[] }) =>
				ladderPins.length === 0 ? 'the usual pins' : `pins ${ladderPins.join(' and ')}`,
			what: 'ladders',
			editor: 'ladders'
		}
	)
};
const free = {
	pieces: option(z.array(freePiece).max(12), {
		label: 'Pieces',
		group: 'table',
		editor: 'pieces'
	}),
	seams: z.array(freeSeam).max(60)
};

const body = { ...colours, ...striped, ...measured, ...turned, ...wide, ...waste };
const panel = { ...body, ...plainEdges };
const SHAPES = {
	rectangle: panel,
	strap: panel,
	blanket: { ...colours, ...placed, ...measured, ...plainEdges, ...turned, ...wide, ...waste },
	'seamed-tube': panel,
	mitts: panel,
	shrug: { ...colours, ...laddered, ...striped, ...measured, ...plainEdges, ...waste },
	vest: { ...body, ...worn, ...shaped, ...plainEdges },
	cardigan: { ...body, ...worn, ...sleeved, ...shaped, ...anyEdges },
	jacket: { ...body, ...worn, ...sleeved, ...shaped, ...anyEdges },
	sweater: { ...body, ...worn, ...sleeved, ...shaped, ...plainEdges },
	'free-garment': {
		...colours,
		...striped,
		...free,
		...plainEdges,
		...shaped,
		...turned,
		...wide,
		...waste
	}
} as const satisfies Record<GarmentKindId, z.core.$ZodLooseShape>;
/** The options of one kind of garment, with only what means something to it. */
export const garmentOptions = (id: GarmentKindId): z.ZodObject =>
	z.object({ recipe: z.literal(id), ...SHAPES[id] });

type Of<S extends z.core.$ZodLooseShape> = z.infer<z.ZodObject<S>>;
/** What a maker can ask of things made of panels, what means nothing to some of them filled in. Lengths in cm, as worn flat. */
export type GarmentOptions = { recipe: GarmentKindId } & Of<typeof body> &
	Of<typeof anyEdges> &
	Of<typeof worn> &
	Of<typeof sleeved> &
	Of<typeof shaped> &
	Of<typeof placed> &
	Of<typeof laddered> &
	Of<typeof free>;
