/** Width gained on the body, as a share of the relaxed tube, past which it is tight, and past which it does not go on. */
export interface StretchLimits {
	readonly tight: number;
	readonly tooTight: number;
}

/** Plain tubes are worn stretched by a third or so (from memory). */
export const USUAL_STRETCH: StretchLimits = { tight: 0.7, tooTight: 1 };
/** Below this a tube slides down (from memory). */
export const LOOSE_STRETCH = 0.05;
/** 22 pins in light yarn serve the smallest heads: the tube is narrow and gives (common practice; the figures from memory). */
export const SMALL_HEAD_STRETCH: StretchLimits = { tight: 1.3, tooTight: 1.7 };
/** A first wear is tight, and gives (common practice; the figures from memory). */
export const GIVING_STRETCH: StretchLimits = { tight: 0.9, tooTight: 1.2 };
