import type { YarnRun } from '../simulate/fabric';
import type { Assembly } from './assembly';

/** Places in cm. */
export interface Point {
	readonly x: number;
	readonly y: number;
}

/** Across the tube at one row: from edge to edge of the face one looks at. */
export interface Rung {
	/** Main rows before it; may be half-way through a row. */
	readonly row: number;
	readonly a: Point;
	readonly b: Point;
}

/** The fabric between two rungs, of one yarn. */
export interface Band {
	readonly yarn: number;
	readonly layer: number;
	readonly faceOut: boolean;
	/** How far it lies in shadow, 0 to 1. */
	readonly shade: number;
}

/** Something drawn over the fabric. */
export interface Trim {
	readonly kind: 'seam' | 'bound' | 'chain' | 'slit' | 'gather';
	readonly points: readonly Point[];
}

/** The tube as it lies after one step. Every stage of a plan has the same rungs and bands in the same order. */
export interface Stage {
	/** The assembly step it is after, by its place; -1 for the tube as it comes off the machine. */
	readonly step: number;
	readonly rungs: readonly Rung[];
	/** One fewer than rungs. */
	readonly bands: readonly Band[];
	readonly trims: readonly Trim[];
}

export interface StageInput {
	readonly runs: readonly YarnRun[];
	/** Rows per cm of each yarn index. */
	readonly rowsPerCm: readonly number[];
	/** Width lying flat, cm. */
	readonly widthCm: number;
	readonly assembly: Assembly;
	/** Height of a brim turned up, flat, cm. */
	readonly brimCm: number;
	/** Lying with the cast-on at the left, or hanging with it up or down. */
	readonly hangs: 'lying' | 'cast-on-up' | 'cast-on-down';
}

/** A ring is seen from a little above: its depth is so much of its width. */
export const RING_DEPTH = 0.32;
