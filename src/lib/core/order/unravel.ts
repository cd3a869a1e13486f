import type { Yarn } from '../model/bench';
import type { Forecast, UsedYarn } from '../model/project';

/** Ends cannot be knitted again, and a little breaks and felts as it comes apart: of what was in stitches so much is left (from memory). */
const KEPT = 0.97;
/** Where nobody knows what was in ends: so much of all of it is left (from memory). */
const KEPT_OF_ALL = 0.9;

/**
 * What a thing gives back when it is unravelled: of every yarn that was taken off the stock what was in its stitches, less what is
 * lost, as a yarn of its own, since yarn that was knitted is curled and weaker. Grams to the tenth; what is gone from the bench is
 * left out. `ids` are the new yarns' own.
 */
export function unravelled(
	used: readonly UsedYarn[],
	told: Forecast['grams'],
	yarns: readonly Yarn[],
	ids: () => Yarn['id']
): Yarn[] {
	return used.flatMap((u): Yarn[] => {
		const yarn = yarns.find((y) => y.id === u.yarnId);
		if (!yarn) return [];
		const part = told?.each.find((e) => e.yarnId === u.yarnId);
		const share = part && part.mean > 0 ? KEPT * (1 - part.apart / part.mean) : KEPT_OF_ALL;
		const gramsOnHand = Math.round(10 * share * u.grams) / 10;
		return gramsOnHand > 0 ? [{ ...yarn, id: ids(), gramsOnHand, unravelled: true }] : [];
	});
}
