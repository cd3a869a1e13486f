import type { Hand, Machine, Swatch, Yarn, YarnTest } from '../../model/bench';
import { testsOf } from '../yarn/trials';
import { effectiveTex, sameYarnOtherColour, texFrom } from '../yarn/tex';
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

/** How a yarn is fed on a machine: the slot, the hand, and what says so. */
export interface Feed {
	/** 1 the smallest; 0 where the machine has none. */
	readonly slot: number;
	/** Tension through the fingers. */
	readonly hand: Hand;
	readonly by: 'swatch' | 'test' | 'like' | 'usual';
	/** The maker's yarn it is taken from, by colour; null for what was not. */
	readonly like: string | null;
}

interface Tried {
	readonly swatches: readonly Swatch[];
	readonly tests: readonly YarnTest[];
	readonly yarns: readonly Yarn[];
}

/**
 * As the maker's swatch of it there had it, in its hand or that of their newest test that ran; else as that test had it; else as the
 * swatch of another colour of it; else as that of the nearest yarn; else as is usual for its thickness. Without slots the fingers alone give it tension.
 */
export function feedFor(machine: Machine, yarn: Yarn, { swatches, tests, yarns }: Tried): Feed {
	const ran = testsOf(yarn, tests, yarns).find(
		(t) => t.machineId === machine.id && t.strands === yarn.strands && t.verdict !== 'fails'
	);
	const hand: Hand = ran?.hand ?? (machine.slots === 0 ? 'light' : 'none');
	const here = swatches.filter((s) => s.machineId === machine.id && s.strands === yarn.strands);
	const own = here.find((s) => s.yarnId === yarn.id);
	const otherColour = here.find((s) => {
		const other = yarns.find((y) => y.id === s.yarnId);
		return other && sameYarnOtherColour(other, yarn);
	});
	const there = (slot: number) => Math.min(slot, machine.slots);
	const asIn = (s: Swatch): Feed => ({
		slot: there(s.slot),
		hand: s.hand === 'none' ? hand : s.hand,
		by: 'swatch',
		like: null
	});
	if (own) return asIn(own);
	if (ran) return { slot: there(ran.slot), hand, by: 'test', like: null };
	if (otherColour) return asIn(otherColour);
	const { slot, like } = expectedSlot(machine, yarn, swatches, yarns);
	return { slot, hand, by: like ? 'like' : 'usual', like: like?.colourName ?? null };
}
