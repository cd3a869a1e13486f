/** One reading alone predicts a piece to 3 % (one sd), from memory. */
export const READING_RELATIVE_SD = 0.03;
/** A whole finished piece is a longer sample than a swatch: 2 % (one sd), from memory. */
export const PIECE_RELATIVE_SD = 0.02;
/** A tape along one swatch, the same stitches measured twice: 1.5 % (one sd), from memory. */
export const TAPE_RELATIVE_SD = 0.015;

/**
 * One reading alone tells the gauge of the next piece to 3 %, of which 2 % are what one piece differs from another: what it
 * tells of the gauge itself is the rest.
 */
export const READING_KNOWN = Math.sqrt(READING_RELATIVE_SD ** 2 - PIECE_RELATIVE_SD ** 2);
/** Relative spread of the next piece, where the gauge itself is known to `known`: one piece differs from another. */
export const nextPiece = (known: number, piece = PIECE_RELATIVE_SD): number =>
	Math.hypot(known, piece);
/** Relative spread of the next piece after `n` readings that agree. */
export const afterReadings = (n: number): number => nextPiece(READING_KNOWN / Math.sqrt(n));
