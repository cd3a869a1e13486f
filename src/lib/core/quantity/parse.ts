import { bad, good, type Result } from './problem';
import { CM_PER_INCH, GRAMS_PER_OUNCE, METRES_PER_YARD, unitOf, type Units } from './units';

const VULGAR: Record<string, string> = {
	'¼': '1/4',
	'½': '1/2',
	'¾': '3/4',
	'⅓': '1/3',
	'⅔': '2/3',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8'
};

/** Straightens what keyboards and phones make of a number: ½, decimal commas, curly quotes, odd spaces. */
export function tidy(text: string): string {
	return text
		.replace(/[¼½¾⅓⅔⅛⅜⅝⅞]/g, (c) => ` ${VULGAR[c]}`)
		.replace(/[\u2032\u2019]/g, "'")
		.replace(/[\u2033\u201d\u201c]|''/g, '"')
		.replace(/[\u00a0\u2009\u202f]/g, ' ')
		.replace(/\u2212/g, '-')
		.replace(/(\d),(\d)/g, '$1.$2')
		.replace(/\s+/g, ' ')
		.trim()
		.toLowerCase();
}

/** A number as people write it, at the start of a tidied text: 7, 13.5, 1/2, 7 1/2, 7-1/2. */
export const NUMBER = String.raw`-?(?:\d+(?:[ -]\d+\/\d+|\/\d+)|\d*\.\d+|\d+\.?)`;

/** Reads one tidied number; undefined where it is none (or divides by nothing). */
export function readNumber(text: string): number | undefined {
	const whole = text.trim();
	const fraction = /^(-?)(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(whole);
	if (fraction) {
		const [, sign, units, top, bottom] = fraction;
		if (Number(bottom) === 0) return undefined;
		const value = Number(units ?? 0) + Number(top) / Number(bottom);
		return sign ? -value : value;
	}
	return /^-?(\d+(\.\d*)?|\.\d+)$/.test(whole) ? Number(whole) : undefined;
}

const LENGTH_UNITS: Record<string, number> = {
	mm: 0.1,
	cm: 1,
	centimetres: 1,
	centimeters: 1,
	m: 100,
	'"': CM_PER_INCH,
	in: CM_PER_INCH,
	'in.': CM_PER_INCH,
	inch: CM_PER_INCH,
	inches: CM_PER_INCH
};
const YARN_UNITS: Record<string, number> = {
	m: 1,
	metres: 1,
	meters: 1,
	yd: METRES_PER_YARD,
	yds: METRES_PER_YARD,
	yard: METRES_PER_YARD,
	yards: METRES_PER_YARD
};
const MASS_UNITS: Record<string, number> = {
	g: 1,
	gr: 1,
	grams: 1,
	kg: 1000,
	oz: GRAMS_PER_OUNCE,
	ounce: GRAMS_PER_OUNCE,
	ounces: GRAMS_PER_OUNCE
};

export interface Range {
	readonly min: number;
	readonly max: number;
	readonly unit: string;
	readonly hint?: string;
}

/** Checks a value against a range given in the unit the message should speak. */
export function inRange(value: number, range: Range): Result<number> {
	if (value >= range.min && value <= range.max) return good(value);
	return bad({ code: 'out-of-range', value, ...range });
}

function parseWithUnits(
	text: string,
	table: Record<string, number>,
	fallback: string,
	wanted: string
): Result<number> {
	const typed = tidy(text);
	if (!typed) return bad({ code: 'empty', wanted });
	const match = new RegExp(`^(${NUMBER})\\s*(\\D.*)?$`).exec(typed);
	const number = match ? readNumber(match[1]!) : undefined;
	if (!match || number === undefined) return bad({ code: 'not-understood', typed: text, wanted });
	const unit = match[2]?.trim() ?? fallback;
	const factor = table[unit];
	if (factor === undefined) return bad({ code: 'unknown-unit', typed: text, unit, wanted });
	if (number <= 0) return bad({ code: 'not-positive', value: number, wanted });
	return good(number * factor);
}

/** Reads a length into cm; a bare number takes the maker's unit. Accepts mm, cm, m, in and ". Always above 0. */
export const parseLengthCm = (text: string, units: Units): Result<number> =>
	parseWithUnits(text, LENGTH_UNITS, unitOf(units), units === 'cm' ? '18.2 cm' : '7 1/4 in');

/** Reads a length of yarn into metres; a bare number is metres, or yards where the maker works in inches. */
export const parseYarnMetres = (text: string, units: Units): Result<number> =>
	parseWithUnits(
		text,
		YARN_UNITS,
		units === 'cm' ? 'm' : 'yd',
		units === 'cm' ? '200 m' : '220 yd'
	);

/** Reads a mass into grams; a bare number is always grams, since kitchen scales and balls say grams. */
export const parseGrams = (text: string): Result<number> =>
	parseWithUnits(text, MASS_UNITS, 'g', '100 g');

/** Reads a whole number of rows, pins or balls, at least 1; the noun itself may be typed after it. */
export function parseCount(text: string, noun: string): Result<number> {
	const wanted = `24 ${noun}`;
	const said = [noun, noun.replace(/s$/, '')].find((n) => n !== '' && tidy(text).endsWith(n)) ?? '';
	const bare = tidy(text);
	const typed = bare
		.slice(0, bare.length - said.length)
		.trim()
		.replace(/\s*(rows?|pins?|r|st|stitches)$/, '');
	if (!typed) return bad({ code: 'empty', wanted });
	const value = readNumber(typed);
	if (value === undefined) return bad({ code: 'not-understood', typed: text, wanted });
	if (value <= 0) return bad({ code: 'not-positive', value, wanted });
	if (!Number.isInteger(value)) return bad({ code: 'not-whole', value, wanted });
	return good(value);
}
