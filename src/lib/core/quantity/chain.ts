/** A chain of crochet is about so long, cm, and so much of it is a matter of the hand (from memory). */
export const CHAIN_CM = 0.45;
export const CHAIN_RELATIVE_SD = 0.15;

/** A drawstring goes once round and has two ends to tie, cm (from memory). */
const TIED_CM = 12;
/** Chains of a drawstring through what is so far round, cm: in whole fives. */
export const drawstringChains = (roundCm: number): number =>
	5 * Math.ceil((roundCm + TIED_CM) / CHAIN_CM / 5);
