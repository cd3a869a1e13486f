import type { Estimate } from '../quantity/estimate';
import { estimate, scale, sum } from '../quantity/estimate';
import { LATCH_SECONDS, SEW_SECONDS } from '../technique/hand';
import type { Wider } from '../shaping/wider';

/** Either may be a third more or less in another hand (from memory). */
const HAND_RELATIVE_SD = 0.33;

/** What a way to a width costs: minutes at the crank and by hand, and yarn in its stitches. */
export interface WayCost {
	readonly minutes: Estimate;
	readonly metres: Estimate;
}

/** `secondsPerRow` at the crank, `loopCm` of yarn in a stitch. */
export function wayCost(
	way: Wider,
	{ secondsPerRow, loopCm }: { secondsPerRow: Estimate; loopCm: Estimate }
): WayCost {
	const hand = (way.latched * LATCH_SECONDS + way.seamCm * SEW_SECONDS) / 60;
	return {
		minutes: sum([
			scale(secondsPerRow, (way.panels * way.rows) / 60),
			estimate(hand, hand * HAND_RELATIVE_SD, 'estimated')
		]),
		metres: scale(loopCm, way.loops / 100)
	};
}
