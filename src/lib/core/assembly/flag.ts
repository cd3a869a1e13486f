import type { Estimate } from '../quantity/estimate';

/** One flag, flat. Lengths in cm. */
export interface Flag {
	readonly stitches: number;
	/** The most stitches that would fit the machine with its tip and way of decreasing. */
	readonly mostStitches: number;
	/** Stitches drawn up at the tip. */
	readonly tip: number;
	readonly flags: number;
	readonly width: Estimate;
	readonly height: Estimate;
	/** All flags side by side. */
	readonly string: Estimate;
}
