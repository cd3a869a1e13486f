import type { Machine, Swatch, Yarn } from '../../model/bench';
import { effectiveTex, texFrom } from '../yarn/tex';
import { classOfTex } from '../yarn/weight-class';

export interface ExpectedSlot {
	/** 1 the smallest; 0 where the machine has none. */
	readonly slot: number;
	/** The yarn of the maker's own swatch it is taken from; null for the usual choice. */
	readonly like: Yarn | null;
}

/** A swatch of a yarn this much thicker or thinner, in logs, says nothing about the slot. */
const NEAR = 0.2;

/**
 * The tension slot to start with: that of the maker's swatch on this machine nearest in tex, within 20 %; else the usual:
 * small for light yarn, the middle for worsted, large for thick (common practice).
 */
export function expectedSlot(
	machine: Machine,
	yarn: Yarn,
	swatches: readonly Swatch[],
	yarns: readonly Yarn[]
): ExpectedSlot {
	if (machine.slots === 0) return { slot: 0, like: null };
	const tex = effectiveTex(yarn);
	const near = swatches
		.filter((s) => s.machineId === machine.id && s.slot > 0)
		.flatMap((s) => {
			const like = yarns.find((y) => y.id === s.yarnId);
			const off = like && Math.abs(Math.log((texFrom(like.metresPer100g) * s.strands) / tex));
			return like && off !== undefined && off <= NEAR ? [{ slot: s.slot, like, off }] : [];
		})
		.sort((a, b) => a.off - b.off)[0];
	if (near) return { slot: near.slot, like: near.like };
	const c = classOfTex(tex);
	const slot = c < 4 ? 1 : c === 4 ? Math.ceil(machine.slots / 2) : machine.slots;
	return { slot, like: null };
}
