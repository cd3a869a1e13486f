import type { Estimate } from '../../quantity/estimate';

/** What a drawing is made from. */
export interface Drawing {
	/** Loops of the edge. */
	readonly loops: number;
	readonly row?: number;
	readonly wraps?: number;
	/** Crochet stitches in a loop; left out where the edge is not taken loop by loop. */
	readonly perLoop?: 1 | 2;
	/** Stitches in all, where some go into rows or spaces and not into loops. */
	readonly stitches?: number;
	/** Loops that go one with one, where that is known. */
	readonly pairs?: number;
	/** Chains of a cord, and whether it is run in and out of an edge. */
	readonly chains?: number;
	readonly threaded?: boolean;
	/** Sewn round a second time. */
	readonly twice?: boolean;
	/** Things on a cord, or sewn on. */
	readonly things?: number;
	/** What is known of a tube: what is planned of it and its lengths, cm, the row it is folded at, and how high its brim is turned up. */
	readonly tube?: {
		readonly planned?: { readonly long: Estimate; readonly wide: Estimate };
		readonly longCm?: number;
		readonly wideCm?: number;
		readonly foldRow?: number;
		readonly brimCm?: number;
	};
}
