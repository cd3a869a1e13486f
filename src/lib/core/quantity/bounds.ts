/** What a record may hold at most: the interface says these bounds where it is typed, the schemas hold to them. */

/** Letters of a stripe line of a tube or a garment. */
export const MOST_STRIPE_LETTERS = 20_000;
/** Letters of a stripe line of one part of several. */
export const MOST_LINE_LETTERS = 2_000;
/** Length or width of a piece, cm. */
export const MOST_PIECE_CM = 400;
/** Points of one edge of a free piece. */
export const MOST_EDGE_POINTS = 60;
/** A chain of more is no cord, strap or tie of anything. */
export const MOST_CHAINS = 300;
