import type { FlatClosing } from '../model/kinds';

/** Edges of a piece that assembly names. */
export type Edge = 'cast-on' | 'cast-off';

/**
 * How pieces become the finished thing: data that the design gives and the plan reads.
 * Rows are main rows of the piece, from 0, waste apart.
 */
export type AssemblyStep =
	/** One end of the tube is pushed inside the other up to `atRow` (may be half-way through a row). */
	| { readonly do: 'tuck'; readonly piece: string; readonly atRow: number; readonly inner: Edge }
	| { readonly do: 'gather'; readonly piece: string; readonly edge: Edge }
	/** Two edges sewn to one another loop by loop and drawn up together. */
	| { readonly do: 'zip'; readonly piece: string; readonly edges: readonly [Edge, Edge] }
	| { readonly do: 'turn-up'; readonly piece: string; readonly heightCm: number }
	/** Both ends of a tucked tube closed flat together, through four layers. */
	| {
			readonly do: 'close-crown';
			readonly piece: string;
			readonly edges: readonly [Edge, Edge];
			readonly how: FlatClosing;
	  }
	/** An end closed flat, front to back: half its loops across. */
	| {
			readonly do: 'close-flat';
			readonly piece: string;
			readonly edge: Edge;
			readonly how: FlatClosing;
			/** Closed part-gathered, then whipped: a toe. */
			readonly toe?: boolean;
	  }
	/** The rows below `rows` doubled on the machine: their first row hangs in the row after them. */
	| { readonly do: 'hem'; readonly piece: string; readonly rows: number }
	/** Turned inside out: the purl side is seen. */
	| { readonly do: 'inside-out'; readonly piece: string }
	/** A chain in a channel or through an edge, drawn up to close it. */
	| { readonly do: 'drawstring'; readonly piece: string; readonly chains: number }
	/** Chains over the shoulders from one edge. */
	| { readonly do: 'straps'; readonly piece: string; readonly chains: number }
	/** A slit left for the thumb, over so many stitches at a row. */
	| {
			readonly do: 'thumb';
			readonly piece: string;
			readonly atRow: number;
			readonly stitches: number;
	  }
	/** An end bound off so that it neither runs nor draws in; by so many stitches a loop. */
	| {
			readonly do: 'bind';
			readonly piece: string;
			readonly edge: Edge;
			readonly perLoop?: 1 | 2;
	  }
	/** Both ends joined to a ring, with a half turn or without. */
	| { readonly do: 'join-ring'; readonly piece: string; readonly twist: boolean }
	/** Two closed ends hooked into one another and whipped. */
	| { readonly do: 'hook-ends'; readonly piece: string }
	/** Chains as ties at both ends. */
	| { readonly do: 'ties'; readonly piece: string; readonly chains: number }
	/** A running thread round the tube at a row, drawn up: one swelling ends and the next begins. */
	| { readonly do: 'tie-off'; readonly piece: string; readonly atRow: number }
	| { readonly do: 'stuff'; readonly piece: string }
	/** A strip folded to a bag, and the two seams that hold it. */
	| { readonly do: 'fold-bag'; readonly piece: string }
	/** One piece's edge sewn to another piece. */
	| { readonly do: 'attach'; readonly piece: string; readonly edge: Edge; readonly to: string }
	/** Pieces sewn side by side along their lengths. */
	| { readonly do: 'side-by-side'; readonly pieces: readonly string[] }
	/** Pieces threaded on one cord by an edge, in turn. */
	| { readonly do: 'string'; readonly pieces: readonly string[]; readonly edge: Edge };

export type Assembly = readonly AssemblyStep[];
