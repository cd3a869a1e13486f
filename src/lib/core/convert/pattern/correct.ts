import type { Correction } from '../../model/written';
import { tokensOf, type Token } from './tokens';

/** A stretch of the text that something else stands for. */
export interface Place {
	readonly from: number;
	/** Not included. */
	readonly to: number;
	/** What is read in its place; null where it is left out of the reading. */
	readonly says: string | null;
}

/** Where the nth of some words begins; -1 where there are not so many. */
function nthOf(text: string, words: string, nth: number): number {
	let at = -1;
	for (let i = 0; i <= nth; i++) {
		at = text.indexOf(words, at + 1);
		if (at < 0) return -1;
	}
	return at;
}
/** Which of some words stands at a place, from 0. */
export function nthAt(text: string, words: string, at: number): number {
	let nth = 0;
	for (let i = text.indexOf(words); i >= 0 && i < at; i = text.indexOf(words, i + 1)) nth += 1;
	return nth;
}

/** Where corrections stand in a text, in its order; those whose words are not there any more are left out, as is what laps over. */
export function placesOf(text: string, corrections: readonly Correction[]): Place[] {
	const found = corrections.flatMap(({ words, nth, says }): Place[] => {
		const from = nthOf(text, words, nth);
		return from < 0 ? [] : [{ from, to: from + words.length, says }];
	});
	const sorted = found.sort((a, b) => a.from - b.from);
	return sorted.filter((p, i) => i === 0 || p.from >= (sorted[i - 1]?.to ?? 0));
}

/** The tokens of a text with some stretches of it read otherwise: all that is read in place of a stretch stands where it stood. */
export function tokensCorrected(text: string, size: number, places: readonly Place[]): Token[] {
	const tokens = tokensOf(text, size);
	if (places.length === 0) return tokens;
	const out: Token[] = [];
	let next = 0;
	const put = (place: Place | undefined) => {
		if (!place?.says) return;
		const { from, to } = place;
		out.push({ is: '.', from, to: from });
		out.push(...tokensOf(place.says, size).map((t) => ({ ...t, from, to })));
		out.push({ is: '.', from: to, to });
	};
	for (const t of tokens) {
		while (next < places.length && (places[next]?.to ?? 0) <= t.from) put(places[next++]);
		const here = places[next];
		if (!here || t.to <= here.from) out.push(t);
	}
	while (next < places.length) put(places[next++]);
	return out;
}
