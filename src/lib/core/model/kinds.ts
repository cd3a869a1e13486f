/** The words a record may choose from. Kept apart from the schemas, so that computing with them needs no schema library. */

export const FIBRES = [
	'wool',
	'acrylic',
	'cotton',
	'alpaca',
	'linen',
	'nylon',
	'silk',
	'mohair',
	'other'
] as const;
export type Fibre = (typeof FIBRES)[number];

/** The warmest wash a label allows, the gentlest first. */
export const WASHES = ['unknown', 'hand', 'machine-30', 'machine-40'] as const;
export type Wash = (typeof WASHES)[number];

/** The roughest drying a label allows, the gentlest first. */
export const DRIES = ['unknown', 'flat', 'line', 'tumble'] as const;
export type Dry = (typeof DRIES)[number];

export const NOTATIONS = ['per-10cm', 'per-4in', 'per-1in', 'cm-to-40', 'tube'] as const;
export type Notation = (typeof NOTATIONS)[number];

export const STATES = ['fresh', 'rested', 'washed'] as const;
export type SwatchState = (typeof STATES)[number];
/** Which state of a swatch speaks first: washed before rested, fresh off the machine last. */
export const STATES_BEST_FIRST: readonly SwatchState[] = ['washed', 'rested', 'fresh'];
/** A pulled reading is of the swatch stretched as in wear: it sets stretch and shortening, never a size. */
export const READING_STATES = [...STATES, 'pulled'] as const;
export type ReadingState = (typeof READING_STATES)[number];

export const FAULTS = ['dropped', 'tuck', 'split', 'unseated'] as const;
export type FaultKind = (typeof FAULTS)[number];
export const HANDS = ['none', 'light', 'crossed'] as const;
export type Hand = (typeof HANDS)[number];
/** Work at the crank that each maker has a pace of their own in. */
export const PACED = ['tube', 'panel', 'joins', 'hands'] as const;
export type PacedWork = (typeof PACED)[number];
export const VERDICTS = ['runs', 'care', 'fails'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** Head sizes by name; circumferences are in `size/head.ts`. */
export const HEAD_SIZES = ['preemie', 'baby', 'toddler', 'child', 'woman', 'man'] as const;

/** Which way the ring goes round, seen from above, as the crank is turned forward. */
export const TURNS = ['clockwise', 'anticlockwise'] as const;
export type Turns = (typeof TURNS)[number];
/** At each turn of a panel: the yarn slips under the bar outside the last pin, or is lifted off it. Two schools. */
export const EDGE_RULES = ['under-bar', 'off-bar'] as const;
export type EdgeRule = (typeof EDGE_RULES)[number];
/** A panel in tube mode keeps away from marker and counter trip, or crosses them on purpose. Two schools. */
export const HAND_PANELS = ['keep-off', 'cross'] as const;
export type HandPanels = (typeof HAND_PANELS)[number];

/** The right side of the fabric hangs away from the maker, or toward them. */
export const RIGHT_SIDES = ['away', 'toward'] as const;
export type RightSide = (typeof RIGHT_SIDES)[number];
/** What makers say of a fabric. */
export const FABRICS = ['open', 'right', 'stiff'] as const;
export type FabricVerdict = (typeof FABRICS)[number];

/** What a fabric is for, as far as it has to be close or may be open. */
export const FABRIC_USES = ['hat', 'garment', 'wrap', 'pouch', 'bag', 'toy'] as const;
export type FabricUse = (typeof FABRIC_USES)[number];

/** Hats of one long tube, one end pushed inside the other. */
export const HATS = ['lined-hat', 'corner-hat', 'baby-hat', 'tiny-hat'] as const;
export type HatKindId = (typeof HATS)[number];
/** How the crown is closed: in the round, or flat through all four layers, which lets the corners stand. */
export const FLAT_CLOSINGS = ['slip', 'three-needle', 'loop'] as const;
export type FlatClosing = (typeof FLAT_CLOSINGS)[number];
export const CLOSINGS = ['gather', 'zip', ...FLAT_CLOSINGS] as const;
export type Closing = (typeof CLOSINGS)[number];
/** What stands below the main yarn at the cast-on: waste rows alone, a rag with loops, or a contrast row on top of them. */
export const WASTE_WITH = ['yarn', 'rag', 'ravel'] as const;
export type WasteWith = (typeof WASTE_WITH)[number];

/** Tubes that are worn or used as they come off, their ends closed or bound. */
export const TUBES = [
	'scarf',
	'cowl',
	'headband',
	'hem-hat',
	'tube-top',
	'warmers',
	'sock',
	'pouch',
	'cup-sleeve',
	'cord',
	'free-tube'
] as const;
export type TubeKindId = (typeof TUBES)[number];
/** What is done to an end of a tube. */
export const TUBE_ENDS = ['flat', 'gather', 'bind'] as const;
export type TubeEnd = (typeof TUBE_ENDS)[number];

/** How stitches leave the edge of a panel: fashioned, held on waste yarn, or the edge stitch stacked on its neighbour. */
export const SHAPINGS = ['fashioned', 'held', 'stacked'] as const;
export type Shaping = (typeof SHAPINGS)[number];
/** A panel turned by the switch, or by hand in tube mode. */
export const PANEL_TURNS = ['switch', 'hand'] as const;
export type PanelTurn = (typeof PANEL_TURNS)[number];

/** What is made of panels, or of tubes sewn together: each a recipe. */
export const GARMENTS = [
	'rectangle',
	'strap',
	'blanket',
	'seamed-tube',
	'mitts',
	'shrug',
	'vest',
	'cardigan',
	'jacket',
	'sweater',
	'free-garment'
] as const;
export type GarmentKindId = (typeof GARMENTS)[number];

/** Every length a garment is made by. Of the body, or of the finished thing, as the options say. */
export const MEASURES = [
	'width',
	'height',
	'around',
	'thumbFrom',
	'thumbGap',
	'span',
	'neckOpen',
	'sleeveTop',
	'bodyOpen',
	'underside',
	'chest',
	'length',
	'armhole',
	'crossBack',
	'neck',
	'neckDrop',
	'shoulderDrop',
	'band',
	'upperArm',
	'wrist',
	'sleeve',
	'head'
] as const;
export type Measure = (typeof MEASURES)[number];

/** Bodies by name; their sizes are in `size/body.ts`. */
export const BODY_SIZES = [
	'child-2',
	'child-4',
	'child-6',
	'child-8',
	'child-10',
	'child-12',
	'woman-xs',
	'woman-s',
	'woman-m',
	'woman-l',
	'woman-1x',
	'woman-2x',
	'man-s',
	'man-m',
	'man-l',
	'man-xl'
] as const;
export type BodySize = (typeof BODY_SIZES)[number];

/** Where a garment's sizes come from: a table and ease, the maker's own body measurements and ease, or a garment measured flat. */
export const SIZES_FROM = ['table', 'body', 'flat'] as const;
export type SizesFrom = (typeof SIZES_FROM)[number];
export const NECKS = ['v', 'round'] as const;
export type Neck = (typeof NECKS)[number];
export const SHOULDERS = ['straight', 'sloped'] as const;
export type Shoulder = (typeof SHOULDERS)[number];
export const SLEEVES = ['panel', 'tube'] as const;
export type SleeveKind = (typeof SLEEVES)[number];
export const ARMHOLES = ['drop', 'set-in'] as const;
export type Armhole = (typeof ARMHOLES)[number];
/** What finishes an open edge: nothing, a round of single crochet, or a knitted strip sewn on. */
export const EDGINGS = ['none', 'crochet', 'knitted'] as const;
export type Edging = (typeof EDGINGS)[number];
/** The ways to a width beyond the machine. */
export const WIDER_WAYS = ['panels', 'ladders', 'sideways'] as const;
export type WiderWay = (typeof WIDER_WAYS)[number];

/** What is put together from several pieces, folded, stuffed or hung: each a recipe. */
export const THINGS = ['folded-bag', 'ball', 'toy', 'garland', 'pom-pom', 'tube-blanket'] as const;
export type ThingKindId = (typeof THINGS)[number];
export const TOYS = ['ball', 'toy'] as const;
/** Whom a toy is for: it decides what may be on it. */
export const TOY_AGES = ['under-3', 'from-3'] as const;
export type ToyAge = (typeof TOY_AGES)[number];
export const FILLS = ['light', 'usual', 'firm'] as const;
export type Fill = (typeof FILLS)[number];
export const PART_ROLES = ['body', 'head', 'muzzle', 'ear', 'limb', 'fin', 'tail'] as const;
export type PartRole = (typeof PART_ROLES)[number];
export const EYES = ['none', 'stitched', 'button', 'bead'] as const;
export type Eyes = (typeof EYES)[number];
export const ITEMS = ['bauble', 'pumpkin', 'flag', 'pom-pom', 'tube'] as const;
export type ItemKind = (typeof ITEMS)[number];
/** What a garland is worked out for, the other two being given. */
export const SOLVES = ['number', 'spacing', 'span'] as const;
export type Solve = (typeof SOLVES)[number];
export const CORDS = ['knitted', 'chain', 'own'] as const;
export type CordKind = (typeof CORDS)[number];
export const BORDERS = ['none', 'single', 'double', 'repeat'] as const;
export type Border = (typeof BORDERS)[number];
export { CROCHET_TERMS, type CrochetTerms } from '../quantity/say';

/** What a finished thing shows of the gauge it was planned by: a plain tube all of it, other things nothing yet. */
export const SHOWS = ['tube', 'shape', 'hem', 'cord', 'copies'] as const;
export type Shows = (typeof SHOWS)[number];

/** Events of one run, at most: a file takes no more, so no more are counted. */
export const MOST_EVENTS = 60_000;

/** What counted a row where it was not the maker's press. */
export const ROW_SOURCES = ['sensor', 'sound'] as const;
export type RowSource = (typeof ROW_SOURCES)[number];
/** Why a count is in doubt. */
export const DOUBTS = ['too-early', 'too-late', 'unplugged', 'two-devices'] as const;
export type DoubtKind = (typeof DOUBTS)[number];
/** How a doubt was settled, or a count put right. */
export const SETTLED_BY = ['kept', 'counter', 'measured', 'counted', 'weighed', 'sensor'] as const;
export type SettledBy = (typeof SETTLED_BY)[number];

/** Tables whose records travel apart in a backup where they do not read. */
export const APART_TABLES = [
	'machines',
	'yarns',
	'swatches',
	'tests',
	'projects',
	'results',
	'orders',
	'patterns',
	'carried',
	'events'
] as const;

/** What is sewn on. */
export const SEWN_ON = ['button', 'patch', 'tag'] as const;
export type SewnOn = (typeof SEWN_ON)[number];
/** What is added to a finished thing, whatever it is. */
export const TRIM_KINDS = ['pom-pom', 'drawstring', ...SEWN_ON] as const;
export type TrimKind = (typeof TRIM_KINDS)[number];
