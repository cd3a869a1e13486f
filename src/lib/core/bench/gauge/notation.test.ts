import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { NOTATIONS, type Notation } from '../../model/bench';
import { wordProblem } from '../../words/problems';
import { parseReadingSide, printReadingSide, type ReadingContext } from './notation';
import { density, type Side } from './density';

const context = (
	notation: Notation,
	side: Side,
	patch: Partial<ReadingContext> = {}
): ReadingContext => ({
	notation,
	side,
	units: 'cm',
	pins: 48,
	...patch
});
const read = (text: string, c: ReadingContext) => {
	const r = parseReadingSide(text, c);
	return r.ok ? density(r.value) : r.problem.code;
};

describe('reading a gauge as people write it', () => {
	it.each<[string, Notation, Side, number]>([
		['13.5 st / 10 cm', 'per-10cm', 'stitches', 1.35],
		['13.5', 'per-10cm', 'stitches', 1.35],
		['13,5 sts', 'per-10cm', 'stitches', 1.35],
		['14', 'per-4in', 'stitches', 14 / 10.16],
		['3 1/2', 'per-1in', 'stitches', 3.5 / 2.54],
		['18.2 cm to 40', 'cm-to-40', 'stitches', 40 / 18.2],
		['18.2', 'cm-to-40', 'stitches', 40 / 18.2],
		['7 in to 40', 'cm-to-40', 'stitches', 40 / 17.78],
		['5.7', 'cm-to-40', 'rows', 20 / 5.7],
		['20 cm', 'tube', 'stitches', 24 / 20],
		['7 in', 'tube', 'stitches', 24 / 17.78],
		['7"', 'tube', 'stitches', 24 / 17.78],
		['20 cm flat width', 'tube', 'stitches', 1.2],
		['40 rows in 21 cm', 'tube', 'rows', 40 / 21],
		['40 = 21 cm', 'tube', 'rows', 40 / 21],
		['5 rows per inch', 'per-10cm', 'rows', 5 / 2.54]
	])('%j as %s %s is %f to the cm', (text, notation, side, expected) => {
		expect(read(text, context(notation, side))).toBeCloseTo(expected, 10);
	});

	it('lets a full expression speak for itself in any notation', () => {
		for (const n of NOTATIONS) {
			expect(read('18.2 cm to 40', context(n, 'stitches'))).toBeCloseTo(40 / 18.2, 10);
			expect(read('13.5 st / 10 cm', context(n, 'stitches'))).toBeCloseTo(1.35, 10);
		}
	});

	it('reads 1/2 as a half, not as one over two of a unit', () => {
		expect(read('1/2 in', context('tube', 'stitches', { pins: 4 }))).toBeCloseTo(2 / 1.27, 10);
	});

	it('carries the counted rows over to a bare length', () => {
		expect(read('21 cm', context('tube', 'rows', { tubeRows: 40 }))).toBeCloseTo(40 / 21, 10);
		expect(read('21 cm', context('tube', 'rows'))).toBe('not-understood');
	});

	it.each<[string, Notation]>([
		['400', 'per-10cm'],
		['0.5', 'per-10cm'],
		['1 cm', 'tube'],
		['900 cm', 'cm-to-40']
	])('refuses an absurd %j in %s and says what is usual', (text, notation) => {
		const r = parseReadingSide(text, context(notation, 'stitches'));
		expect(r.ok ? 'ok' : r.problem.code).toBe('out-of-range');
		if (!r.ok) expect(wordProblem(r.problem)).toMatch(/2 to 80 stitches in 10 cm/);
	});

	it.each(['0', '-4'])('refuses %s', (text) => {
		expect(read(text, context('per-10cm', 'stitches'))).toBe('not-positive');
	});
});

// Common practice: 22 stitches and 35 rows to 10 cm are 18.18 cm to 40 and 5.71 cm to 20.
it('states one gauge in the other’s notation', () => {
	const say = (count: number, side: Side) =>
		printReadingSide({ count, overCm: 10 }, context('cm-to-40', side));
	expect(say(22, 'stitches')).toBe('18.18 cm to 40');
	expect(say(35, 'rows')).toBe('5.71 cm to 20');
});

it('what is printed in any notation reads back as the same gauge', () => {
	fc.assert(
		fc.property(
			fc.constantFrom(...NOTATIONS),
			fc.constantFrom<Side>('stitches', 'rows'),
			fc.constantFrom<'cm' | 'in'>('cm', 'in'),
			fc.double({ min: 0.3, max: 6, noNaN: true }),
			(notation, side, units, perCm) => {
				const c = context(notation, side, { units });
				const given = { count: 40, overCm: 40 / perCm };
				const back = read(printReadingSide(given, c), c);
				// Two decimals of what is shown; the coarsest is a length of a few cm.
				expect(Math.abs(Number(back) / perCm - 1)).toBeLessThan(0.005);
			}
		),
		{ seed: 5 }
	);
});
