/** One reading alone predicts a piece to 3 % (one sd), from memory. */
export const READING_RELATIVE_SD = 0.03;
/** A whole finished piece is a longer sample than a swatch: 2 % (one sd), from memory. */
export const PIECE_RELATIVE_SD = 0.02;
/** A tape along one swatch, the same stitches measured twice: 1.5 % (one sd), from memory. */
export const TAPE_RELATIVE_SD = 0.015;
