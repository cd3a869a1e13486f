import fc from 'fast-check';
import Qty from 'js-quantities';
import { describe, expect, it } from 'vitest';
import { parseCount, parseGrams, parseLengthCm, parseYarnMetres, readNumber, tidy } from './parse';
import { wordProblem } from '../words/problems';

const cm = (text: string, units: 'cm' | 'in' = 'cm') => {
	const r = parseLengthCm(text, units);
	return r.ok ? r.value : r.problem.code;
};

describe('lengths as people type them', () => {
	it.each([
		['18.2 cm', 18.2],
		['18,2', 18.2],
		['7 in', 17.78],
		['7"', 17.78],
		['7”', 17.78],
		['1/2 in', 1.27],
		['7 1/2 in', 19.05],
		['7½"', 19.05],
		['7-1/2 inches', 19.05],
		['182 mm', 18.2],
		['.5 cm', 0.5],
		['1.2 m', 120]
	])('%s is %f cm', (text, expected) => {
		expect(cm(text)).toBeCloseTo(expected, 10);
	});

	it('takes a bare number in the maker’s unit', () => {
		expect(cm('1/2', 'in')).toBeCloseTo(1.27, 10);
		expect(cm('1/2', 'cm')).toBe(0.5);
	});

	it.each([
		['', 'empty'],
		['   ', 'empty'],
		['0', 'not-positive'],
		['-3 cm', 'not-positive'],
		['3 furlongs', 'unknown-unit'],
		['about ten', 'not-understood'],
		['1/0 in', 'not-understood'],
		['1e999', 'unknown-unit'],
		['NaN', 'not-understood'],
		['100 g', 'unknown-unit']
	])('%j is refused as %s, with a sentence', (text, code) => {
		const r = parseLengthCm(text, 'cm');
		expect(r.ok ? 'ok' : r.problem.code).toBe(code);
		if (!r.ok) expect(wordProblem(r.problem)).toMatch(/18\.2 cm|above 0/);
	});

	// Reference: js-quantities, a registry library of unit conversions.
	it('agrees with an independent converter for every unit', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.01, max: 500, noNaN: true }).map((v) => Number(v.toFixed(3))),
				fc.constantFrom('mm', 'cm', 'm', 'in'),
				(value, unit) => {
					fc.pre(value > 0);
					const expected = Qty(value, unit).to('cm').scalar;
					expect(cm(`${value} ${unit}`)).toBeCloseTo(expected, 8);
				}
			),
			{ seed: 1 }
		);
	});
});

describe('yarn and mass', () => {
	it('agrees with an independent converter', () => {
		const metres = parseYarnMetres('218 yd', 'cm');
		const grams = parseGrams('3.5 oz');
		expect(metres.ok && metres.value).toBeCloseTo(Qty(218, 'yd').to('m').scalar, 8);
		expect(grams.ok && grams.value).toBeCloseTo(Qty(3.5, 'oz').to('g').scalar, 4);
	});

	it('takes a bare yarn length in yards where the maker works in inches', () => {
		const r = parseYarnMetres('100', 'in');
		expect(r.ok && r.value).toBeCloseTo(91.44, 10);
	});
});

describe('counts', () => {
	it.each([
		['24', 24],
		['24 rows', 24],
		['1 row', 1]
	])('%s', (text, expected) => {
		const r = parseCount(text, 'rows');
		expect(r.ok && r.value).toBe(expected);
	});

	it.each([
		['2.5', 'not-whole'],
		['0', 'not-positive'],
		['many', 'not-understood'],
		['', 'empty']
	])('%j is refused as %s', (text, code) => {
		const r = parseCount(text, 'rows');
		expect(r.ok ? 'ok' : r.problem.code).toBe(code);
	});
});

it('a number or nothing comes out of any text, never NaN', () => {
	fc.assert(
		fc.property(fc.string(), (text) => {
			const n = readNumber(tidy(text));
			expect(n === undefined || Number.isFinite(n)).toBe(true);
			const r = parseLengthCm(text, 'cm');
			expect(r.ok ? Number.isFinite(r.value) && r.value > 0 : r.problem.code.length > 0).toBe(true);
		}),
		{ seed: 2, numRuns: 500 }
	);
});

describe('a count of anything', () => {
	it.each([
		['6 tubes', 'tubes', 6],
		['1 tube', 'tubes', 1],
		['24', 'tubes', 24],
		['7 flags', 'flags', 7],
		['12 rows', 'rows', 12],
		['40', '', 40]
	])('%s is read with its noun or without', (typed, noun, value) => {
		expect(parseCount(typed, noun)).toEqual({ ok: true, value });
	});
	it.each([
		['six tubes', 'tubes'],
		['6 hats', 'tubes'],
		['2.5 tubes', 'tubes'],
		['0 tubes', 'tubes'],
		['tubes', 'tubes'],
		['', 'tubes']
	])('%s is refused with an example of what is right', (typed, noun) => {
		const r = parseCount(typed, noun);
		expect(r.ok).toBe(false);
		if (!r.ok) expect(r.problem).toMatchObject({ wanted: `24 ${noun}` });
	});
});
