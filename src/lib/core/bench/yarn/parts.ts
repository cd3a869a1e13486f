import type { Yarn, YarnId } from '../../model/bench';
import { texFrom } from './tex';

/** A yarn and how many strands of it go into the yarn held together. */
export interface Part {
	readonly yarn: Yarn;
	readonly strands: number;
}
export type Lookup = (id: YarnId) => Yarn | undefined;

/** Tex of all its strands. */
export const partTex = (p: Part): number => texFrom(p.yarn.metresPer100g) * p.strands;

/** The parts of a yarn: itself, or what is held together in it, as far as it is known. */
export function partsOf(yarn: Yarn, lookup: Lookup): Part[] {
	if (yarn.heldTogether.length === 0) return [{ yarn, strands: yarn.strands }];
	return yarn.heldTogether.flatMap((h) => {
		const part = lookup(h.yarnId);
		return part ? [{ yarn: part, strands: h.strands }] : [];
	});
}

/** How `grams` of a yarn share out over its parts: by tex x strands, a share for each yarn once. */
export function splitGrams(
	yarn: Yarn,
	grams: number,
	lookup: Lookup
): { yarnId: YarnId; grams: number }[] {
	const parts = partsOf(yarn, lookup);
	const total = parts.reduce((t, p) => t + partTex(p), 0);
	const byYarn = new Map<YarnId, number>();
	for (const p of parts)
		byYarn.set(p.yarn.id, (byYarn.get(p.yarn.id) ?? 0) + (grams * partTex(p)) / total);
	return [...byYarn].map(([yarnId, g]) => ({ yarnId, grams: g }));
}

/**
 * Grams of a yarn on hand. Of one held together: as much as its scarcest part allows; 0 where a part is gone.
 */
export function gramsOnHand(yarn: Yarn, lookup: Lookup): number {
	if (yarn.heldTogether.length === 0) return yarn.gramsOnHand;
	if (yarn.heldTogether.some((h) => !lookup(h.yarnId))) return 0;
	const shares = splitGrams(yarn, 1, lookup);
	return Math.min(...shares.map((s) => (lookup(s.yarnId)?.gramsOnHand ?? 0) / s.grams));
}
