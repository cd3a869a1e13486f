import type { StepOf } from '../../assembly/assembly';
import type { Seam } from '../../assembly/joint';
import type { Measure } from '../../model/kinds';
import { mirrored, otherSide, type Outline, type Side } from '../../shaping/outline';
import type { Density } from '../../shaping/schedule';
import { mirroredTyped, type Typed } from '../../shaping/typed';

/** A point of an outline that the maker drags: what a centimetre sideways or up does to a measure. */
export interface Handle {
	readonly side: Side;
	readonly index: number;
	readonly x?: { readonly measure: Measure; readonly per: number };
	readonly y?: { readonly measure: Measure; readonly per: number };
}

/** A line with a measure on the drawing. */
export interface Dimension {
	readonly measure: Measure;
	readonly from: { readonly x: number; readonly y: number };
	readonly to: { readonly x: number; readonly y: number };
}

/** A piece as it is cut out: its outline in cm before it becomes stitches. */
export interface CutPiece {
	readonly id: string;
	readonly name: string;
	readonly count: number;
	/** The piece it is the mirror image of. */
	readonly mirrorOf?: string;
	readonly outline: Outline;
	/** Edges that a seam takes up. */
	readonly seam: { readonly left: number; readonly right: number };
	/** The edge at which the yarn is before the first main row; null where it is all one. */
	readonly yarnAt: Side | null;
	/** Knitted round and round on all pins; the outline is the tube lying flat. */
	readonly tube: boolean;
	/** As a written pattern has it, where it was typed. */
	readonly typed?: Typed;
	/** And its words, from a row of it on. */
	readonly says?: readonly { readonly row: number; readonly words: string }[];
	/** Yarns by the list of the options; where not given, by the stripe line. */
	readonly yarn?: number;
	readonly handles: readonly Handle[];
	readonly dimensions: readonly Dimension[];
	/** Knitted from the top of the drawing down: shown upside down. */
	readonly topDown?: boolean;
}

/** An open edge that is crocheted round: the parts in it. */
export type OpenEdge = Omit<StepOf<'crochet-edge'>, 'do'>;

export interface Pattern {
	/** In order of making. */
	readonly pieces: readonly CutPiece[];
	/** In the order they are sewn. */
	readonly seams: readonly Seam[];
	readonly edges: readonly OpenEdge[];
}

/** What cutting out needs to know. */
export interface CutContext {
	readonly density: Density;
	/** Pins in the round, and the most there are for a panel. */
	readonly pins: number;
	readonly most: number;
}

/** Lengths as whole stitches and whole rows, in cm: what two pieces share comes out alike on both. */
export interface Grid {
	/** Nearest whole number of stitches, cm. */
	readonly across: (cm: number) => number;
	/** Nearest even number of rows, cm; or an odd one. */
	readonly up: (cm: number, odd?: boolean) => number;
	readonly stitch: number;
	readonly row: number;
}
export const gridOf = ({ stitchesPerCm, rowsPerCm }: Density): Grid => ({
	across: (cm) => Math.round(cm * stitchesPerCm) / stitchesPerCm,
	up: (cm, odd = false) =>
		Math.max(odd ? 1 : 2, 2 * Math.round((cm * rowsPerCm - (odd ? 1 : 0)) / 2) + (odd ? 1 : 0)) /
		rowsPerCm,
	stitch: 1 / stitchesPerCm,
	row: 1 / rowsPerCm
});

/** The other hand's piece: what one edge was the other is now. */
export const mirrorPiece = (piece: CutPiece, id: string, name: string): CutPiece => ({
	...piece,
	id,
	name,
	mirrorOf: piece.id,
	outline: mirrored(piece.outline),
	seam: { left: piece.seam.right, right: piece.seam.left },
	yarnAt: piece.yarnAt && otherSide(piece.yarnAt),
	...(piece.typed && { typed: mirroredTyped(piece.typed) }),
	handles: piece.handles.map((h) => ({
		...h,
		side: otherSide(h.side),
		...(h.x ? { x: { ...h.x, per: -h.x.per } } : {})
	})),
	dimensions: piece.dimensions.map((d) => ({
		...d,
		from: { ...d.from, x: -d.from.x },
		to: { ...d.to, x: -d.to.x }
	}))
});
