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
	| { readonly do: 'turn-up'; readonly piece: string; readonly heightCm: number };

export type Assembly = readonly AssemblyStep[];
