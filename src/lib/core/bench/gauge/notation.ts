import type { CountOver, Notation } from '../../model/bench';
import { NUMBER, parseLengthCm, readNumber, tidy } from '../../quantity/parse';
import { bad, good, type Result } from '../../quantity/problem';
import { CM_PER_INCH, cmToInches, DENSITY_RANGE, type Units } from '../../quantity/units';
import { density, type Side } from './density';

/** Over what length each counted notation counts. */
const SPAN_CM: Partial<Record<Notation, number>> = {
	'per-10cm': 10,
	'per-4in': 4 * CM_PER_INCH,
	'per-1in': CM_PER_INCH
};

/** The counts of the machine knitter's notation: centimetres to 40 stitches and to 20 rows. */
export const TO_COUNT: Record<Side, number> = { stitches: 40, rows: 20 };

const EXAMPLES: Record<Notation, Record<Side, string>> = {
	'per-10cm': { stitches: '13.5 st / 10 cm', rows: '20 rows / 10 cm' },
	'per-4in': { stitches: '14 st / 4 in', rows: '20 rows / 4 in' },
	'per-1in': { stitches: '3 1/2 st / 1 in', rows: '5 rows / 1 in' },
	'cm-to-40': { stitches: '18.2 cm to 40', rows: '5.7 cm to 20' },
	tube: { stitches: '20 cm flat width', rows: '40 rows in 21 cm' }
};
export const notationExample = (notation: Notation, side: Side): string => EXAMPLES[notation][side];

const WORDS = String.raw`(?:st|sts|stitches|rows?|r)?`;
const COUNT_OVER = new RegExp(
	`^(${NUMBER})\\s*${WORDS}\\s*(?:/|per|over|in|to|=|:)\\s*(?:(?:the|an?|one|every)\\s)?\\s*(${NUMBER})?\\s*(mm|cm|in|inch|inches|")$`
);
const LENGTH_TO = new RegExp(
	`^(${NUMBER})\\s*(mm|cm|in|inch|inches|")\\s*(?:to|for|/|=)\\s*(${NUMBER})\\s*${WORDS}$`
);
const BARE = new RegExp(`^(${NUMBER})\\s*${WORDS}$`);

export interface ReadingContext {
	readonly notation: Notation;
	readonly side: Side;
	/** The maker's unit, for a bare length. */
	readonly units: Units;
	/** Pins of the machine, for the flat width of a whole tube. */
	readonly pins: number;
	/** Rows counted, for a bare tube length; the swatch form carries it over from the last reading. */
	readonly tubeRows?: number;
}

function checked(
	count: number,
	overCm: number,
	typed: string,
	context: ReadingContext
): Result<CountOver> {
	const wanted = notationExample(context.notation, context.side);
	if (!(count > 0)) return bad({ code: 'not-positive', value: count, wanted });
	if (!(overCm > 0)) return bad({ code: 'not-positive', value: overCm, wanted });
	const perCm = count / overCm;
	if (perCm < DENSITY_RANGE.minPerCm || perCm > DENSITY_RANGE.maxPerCm) {
		return bad({
			code: 'out-of-range',
			value: perCm * 10,
			min: DENSITY_RANGE.minPerCm * 10,
			max: DENSITY_RANGE.maxPerCm * 10,
			unit: `${context.side} in 10 cm`,
			hint: `"${typed}" may be in the wrong unit or notation; it is usually written like ${wanted}`
		});
	}
	return good({ count, overCm });
}

/**
 * Reads one side of a swatch as people type it. A full expression ("18.2 cm to 40", "13.5 st / 10 cm",
 * "40 rows in 21 cm") speaks for itself in any notation; a bare number or length takes the chosen notation.
 * Result: a count over centimetres, refused outside 2 to 80 in 10 cm.
 */
export function parseReadingSide(text: string, context: ReadingContext): Result<CountOver> {
	const { notation, side, units, pins } = context;
	const wanted = notationExample(notation, side);
	const typed = tidy(text).replace(/\s*(flat width|flat|wide)$/, '');
	if (!typed) return bad({ code: 'empty', wanted });
	const nothing = bad({ code: 'not-understood', typed: text, wanted });

	const to = LENGTH_TO.exec(typed);
	if (to) {
		const length = parseLengthCm(`${to[1]} ${to[2]}`, units);
		return length.ok ? checked(readNumber(to[3]!) ?? 0, length.value, text, context) : length;
	}
	const isLengthNotation = notation === 'cm-to-40' || notation === 'tube';
	const over = isLengthNotation && /^\d+\/\d+ ?\S+$/.test(typed) ? null : COUNT_OVER.exec(typed);
	if (over) {
		const length = parseLengthCm(`${over[2] ?? '1'} ${over[3]}`, units);
		return length.ok ? checked(readNumber(over[1]!) ?? 0, length.value, text, context) : length;
	}
	const bare = BARE.exec(typed);
	const span = SPAN_CM[notation];
	if (span !== undefined) {
		if (!bare) return nothing;
		const count = readNumber(bare[1]!);
		return count === undefined ? nothing : checked(count, span, text, context);
	}
	const length = parseLengthCm(notation === 'cm-to-40' && bare ? `${bare[1]} cm` : typed, units);
	if (!length.ok) return length.problem.code === 'not-positive' ? length : nothing;
	if (notation === 'cm-to-40') return checked(TO_COUNT[side], length.value, text, context);
	if (side === 'stitches') return checked(pins / 2, length.value, text, context);
	return context.tubeRows ? checked(context.tubeRows, length.value, text, context) : nothing;
}

/** Prints a density in a notation with its units, ready to be read back by `parseReadingSide`. */
export function printReadingSide(c: CountOver | null, context: ReadingContext): string {
	if (!c) return '';
	const { notation, side, units, pins } = context;
	const word = side === 'stitches' ? 'st' : 'rows';
	const tidyDigits = (v: number, places: number) => String(Number(v.toFixed(places)));
	const length = (cm: number) =>
		units === 'cm' ? `${tidyDigits(cm, 2)} cm` : `${tidyDigits(cmToInches(cm), 2)} in`;
	switch (notation) {
		case 'per-10cm':
			return `${tidyDigits(density(c) * 10, 2)} ${word} / 10 cm`;
		case 'per-4in':
			return `${tidyDigits(density(c) * 4 * CM_PER_INCH, 2)} ${word} / 4 in`;
		case 'per-1in':
			return `${tidyDigits(density(c) * CM_PER_INCH, 3)} ${word} / 1 in`;
		case 'cm-to-40':
			return `${tidyDigits(TO_COUNT[side] / density(c), 2)} cm to ${TO_COUNT[side]}`;
		case 'tube':
			return side === 'stitches'
				? `${length(pins / 2 / density(c))} flat width`
				: `${tidyDigits(c.count, 1)} rows in ${length(c.overCm)}`;
	}
}
