/** A chain of crochet is about so long, cm, and so much of it is a matter of the hand (from memory). */
export const CHAIN_CM = 0.45;
export const CHAIN_RELATIVE_SD = 0.15;
