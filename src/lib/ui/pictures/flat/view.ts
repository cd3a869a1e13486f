import type { Placed } from './layout';

/** How the drawing of pieces lies on the page: px to the cm, and where a point of a piece stands. */
export interface FlatView {
	readonly px: number;
	readonly x: (p: Placed, cm: number) => number;
	readonly y: (p: Placed, cm: number) => number;
}

/** Points are moved by half a centimetre. */
export const SNAP_CM = 0.5;
export const snap = (cm: number): number => Math.round(cm / SNAP_CM) * SNAP_CM;
