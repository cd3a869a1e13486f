import type { CROCHET } from '../../quantity/say';
import type { CrochetTerms } from '../../model/kinds';

export interface SkillWords {
	readonly name: string;
	/** What it is for and good at. */
	readonly goodFor: string;
	readonly how: readonly string[];
	/** What goes wrong, and how that is seen. */
	readonly wrong: string;
	/** Ways to the same end, between which makers differ. */
	readonly school?: SchoolId;
	/** Other words it is looked for by. */
	readonly also?: string;
}

/** Where makers differ: the ways stand side by side. */
export const SCHOOLS = {
	crown: 'Closing a crown in the round',
	flat: 'Closing an end flat',
	joins: 'Tails where colours join',
	edge: 'Finishing live loops',
	waste: 'Getting the waste yarn off',
	seam: 'Sewing two edges'
} as const;
export type SchoolId = keyof typeof SCHOOLS;

/** In one way of naming crochet, or alike in all. */
export type Worded = SkillWords | ((said: (typeof CROCHET)[CrochetTerms]) => SkillWords);
