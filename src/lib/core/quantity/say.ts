import type { Estimate } from './estimate';
import { printLength, printValue, printWithSpread, shownUnit } from './print';
import { TAIL_STEP_CM, type QuantityKind, type Units } from './units';

/** Whose crochet words are used: the same stitch has two names. */
export const CROCHET_TERMS = ['us', 'uk'] as const;
export type CrochetTerms = (typeof CROCHET_TERMS)[number];

/** Prints quantities in the maker's unit, for sentences. */
export interface Say {
	/** Crochet stitches by the words of the maker's choice. */
	readonly crochet: CrochetWords;
	readonly units: Units;
	/** A length in cm. */
	readonly length: (cm: number) => string;
	/** A length of yarn to leave, in cm: up to the next 5 cm or 2 in, as makers measure it off. */
	readonly tail: (cm: number) => string;
	readonly of: (value: number, kind: QuantityKind) => string;
	readonly spread: (e: Estimate, kind: QuantityKind) => string;
	/** A share as a percentage. */
	readonly percent: (share: number) => string;
}

export interface CrochetWords {
	readonly single: string;
	readonly Single: string;
	readonly slip: string;
}

/** One stitch has two names (common practice): what is single crochet to one is double crochet to the other. */
export const CROCHET: Readonly<Record<CrochetTerms, CrochetWords>> = {
	us: { single: 'single crochet', Single: 'Single crochet', slip: 'slip stitch' },
	uk: { single: 'double crochet', Single: 'Double crochet', slip: 'slip stitch' }
};

/** 20 cm are 7.9 in and not 8 because of a rounding error in either. */
const NEARLY_WHOLE = 1e-6;

/** What a tail is measured off by where inches are used. */
const TAIL_STEP_IN = 2;

export const say = (units: Units, terms: CrochetTerms = 'us'): Say => ({
	crochet: CROCHET[terms],
	units,
	length: (cm) => printLength(cm, units),
	tail: (cm) => {
		const { unit, factor } = shownUnit('length', units);
		const step = units === 'cm' ? TAIL_STEP_CM : TAIL_STEP_IN;
		return `${step * Math.ceil((cm * factor) / step - NEARLY_WHOLE)} ${unit}`;
	},
	of: (value, kind) => printValue(value, kind, units),
	spread: (e, kind) => printWithSpread(e, kind, units),
	percent: (share) => printValue(share, 'percent', units)
});

/** `1 row`, `3 rows`; half rows as 2.5. */
export const rowsWord = (n: number): string =>
	n === 1 ? '1 row' : `${Number.isInteger(n) ? n : n.toFixed(1)} rows`;

/** `1 repeat`, `9 repeats`. */
export const repeatsWord = (n: number): string => (n === 1 ? '1 repeat' : `${n} repeats`);

/** The first letter large, or small. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
export const uncapital = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);

/** Sentences in a row; those that have nothing to say are left out. */
export const sentences = (...each: readonly string[]): string =>
	each.filter((words) => words !== '').join(' ');
