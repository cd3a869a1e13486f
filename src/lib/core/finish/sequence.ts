import type { FinishStep } from './steps';

/** A move of a closing: which loop of one row with which of the other, from 1. */
export interface Pair {
	readonly a: number;
	readonly b: number;
}

/** Loops of one row lying front on back: the first faces the last. An odd one over is taken with its neighbour. */
export const foldedPairs = (loops: number): Pair[] =>
	Array.from({ length: Math.floor(loops / 2) }, (_, i) => ({ a: i + 1, b: loops - i }));

/** Two rows of as many loops, first with first. */
export const facingPairs = (loops: number): Pair[] =>
	Array.from({ length: loops }, (_, i) => ({ a: i + 1, b: i + 1 }));

/** How a closing goes: where it starts, how often, and the pairs; null for what is no closing of loops. */
export interface Sequence {
	/** Loop to start at, from 1: the first is at the marker. */
	readonly start: number;
	readonly times: number;
	/** Empty where loops are taken singly. */
	readonly pairs: readonly Pair[];
	/** The odd loop over, taken with its neighbour; null for none. */
	readonly over: number | null;
}

export function sequenceOf(step: FinishStep): Sequence | null {
	const single = (loops: number): Sequence => ({ start: 1, times: loops, pairs: [], over: null });
	switch (step.do) {
		case 'pick-up':
		case 'gather-piece':
		case 'bind':
		case 'bind-edge':
		case 'close-held':
			return single(step.loops);
		case 'close-flat':
		case 'close-crown': {
			if (step.do === 'close-flat' && step.toe) return single(step.loops);
			const pairs = foldedPairs(step.loops);
			return {
				start: 1,
				times: pairs.length,
				pairs,
				over: step.loops % 2 === 1 ? (step.loops + 1) / 2 : null
			};
		}
		case 'zip':
		case 'join-ring': {
			const pairs = facingPairs(step.loops);
			return { start: 1, times: pairs.length, pairs, over: null };
		}
		default:
			return null;
	}
}
