import type { Border, Eyes, FlatClosing, SewnOn } from '../model/kinds';

/** The two ends of a piece: its first row, and its last. */
export const EDGES = ['cast-on', 'cast-off'] as const;
export type Edge = (typeof EDGES)[number];

/** A named stretch of a piece's border; `side` where both edges of a piece have the part. */
export interface EdgeRef {
	readonly piece: string;
	readonly part: string;
	readonly side?: 'left' | 'right' | 'top' | 'bottom';
}

/** What a seam is, in the order seams are sewn (common practice): panels, centre back, shoulders, sleeves, sides, bands. */
export const SEAM_KINDS = [
	'open',
	'panels',
	'across',
	'ladders',
	'ladders-under',
	'centre-back',
	'centre-front',
	'shoulder',
	'armhole',
	'side',
	'sleeve',
	'band',
	'edge',
	'free'
] as const;
export type SeamKind = (typeof SEAM_KINDS)[number];

/** An open edge that is crocheted round. */
export type OpenEdgeId = 'neck' | 'hem' | 'front' | 'cuff' | 'armhole' | 'round';

interface Of {
	readonly piece: string;
}
interface At extends Of {
	readonly edge: Edge;
}
/** `brief` where one of many ends: its piece is named, and all is said in one step. */
interface End extends At {
	readonly brief?: boolean;
}
/** A strand of one of the plan's yarns, by its place there, and its name. */
export interface Strand {
	readonly yarn: number;
	readonly name: string;
}
interface Chained extends Of {
	readonly chains: number;
}

/**
 * How pieces become the finished thing, step by step and in order: data that the design gives and the plan reads. What each
 * asks of the hands, leaves to be seen and takes of yarn is in `technique/`, a module for each. Rows are main rows of the
 * piece, from 0, waste apart; lengths in cm. A step that is not here is added by declaring it.
 */
export interface StepKinds {
	/** Stretched and left to lie, or damped and pinned out. */
	rest: { readonly as: 'tube' | 'flag' | 'cord' | 'piece' };
	'join-tails': object;
	/** One end of the tube is pushed inside the other up to `atRow` (may be half-way through a row). */
	tuck: Of & { readonly atRow: number; readonly inner: Edge };
	/** An end drawn up: with its own tail, with that doubled, or with a strand of another yarn of the plan. */
	gather: End & { readonly with?: 'doubled' | Strand };
	/** Two edges sewn to one another loop by loop and drawn up together. */
	zip: Of & { readonly edges: readonly [Edge, Edge] };
	'turn-up': Of & { readonly heightCm: number };
	/** Both ends of a tucked tube closed flat together, through four layers. */
	'close-crown': Of & { readonly edges: readonly [Edge, Edge]; readonly how: FlatClosing };
	/** An end closed flat, front to back: half its loops across. A toe is drawn in first, then whipped. */
	'close-flat': End & { readonly how: FlatClosing; readonly toe?: boolean };
	/** The rows below `rows` doubled on the machine: their first row hangs in the row after them. */
	hem: Of & { readonly rows: number };
	/** Turned inside out: the purl side is seen. */
	'inside-out': Of;
	/** A chain in a channel or through an edge, drawn up to close it. */
	drawstring: Chained;
	/** Chains over the shoulders from one edge. */
	straps: Chained;
	/** A slit left for the thumb, over so many stitches at a row. */
	thumb: Of & { readonly atRow: number; readonly stitches: number };
	/** An end bound off so that it neither runs nor draws in; by so many stitches a loop, in so many rounds. */
	bind: End & { readonly perLoop?: 1 | 2; readonly rounds?: 1 | 2 };
	/** The loops of a first or last row of a panel closed, before it is blocked or sewn. */
	'close-row': At;
	/** Groups held on waste yarn while a piece was shaped, closed with a chain. */
	'close-held': Of & { readonly loops: number };
	/** Both ends joined to a ring, with a half turn or without. */
	'join-ring': Of & { readonly twist: boolean };
	/** Two closed ends hooked into one another and whipped. */
	'hook-ends': Of;
	/** Chains as ties at both ends. */
	ties: Chained;
	/** Floats of extensions latched up to columns. */
	'latch-card': Of & {
		readonly gaps: number;
		readonly columns: number;
		/** Width of the card, and what a wrap round it takes. */
		readonly cardCm: number;
		readonly wrapCm: number;
	};
	block: object;
	/** Columns of a tube dropped the whole length, from its last row to its first; pins from 1. Slow in a fuzzy yarn. */
	'drop-ladders': Of & { readonly pins: readonly number[]; readonly fuzzy: boolean };
	/** Like tubes joined along both sides by the ladders dropped in them; so many stitches between the two. */
	'latch-ladders': Of & { readonly between: readonly [number, number] };
	/** Two edges sewn together, each of one part or of several in a row; like seams so many times. */
	sew: {
		readonly id: string;
		readonly kind: SeamKind;
		readonly a: readonly EdgeRef[];
		readonly b: readonly EdgeRef[];
		readonly times: number;
		/** What it is left or right of, where there are two. */
		readonly of?: 'left' | 'right';
		/** Where it lies, in the maker's words. */
		readonly called?: string;
	};
	/** The first rows of two pieces, open on waste, joined to one another loop to loop. */
	'join-open': StepKinds['sew'];
	/** A round of single crochet along open edges; over a number of loops by a repeat, where one is given. */
	'crochet-edge': {
		readonly id: OpenEdgeId;
		/** What it is called, where that is not by its id. */
		readonly called?: 'thumb';
		readonly ends: readonly EdgeRef[];
		readonly times: number;
		/** In spaces between columns, so many; after a plain round so many rounds of the pattern. */
		readonly repeat?: { readonly of: number; readonly loops: number; readonly rounds: number };
	};
	/** Stuffing; `nth` is the swelling from its first row, from 1, and 0 where there is one. For each copy. */
	stuff: Of & {
		readonly part: string;
		readonly nth: number;
		readonly cm3: number;
		readonly grams: number;
	};
	/** A running thread round the tube at a row, drawn up: one swelling ends and the next begins. */
	'tie-off': Of & { readonly part: string; readonly atRow: number };
	/** One piece's first row sewn to the surface of another, at a row of that. */
	attach: Of & {
		readonly part: string;
		readonly name: string;
		readonly to: string;
		readonly host: string;
		readonly row: number;
		/** Across its opening, and the thickness it stands on. */
		readonly openCm: number;
		readonly hostCm: number;
		readonly flat: boolean;
		readonly count: number;
		/** Half of them left and half right. */
		readonly pair: boolean;
		/** Sewn round twice: nothing may come off. */
		readonly twice: boolean;
	};
	eyes: { readonly kind: Exclude<Eyes, 'none'>; readonly count: number };
	/** A strip folded to a bag; so many rows longer than it folds at. */
	'fold-bag': Of & { readonly missRows: number };
	/** The two seams that hold a folded bag: rows of its middle third with rows of an end. */
	'sew-bag': Of & { readonly middle: number; readonly end: number };
	/** A short tube over the two points of a bag. */
	handle: Of & {
		readonly to: string;
		readonly longCm: number;
		readonly wideCm: number;
	};
	/** Pieces sewn side by side along their lengths. */
	'side-by-side': { readonly pieces: readonly string[]; readonly times: number };
	/** Crochet along the closed ends of all of them. */
	border: {
		readonly pieces: readonly string[];
		readonly kind: Exclude<Border, 'none'>;
		readonly loops: number;
		readonly stitches: number;
		readonly of: number;
	};
	/** Yarn wound round a card: wraps of each, shared by several yarns held together. */
	wind: {
		readonly wraps: number;
		readonly cardCm: number;
		readonly count: number;
		/** By their places in the list of yarns used, and how many each; one count for all where yarns are wound together. */
		readonly yarns: readonly { readonly yarn: number; readonly metres: number }[];
	};
	'tie-cut': {
		readonly cm: number;
		readonly tieCm: number;
		readonly count: number;
		readonly yarn: number;
	};
	'fix-pom': object;
	/** A button, a patch or a tag. */
	'sew-on': { readonly what: SewnOn; readonly count: number };
	/** Pieces threaded on one cord by their first rows, in turn. */
	string: { readonly pieces: readonly string[] };
	/** Things tied to a cord that hangs over a span. */
	hang: {
		readonly spacingCm: number;
		readonly spanCm: number;
		readonly sagCm: number;
		readonly loopCm: number;
		readonly cordCm: number;
		readonly chain: boolean;
		readonly cordYarn: number;
		/** How broad each is, from left to right. */
		readonly widthsCm: readonly number[];
		readonly pieces: readonly (string | null)[];
	};
	'weave-in': object;
	/** Of a piece as it lies, before it is folded into another form. */
	'measure-tube': Of;
	measure: { readonly worn?: 'baby' | 'foot' };
}
export type StepKind = keyof StepKinds;
export type StepOf<K extends StepKind> = { [P in K]: { readonly do: P } & StepKinds[P] }[K];
export type AssemblyStep = StepOf<StepKind>;
export type Assembly = readonly AssemblyStep[];

/** The first step of a kind; undefined where there is none. */
export const stepIn = <K extends StepKind>(assembly: Assembly, kind: K): StepOf<K> | undefined =>
	assembly.find((s): s is Extract<AssemblyStep, StepOf<K>> => s.do === kind) as
		StepOf<K> | undefined;
