import type { Assembly, Edge, StepKind, StepOf } from '../assembly/assembly';
import type { Joint } from '../assembly/joint';
import type { HandYarn } from '../crank/amounts';
import type { WorkedPiece } from '../crank/piece';
import type { PieceEnd } from '../crank/piece-tails';
import type { TailUse } from '../crank/tails';
import type { Say } from '../quantity/say';
import type { Hands } from '../table/hands';
import type { CautionCode } from './cautions';
import type { Drawing } from './drawing/drawing';
import type { SkillId } from './drawing/skills';
import type { Sequence } from './sequence';

/** The least a tail at an end has to be, cm, by the loops that hang there and how wide they lie, cm; `edge` is where it is. */
export type TailNeed = (end: { readonly edge: Edge; readonly wideCm: number }) => number;

/** What the hands do after the machine, each as it is ticked off: every technique declares its own. */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type
export interface WorkKinds {}
export type WorkKind = keyof WorkKinds;
/** One thing to do: plain data, said by `wordStep`. */
export type WorkStep<K extends WorkKind = WorkKind> = {
	[P in K]: {
		/** Known by it in the log of ticks: it never changes. */
		readonly id: string;
		readonly caution?: CautionCode;
		readonly do: P;
	} & WorkKinds[P];
}[K];

/** Work as it stands in a plan: with the place of the assembly step that it is for. */
export type TableStep = WorkStep & { readonly from: number };

/** A step in the maker's words: what to do, then how. */
export interface StepWords {
	readonly title: string;
	readonly how: string;
}

/** How one kind of work is said and drawn. */
export interface Work<K extends WorkKind> {
	words(work: WorkStep<K>, s: Say): StepWords;
	/** The skill it takes, and what its drawing is made from. */
	drawing(work: WorkStep<K>): { readonly skill: SkillId; readonly drawing: Drawing };
	/** A small thing that saves a piece, in one short sentence: folded once a maker has done the work a few times. */
	readonly tip?: string | ((work: WorkStep<K>) => string);
	/** Where a closing of loops starts, and which goes with which. */
	loops?(work: WorkStep<K>): Sequence | null;
}
export type Works = { readonly [K in WorkKind]?: Work<K> };

/** What lies on the table. */
export interface Laid {
	readonly assembly: Assembly;
	/** In order of making. */
	readonly pieces: readonly WorkedPiece[];
	readonly joinTails: 'tie' | 'weave';
}
/** All that work after the machine is worked out from. */
export interface Table extends Laid {
	readonly joints: readonly Joint[];
	/** Ends of strands that hands work in, seams and edges among them: they are woven in like all others. */
	readonly handEnds: number;
}

/** Something to have at hand. */
export const TOOLS = {
	hook: 'Crochet hook',
	'latch-hook': 'Latch hook',
	needle: 'Blunt needle',
	'sewing-needle': 'Sharp needle and strong thread',
	needles: 'Three knitting needles',
	scissors: 'Scissors',
	clips: 'Clips or pins',
	stuffing: 'Stuffing',
	card: 'Card to wind on',
	buttons: 'Buttons',
	beads: 'Beads',
	'blocking-pins': 'Pins and something to pin on',
	cord: 'A cord of your own'
} as const;
export interface Tool {
	readonly id: string;
	readonly name: string;
	/** How many; left out where one is enough. */
	readonly count?: number;
}

/** Minutes that hands take, and for what. */
export interface HandTime {
	readonly what: string;
	readonly times: number;
	/** For one, min. */
	readonly minutes: number;
}

/**
 * One kind of step of the assembly, whole: what the hands do and how that is said, drawn and cautioned, the tails it works
 * with, the yarn, minutes and tools it takes, and whether the edges it brings together agree.
 */
export interface Technique<K extends StepKind = StepKind> {
	readonly id: K;
	/** Work that it alone says; work of other techniques may be among its steps. */
	readonly works?: Works;
	/** What a tail is left for, as the reason for its length; null for one that is tied or woven in. */
	readonly tails?: { readonly [U in TailUse]?: string | null };
	/** How long such a tail has to be at least for what the hands do with it. */
	readonly needs?: { readonly [U in TailUse]?: TailNeed };
	steps(step: StepOf<K>, table: Table): readonly WorkStep[];
	/** What it does with the tail at an end of a piece; null where it leaves it alone. */
	tail?(step: StepOf<K>, end: PieceEnd, assembly: Assembly): TailUse | null;
	/** The other yarn that an end is worked with in the place of its tail, by its place in the plan. */
	strand?(step: StepOf<K>, end: PieceEnd): number | null;
	/** Yarn worked in by hand, of the project's yarns. */
	yarn?(step: StepOf<K>, table: Laid): readonly HandYarn[];
	/** Strands of its own that it works with, each with two ends to weave in. */
	strands?(step: StepOf<K>, table: Laid): number;
	minutes?(step: StepOf<K>, table: Table): HandTime | null;
	tools?(step: StepOf<K>, table: Table): readonly Tool[];
	joints?(step: StepOf<K>, table: Laid): readonly Joint[];
	/**
	 * What it needs of the pieces as they lie, and how it leaves them; with tails it works with as `tail` says. Left out where
	 * it changes nothing that could run, hang or gape.
	 */
	does?(step: StepOf<K>, hands: Hands, table: Table): void;
}

/** A technique, its step's type kept. */
export const technique = <K extends StepKind>(t: Technique<K>): Technique<K> => t;

export const tool = (id: keyof typeof TOOLS, count?: number): Tool => ({
	id,
	name: TOOLS[id],
	...(count === undefined ? {} : { count })
});

/** The caution where something sharp is in hand. */
export const SHARP = { caution: 'hooks-and-scissors' } as const satisfies { caution: CautionCode };

/** A step's id, no longer than a tick remembers. */
export const idOf = (id: string): string => id.slice(0, 60);

export const pieceOf = (table: Pick<Table, 'pieces'>, id: string): WorkedPiece | undefined =>
	table.pieces.find((p) => p.id === id);
export const tailAt = (p: WorkedPiece, edge: Edge): number =>
	p.tails.find((t) => t.id === edge)?.lengthCm ?? 0;
export const loopsAt = (p: WorkedPiece, edge: Edge): number =>
	edge === 'cast-on' ? p.stitches.first : p.stitches.last;
export const isPanel = (p: Pick<WorkedPiece, 'rowByRow'>): boolean =>
	p.rowByRow.stretches.some((stretch) => stretch.mode !== 'tube');
/** Whether colours join somewhere in it. */
export const hasJoins = (p: WorkedPiece): boolean => p.tails.some((t) => t.id === 'join');
/** How rows are called by where they are. */
export const ROW = { 'cast-on': 'first', 'cast-off': 'last' } as const satisfies Record<
	Edge,
	string
>;
/** `the strip`, or `bauble, 4 times,`. */
export const ofPiece = (name: string, copies: number): string =>
	copies > 1 ? `${name.toLowerCase()}, ${copies} times,` : `the ${name.toLowerCase()}`;
export const times = (copies: number): string => (copies > 1 ? `, ${copies} times` : '');

/** `, on 2 pieces`. */
export const onPieces = (copies: number): string => (copies > 1 ? `, on ${copies} pieces` : '');

/** A strand to sew a seam with: half as long again, and two ends, cm (common practice). */
export const strandFor = (seamCm: number): number => 1.5 * seamCm + 30;
/** A thread so many times round, or along, and its two ends, m. */
export const threadMetres = (cm: number, along: number): number => (along * cm + 30) / 100;

/** To hold, to knot and to weave in, cm (common practice). */
const END_CM = 15;
/** A chain takes so many times its length (from memory). */
const CHAIN_TIMES = 3.5;
/** Through every loop of a row, so many times. */
export const threaded =
	(times: number): TailNeed =>
	({ wideCm }) =>
		times * wideCm + END_CM;
/** A chain along a share of a row. */
export const chained =
	(share = 1): TailNeed =>
	({ wideCm }) =>
		CHAIN_TIMES * share * wideCm + END_CM;
