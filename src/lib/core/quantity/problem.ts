/** What is wrong with something a maker typed. Sentences for these live in `words/problems.ts`. */
export type Problem =
	| { code: 'empty'; wanted: string }
	| { code: 'not-understood'; typed: string; wanted: string }
	| { code: 'unknown-unit'; typed: string; unit: string; wanted: string }
	| { code: 'not-positive'; value: number; wanted: string }
	| { code: 'out-of-range'; value: number; min: number; max: number; unit: string; hint?: string }
	| { code: 'not-whole'; value: number; wanted: string };

export type Result<T> = { ok: true; value: T } | { ok: false; problem: Problem };

export const good = <T>(value: T): Result<T> => ({ ok: true, value });
export const bad = <T = never>(problem: Problem): Result<T> => ({ ok: false, problem });
