import { isSpare, RAVEL } from '../program/program';
import type { Estimate } from '../quantity/estimate';
import { printValue, printWithSpread } from '../quantity/print';
import type { CrochetTerms } from '../model/kinds';
import type { QuantityKind, Units } from '../quantity/units';

/** Prints quantities in the maker's unit, for sentences. */
export interface Say {
	/** Crochet stitches by the words of the maker's choice. */
	readonly crochet: CrochetWords;
	readonly units: Units;
	/** A length in cm. */
	readonly length: (cm: number) => string;
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

export const say = (units: Units, terms: CrochetTerms = 'us'): Say => ({
	crochet: CROCHET[terms],
	units,
	length: (cm) => printValue(cm, 'length', units),
	of: (value, kind) => printValue(value, kind, units),
	spread: (e, kind) => printWithSpread(e, kind, units),
	percent: (share) => printValue(share, 'percent', units)
});

/** `1 row`, `3 rows`; half rows as 2.5. */
export const rowsWord = (n: number): string =>
	n === 1 ? '1 row' : `${Number.isInteger(n) ? n : n.toFixed(1)} rows`;

/** What the hands do, in words. */
export interface EventWords {
	/** Two or three words, read from a metre away. */
	readonly title: string;
	readonly how: string;
}

/** A yarn of a piece by its colour; what comes off again by what it is. */
export const wordYarn = (yarn: number, name: (yarn: number) => string): string =>
	yarn === RAVEL ? 'the contrast strand' : isSpare(yarn) ? 'waste yarn' : name(yarn);
