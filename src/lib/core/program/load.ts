import type { Program } from './program';
import { programRows } from './program';

/** What a design comes to, counted from its options before any of it is knitted or shaped. */
export interface Load {
	/** Different pieces; copies of one are one. */
	readonly pieces: number;
	/** Rows and loops of all different pieces together, waste included. */
	readonly rows: number;
	readonly loops: number;
	/** Changes of yarn in all of them. */
	readonly joins: number;
}

/** More than this is not worked out: far past what anyone makes, and what a page or a server answers in a second or two. */
export const LIMITS: Load = { pieces: 100, rows: 15_000, loops: 1_500_000, joins: 4000 };

/** What is too much of a design, and how much of it would fit. */
export interface Excess {
	readonly what: keyof Load;
	readonly is: number;
	readonly most: number;
}

interface Counted {
	readonly rows: number;
	readonly stitches: number;
	readonly joins: number;
}

export const loadOf = (pieces: readonly Counted[]): Load => ({
	pieces: pieces.length,
	rows: pieces.reduce((t, p) => t + p.rows, 0),
	loops: pieces.reduce((t, p) => t + p.rows * p.stitches, 0),
	joins: pieces.reduce((t, p) => t + p.joins, 0)
});

/** The first limit that a load is over, the one it is furthest over; null for none. */
export function excessOf(load: Load): Excess | null {
	const over = (Object.keys(LIMITS) as (keyof Load)[])
		.map((what) => ({ what, is: load[what], most: LIMITS[what] }))
		.filter((x) => x.is > x.most)
		.sort((a, b) => b.is / b.most - a.is / a.most);
	return over[0] ?? null;
}

/** A program's share of a load, on so many pins. */
export const countProgram = (program: Program, pins: number): Counted => ({
	rows: programRows(program),
	stitches: pins,
	joins: program.reduce((t, o) => t + (o.op === 'join' ? 1 : 0), 0)
});
