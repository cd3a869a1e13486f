import type { Act } from './acts';
import { follow, rowsOfShape, stepOf, type State } from './follow';
import type { HandOnly } from '../written';
import type { Token } from './tokens';

/** Stretches that the machine does not do by cranking, by a word of theirs. */
const BY_HAND: ReadonlyMap<string, HandOnly> = new Map([
	['rib', 'ribbing'],
	['garter', 'purl texture'],
	['moss', 'purl texture'],
	['cable', 'cables'],
	['cables', 'cables'],
	['lace', 'lace'],
	['eyelet', 'lace'],
	['stranded', 'stranded colour'],
	['heel', 'turned heels']
]);
/** Words that ask for something: where they are not read, they are asked about. */
export const ASKS: ReadonlySet<string> = new Set([
	'dec',
	'inc',
	'off',
	'co',
	'rep',
	'until',
	'reverse',
	'hold',
	'rejoin',
	'turn',
	'given'
]);
/** A number before one of these is of a needle or of yarn. */
const OF_TOOLS = new Set(['mm', 'g', 'oz', 'ball', 'balls']);
export const spanOf = (s: State, from: number, to: number) => ({
	from: s.tokens[from]?.from ?? 0,
	to: s.tokens[Math.max(from, to - 1)]?.to ?? 0
});

/** Takes tokens from one place up to another as acts. */
export function take(
	s: State,
	[from, to]: readonly [number, number],
	found: readonly Act[],
	guess?: 'no-verb' | 'bare-cast-on'
): number {
	const followed = found.map((a) => follow(s, a));
	const why = followed.find((f) => f.why)?.why ?? null;
	const hand = handWord(s, from, to);
	for (const f of followed) s.acts.push(f.act);
	s.out.push({
		...spanOf(s, from, to),
		as: why
			? 'needs-you'
			: hand
				? 'not-here'
				: guess
					? 'guess'
					: found.length === 0
						? 'words'
						: 'taken',
		acts: followed.map((f) => f.act),
		meanwhile: s.meanwhile,
		why: why ?? (hand ? { code: 'by-hand', what: hand } : guess ? { code: guess } : null)
	});
	s.meanwhile = false;
	return to;
}
function handWord(s: State, from: number, to: number): HandOnly | null {
	for (let i = from; i <= to; i++) {
		const what = BY_HAND.get(s.tokens[i]?.is ?? '');
		if (what !== undefined) return what;
	}
	return null;
}

export const isEnd = (t: Token | undefined): boolean =>
	!t || t.is === '.' || t.is === 'nl' || t.is === ';';
export const sentenceEnd = (s: State, from: number): number => {
	let i = from;
	while (i < s.tokens.length && !isEnd(s.tokens[i])) i += 1;
	return i;
};

/** The last act is told anew, with more of it: what it took is given back first. */
export function merge(s: State, [from, to]: readonly [number, number], old: Act, now: Act): number {
	const was = s.out.at(-1);
	if (!was || was.acts.length !== 1 || was.acts[0] !== old) return take(s, [from, to], [now]);
	if (old.do === 'groups' && s.on !== null) s.on += old.n * old.rows;
	if (old.do === 'groups') {
		s.done -= old.rows;
		if (s.rows !== null) s.rows -= old.rows;
	}
	if (old.do === 'shape') {
		if (s.on !== null && old.times !== null) s.on += stepOf(old) * old.times;
		s.done -= rowsOfShape(old);
		if (s.rows !== null) s.rows -= rowsOfShape(old);
	}
	s.out.pop();
	s.acts.pop();
	const end = take(s, [from, to], [now]);
	const told = s.out.pop();
	if (told) s.out.push({ ...told, from: was.from });
	return end;
}

/** The first token from an offset of the tokens' text on. */
export function tokenAt({ at }: State, offset: number): number {
	let [low, high] = [0, at.length];
	while (low < high) {
		const middle = (low + high) >> 1;
		if ((at[middle] ?? 0) < offset) low = middle + 1;
		else high = middle;
	}
	return low;
}

const isMark = (t: Token | undefined): boolean =>
	t !== undefined && /^(?:[.,;:()[\]/=–-]|nl|and|then)$/.test(t.is);

/** Words that nothing is made of: with a number in them they are asked about. */
export function loose(s: State, from: number, to: number): void {
	let [low, high] = [from, to];
	while (low < high && isMark(s.tokens[low])) low += 1;
	while (high > low && isMark(s.tokens[high - 1])) high -= 1;
	// A number that stands among marks, as of a list, is told with what it stands before.
	if (high <= low) return;
	const here = s.tokens.slice(low, high);
	const listed = here.length <= 3 && here.every((t) => /^(?:\d+|[.)]|nl)$/.test(t.is));
	const numbers =
		!listed &&
		here.some(
			(t, i) =>
				(/^[\d.]+$/.test(t.is) && t.is !== '.' && !OF_TOOLS.has(here[i + 1]?.is ?? '')) ||
				ASKS.has(t.is)
		);
	const hand = numbers ? null : handWord(s, low, high - 1);
	s.out.push({
		...spanOf(s, low, high),
		as: numbers ? 'needs-you' : hand ? 'not-here' : 'words',
		acts: [],
		meanwhile: false,
		why: numbers ? { code: 'unread' } : hand ? { code: 'by-hand', what: hand } : null
	});
}
