import type { CountOver } from '../../model/bench';

export type Side = 'stitches' | 'rows';

/** Stitches or rows to the centimetre. */
export const density = (c: CountOver): number => c.count / c.overCm;
