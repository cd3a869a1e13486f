/** How two edges are held against one another: loop by loop, row by row, loops against what is crocheted on them, or by length. */
export type HeldBy = 'loops' | 'rows' | 'crochet' | 'length';

/** `eases`: off by so little that it is eased in; `off`: by more. */
export type Fit = 'meets' | 'eases' | 'off';

/**
 * What is eased in as two edges come together, for everything that is sewn or crocheted: a number, or a share of the longer
 * edge, whichever is more. A front with two rows less is eased; one loop is taken with its neighbour (common practice); the
 * shares are from memory.
 */
const EASES: Readonly<Record<HeldBy, { readonly count: number; readonly share: number }>> = {
	loops: { count: 1, share: 0 },
	rows: { count: 2, share: 0.03 },
	// A chain takes a loop twice, or two together, without a pucker.
	crochet: { count: 1, share: 0.05 },
	// A sleeve is eased into its armhole up to this share.
	length: { count: 0, share: 0.08 }
};
/** Lengths nearer than this share of the longer meet: nobody lays a tape closer (from memory). */
const LENGTH_MEETS = 0.03;
const ROUNDING = 1e-9;

/**
 * Whether two edges agree.
 * @param a loops, rows or cm of one edge, 0 or more
 * @param b the same of the other
 */
export function fitOf(by: HeldBy, a: number, b: number): Fit {
	const off = Math.abs(a - b);
	const longer = Math.max(a, b);
	if (off <= (by === 'length' ? LENGTH_MEETS * longer : 0) + ROUNDING) return 'meets';
	const { count, share } = EASES[by];
	return off <= Math.max(count, share * longer) + ROUNDING ? 'eases' : 'off';
}
