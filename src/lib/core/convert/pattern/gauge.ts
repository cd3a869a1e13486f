import { readNumber, tidy } from '../../quantity/parse';
import { CM_PER_INCH, DENSITY_RANGE } from '../../quantity/units';
import type { SomeGauge } from '../written';

/** The gauge that a pattern's text says, per cm, and where it stands. */
export interface FoundGauge extends SomeGauge {
	readonly from: number;
	/** Not included. */
	readonly to: number;
}

const NUM = String.raw`\d+(?:[.,]\d+)?(?:\s*[½¼¾]|\s+\d\/\d)?|[½¼¾]`;
const STS = String.raw`(?:sts?|stitches|loops?)\b`;
const ROWS = String.raw`(?:rows?|rnds?|rounds?|r)\b`;
const UNIT = String.raw`(?:cms?|centimetres?|centimeters?|mm|inch(?:es)?|ins?\b\.?|["”″])`;
const OVER = String.raw`\s*(?:=|to|over|per|in|make|measure|measures|:)\s*(?:the\s+|an?\s+|one\s+|every\s+)?`;
const SPAN = String.raw`(?:(?<over>${NUM})\s*(?:(?:x|×|by)\s*(?:${NUM})\s*)?|(?:an?\s+|one\s+)?)(?<unit>${UNIT})`;
const AND = String.raw`\s*(?:,|and|x|×|&|by|\/|\+)?\s*`;
const MORE = String.raw`(?:\s+square)?`;
const PLAIN = String.raw`(?:\s+(?:in|over|of)\s+(?:st\s*st|stocking stitch|stockinette))?`;

/** Every way that a gauge is written in; with both sides first. The last need a word for gauge before them. */
const FORMS: readonly RegExp[] = [
	// 22 sts and 30 rows to 10 cm
	`(?<stitches>${NUM})\\s*${STS}${AND}(?<rows>${NUM})\\s*${ROWS}${PLAIN}${OVER}${SPAN}${MORE}`,
	// 10 cm = 22 sts and 30 rows
	`${SPAN}${MORE}\\s*(?:=|is|:|-|–)\\s*(?<stitches>${NUM})\\s*${STS}${AND}(?<rows>${NUM})\\s*${ROWS}`,
	// 18 cm to 40 sts, 7 cm to 20 rows
	`(?<sOver>${NUM})\\s*(?<sUnit>${UNIT})\\s*(?:to|=|for)\\s*(?<stitches>${NUM})\\s*${STS}${AND}(?<rOver>${NUM})\\s*(?<rUnit>${UNIT})\\s*(?:to|=|for)\\s*(?<rows>${NUM})\\s*${ROWS}`,
	// 40 sts = 18 cm, 20 rows = 7 cm
	`(?<stitches>${NUM})\\s*${STS}${OVER}(?<sOver>${NUM})?\\s*(?<sUnit>${UNIT})${AND}(?<rows>${NUM})\\s*${ROWS}${OVER}(?<rOver>${NUM})?\\s*(?<rUnit>${UNIT})`
].map((f) => new RegExp(f, 'gi'));
const ALONE: readonly RegExp[] = [
	`(?<stitches>${NUM})\\s*${STS}${PLAIN}${OVER}${SPAN}${MORE}`,
	`(?<rows>${NUM})\\s*${ROWS}${PLAIN}${OVER}${SPAN}${MORE}`,
	`(?<sOver>${NUM})\\s*(?<sUnit>${UNIT})\\s*(?:to|=|for)\\s*(?<stitches>${NUM})\\s*${STS}`,
	`(?<rOver>${NUM})\\s*(?<rUnit>${UNIT})\\s*(?:to|=|for)\\s*(?<rows>${NUM})\\s*${ROWS}`
].map((f) => new RegExp(f, 'gi'));
/** What is said this near after a word for gauge belongs to it, in letters. */
const NEAR = 160;
const SAYS_GAUGE = /\b(?:tension|gauge|swatch)\b/gi;

const cmOf = (over: string | undefined, unit: string): number => {
	const n = over === undefined ? 1 : (readNumber(tidy(over)) ?? NaN);
	if (/^mm/i.test(unit)) return n / 10;
	return /^c/i.test(unit) ? n : n * CM_PER_INCH;
};
function perCm(count: string | undefined, over: string | undefined, unit?: string): number | null {
	const n = count === undefined ? undefined : readNumber(tidy(count));
	if (n === undefined || unit === undefined) return null;
	const v = n / cmOf(over, unit);
	return v >= DENSITY_RANGE.minPerCm && v <= DENSITY_RANGE.maxPerCm ? v : null;
}
function foundIn(m: RegExpExecArray, from: number): FoundGauge | null {
	const g = m.groups ?? {};
	const stitchesPerCm = perCm(g.stitches, g.sOver ?? g.over, g.sUnit ?? g.unit);
	const rowsPerCm = perCm(g.rows, g.rOver ?? g.over, g.rUnit ?? g.unit);
	if (stitchesPerCm === null && rowsPerCm === null) return null;
	return { stitchesPerCm, rowsPerCm, from: from + m.index, to: from + m.index + m[0].length };
}
function firstOf(forms: readonly RegExp[], text: string, from = 0): FoundGauge | null {
	let best: FoundGauge | null = null;
	for (const form of forms) {
		form.lastIndex = 0;
		const m = form.exec(text);
		const found = m && foundIn(m, from);
		if (found && (!best || found.from < best.from)) best = found;
	}
	return best;
}

/**
 * The gauge that a pattern says of itself, in every notation: to 10 cm, to 4 in, to 1 in, centimetres to 40 stitches and to 20
 * rows, stitches or rows alone. Null where none stands there. Lone stitches or rows count only near a word for gauge: "3 sts in
 * 5 cm" elsewhere is work.
 */
export function gaugeIn(text: string): FoundGauge | null {
	for (const word of text.matchAll(SAYS_GAUGE)) {
		const near = text.slice(word.index, word.index + NEAR);
		const both = firstOf(FORMS, near, word.index);
		const one = both ?? firstOf(ALONE, near, word.index);
		if (one) return one;
	}
	return firstOf(FORMS, text);
}
