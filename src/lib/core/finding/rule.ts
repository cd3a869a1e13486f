import type { Say } from '../quantity/say';
import type { Facts, Judgement } from './facts';
import type { FindingBody, FindingCode } from './finding';

/** One sentence what, one sentence why with the numbers in it. */
export interface Sentences {
	readonly what: string;
	readonly why: string;
}
/** `yarn` gives a colour's name. */
export type Writer<C extends FindingCode> = (
	f: Extract<FindingBody, { code: C }>,
	s: Say,
	yarn: (index: number) => string
) => Sentences;
export type Says = { readonly [C in FindingCode]?: Writer<C> };

/** One judgement, whole: when it speaks, and what it says; it reads the facts and speaks, or is silent. */
export interface Rule<W = unknown, F = unknown> {
	readonly says: Says;
	test(facts: Facts<W, F>): Judgement | readonly Judgement[] | null;
}
export const rule = <W = unknown, F = unknown>(r: Rule<W, F>): Rule<W, F> => r;
