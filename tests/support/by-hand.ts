import type { Act } from '../../src/lib/core/program/hand';
import { LOOP } from '../../src/lib/core/simulate/fabric';
import type { Played } from '../../src/lib/core/simulate/hand/hand';
import { play } from '../../src/lib/core/simulate/hand/play';

export interface HandExample {
	readonly pins: number;
	readonly ring?: Partial<Played>;
	readonly acts: readonly Act[];
}

/** What an example comes to: rows, slips, refusals, and loops by their state. */
export function gives({ pins, ring, acts }: HandExample) {
	const hand = play(acts, { pins, panelLost: { start: 2, end: 2 }, seed: 1, ...ring });
	const at = ({ code, pin }: { code: string; pin: number | null }) =>
		pin === null ? code : `${code} ${pin}`;
	const states: Record<string, number> = {};
	for (const [name, state] of Object.entries(LOOP)) {
		const n = hand.bed.fabric.state.subarray(0, hand.bed.made).filter((s) => s === state).length;
		if (n > 0) states[name] = n;
	}
	return { rows: hand.rows, slips: hand.slips.map(at), refused: hand.refused.map(at), states };
}
