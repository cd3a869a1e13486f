import { isSpare, RAVEL } from '../program/program';
import type { Estimate } from '../quantity/estimate';
import { printLength, printValue, printWithSpread, shownUnit } from '../quantity/print';
import type { CrochetTerms } from '../model/kinds';
import type { QuantityKind, Units } from '../quantity/units';

/** Prints quantities in the maker's unit, for sentences. */
export interface Say {
	/** Crochet stitches by the words of the maker's choice. */
	readonly crochet: CrochetWords;
	readonly units: Units;
	/** A length in cm. */
	readonly length: (cm: number) => string;
	/** A length of yarn to leave, in cm: the next whole centimetre or inch. */
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

export const say = (units: Units, terms: CrochetTerms = 'us'): Say => ({
	crochet: CROCHET[terms],
	units,
	length: (cm) => printLength(cm, units),
	tail: (cm) => {
		const { unit, factor } = shownUnit('length', units);
		return `${Math.ceil(cm * factor - NEARLY_WHOLE)} ${unit}`;
	},
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

/** `both strands of foam`: each strand is an end of its own at every cast-on, join and close. */
export const wordStrands = (strands: number): string =>
	strands <= 1 ? '' : strands === 2 ? 'both strands of ' : `all ${strands} strands of `;
