const ITEM = String.raw`[\w.½¼¾-]+(?:\s*(?:cm|in|inches|"|years?|yrs?|months?|mths?))?`;
const LIST = new RegExp(
	String.raw`(${ITEM})\s*[([]\s*(${ITEM}(?:\s*[,:/]\s*${ITEM})*)\s*[)\]](?:\s*(cm|in|inches|years?|yrs?|months?|mths?))?`,
	'gi'
);
const ABOUT = /\b(?:sizes?|to fit|ages?|chest|bust|hips?|head)\b[^\n]{0,120}/gi;

/** What the sizes of a pattern are called, where it says so: "S (M, L)", "98 [104, 110] cm"; else by their place, from 1. */
export function sizeNames(text: string, sizes: number): string[] {
	const places = Array.from({ length: sizes }, (_, i) => String(i + 1));
	for (const [near] of text.matchAll(ABOUT))
		for (const m of near.matchAll(LIST)) {
			const rest = (m[2] ?? '').split(/\s*[,:/]\s*/);
			const names = [m[1] ?? '', ...rest].map((n) => n.trim());
			if (names.length !== sizes) continue;
			return m[3] ? names.map((n) => `${n} ${m[3]}`) : names;
		}
	return places;
}
