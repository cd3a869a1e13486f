/** Rows to crank, waste apart, of all pieces: apart from other sums, so that a rack needs no technique for it. */
export const mainRowsOf = (
	pieces: readonly { readonly count: number; readonly mainRows: number }[]
): number => pieces.reduce((t, p) => t + p.count * p.mainRows, 0);
