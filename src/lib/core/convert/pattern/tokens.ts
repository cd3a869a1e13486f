import { entryAt } from '../../quantity/sure';
import { FORM, NOISE, NOT_INCH, ORDINALS, PHRASES, SIMPLE } from './forms';

/** A word, number or mark of a pattern, put into one form, and where it stands in the text. */
export interface Token {
	/** In one form: `st`, `row`, `off`, `4`, `o4` for the 4th, `.`; `nl` ends a line. */
	readonly is: string;
	readonly from: number;
	/** Not included. */
	readonly to: number;
	/** Of a bracketed list, one for each size. */
	readonly sizes?: readonly number[];
}

const WORD =
	/[kp](?=\d+\b)|\d+(?:\.\d+)?(?:st|nd|rd|th)\b|\d+\s+\d\/\d|(?<![\d/])\d+\/\d+(?![\d/])|\d+[½¼¾]|\d+(?=(?:,\d+)+\s*[)\]])|\d+(?:[.,]\d+)?|c\/on|c\/off|b\/off|[cb]\.o\.|[a-z][a-z0-9'’]*(?:-[a-z]+)*|["“”″]|\n|[.,;:()[\]/=–-]|[½¼¾]/gi;

const FRACTION: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75 };
function numberOf(text: string): number | null {
	const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text);
	if (mixed)
		return Number(mixed[3]) > 0
			? Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3])
			: null;
	if (text in FRACTION) return FRACTION[text] ?? null;
	const half = /^(\d+)([½¼¾])$/.exec(text);
	if (half) return Number(half[1]) + (FRACTION[half[2] ?? ''] ?? 0);
	return /^\d+(?:[.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : null;
}
/** `forty-eight`, `two`; null for what is no number. */
function wordNumber(word: string): number | null {
	const [a, b] = word.split('-');
	const first = SIMPLE.get(a ?? '');
	if (first === undefined) return null;
	if (b === undefined) return first;
	const second = SIMPLE.get(b);
	return first >= 20 && second !== undefined && second < 10 ? first + second : null;
}
function ordinalOf(word: string): number | null {
	const digits = /^(\d+)(?:st|nd|rd|th)$/.exec(word);
	if (digits) return Number(digits[1]);
	const i = ORDINALS.indexOf(word);
	return i < 0 ? null : i + 1;
}

const isNumeric = (word: string): boolean => {
	const first = word.charCodeAt(0);
	return (first >= 48 && first <= 57) || word in FRACTION;
};

/** A word by itself in its form, or forms with a space between; null for one that changes nothing. */
function plainForm(word: string): string | null {
	if (word === '\n') return 'nl';
	if (word === 'c.o.') return 'co';
	if (word === 'b.o.') return 'off';
	const numeric = isNumeric(word);
	const ordinal = numeric || ORDINALS.includes(word) ? ordinalOf(word) : null;
	if (ordinal !== null) return `o${ordinal}`;
	const n = numeric ? numberOf(word) : wordNumber(word);
	if (n !== null) return String(n);
	if (word === 'dozen' || word === 'hundred') return word;
	if (word === 'once') return '1 times';
	if (word === 'twice') return '2 times';
	if (word === 'half') return '0.5';
	return NOISE.has(word) ? null : (FORM.get(word) ?? word);
}
/** Words come again and again. */
const known = new Map<string, string | null>();
const MOST_KNOWN = 5000;
function knownForm(word: string): string | null {
	const was = known.get(word);
	if (was !== undefined) return was;
	const form = plainForm(word.replace('’', "'"));
	if (known.size < MOST_KNOWN) known.set(word, form);
	return form;
}

/** One raw word in its form, by what stands beside it. */
function formOf(word: string, next: string | undefined, before: Token | undefined): string | null {
	switch (word) {
		case '"':
		case '“':
		case '”':
		case '″':
			return /^\d/.test(before?.is ?? '') ? 'inch' : null;
		case 'in':
			return /^[\d.]+$/.test(before?.is ?? '') && !NOT_INCH.has(next ?? '') ? 'inch' : 'in';
		case 'left':
			return /^(?:st|\d+)$/.test(before?.is ?? '') && !/^(?:edge|side|end)$/.test(next ?? '')
				? 'rem'
				: 'left';
		default:
			return knownForm(word);
	}
}

/** Whether the entries of a list are parted by more than dashes, so that a dash makes a range: `3-4 (5-6: 7-8)`. */
function isRanged(tokens: readonly Token[], from: number): boolean {
	for (let i = from; i < tokens.length && /^[\d.,:/–-]+$/.test(tokens[i]?.is ?? ''); i++)
		if (/^[,:/]$/.test(tokens[i]?.is ?? '')) return true;
	return false;
}

/** `30 (36: 42)`, `46 [50, 54]`: one number for each size, the chosen one speaking. */
function withSizes(tokens: readonly Token[], size: number): Token[] {
	const out: Token[] = [];
	for (let i = 0; i < tokens.length; i++) {
		const t = tokens[i]!;
		const open = tokens[i + 1]?.is;
		if (!/^[\d.]+$/.test(t.is) || (open !== '(' && open !== '[')) {
			out.push(t);
			continue;
		}
		const list = [Number(t.is)];
		let j = i + 2;
		while (/^[\d.]+$/.test(tokens[j]?.is ?? '')) {
			list.push(Number(tokens[j]!.is));
			const mark = tokens[j + 1]?.is ?? '';
			// From 5 to 6: one size of a list.
			const range = /^[-–]$/.test(mark) && isRanged(tokens, i + 2);
			j += range ? 3 : /^[,:/-]$/.test(mark) ? 2 : 1;
			if (range && /^[,:/]$/.test(tokens[j]?.is ?? '')) j += 1;
		}
		const close = tokens[j]?.is;
		if (list.length < 2 || (close !== ')' && close !== ']')) {
			out.push(t);
			continue;
		}
		const is = String(list[Math.min(size, list.length - 1)]);
		out.push({ is, from: t.from, to: tokens[j]!.to, sizes: list });
		i = j;
	}
	return out;
}

/** Whether only an "and" stands after a token. */
const isAfter = (out: readonly Token[], at: number): boolean =>
	out.length === at + 1 || (out.length === at + 2 && out[at + 1]?.is === 'and');
/** Neighbours that are one thing: `two dozen`, `five and a half inches`, `cast off`. */
function joined(tokens: readonly Token[]): Token[] {
	const out: Token[] = [];
	/** Where a hundred stands that more may be added to. */
	let hundred = -1;
	for (const t of tokens) {
		const last = out.at(-1);
		const num = last && /^[\d.]+$/.test(last.is);
		if (t.is === 'dozen') {
			const n = num ? Number(last.is) : 1;
			if (num) out.pop();
			out.push({ is: String(12 * n), from: num ? last.from : t.from, to: t.to });
		} else if (t.is === 'hundred') {
			const n = num ? Number(last.is) : 1;
			if (num) out.pop();
			out.push({ is: String(100 * n), from: num ? last.from : t.from, to: t.to });
			hundred = out.length - 1;
		} else if (/^\d\d?$/.test(t.is) && hundred >= 0 && isAfter(out, hundred)) {
			const whole = entryAt(out, hundred);
			out.length = hundred;
			out.push({ is: String(Number(whole.is) + Number(t.is)), from: whole.from, to: t.to });
			hundred = -1;
		} else if (t.is === '0.5' && last?.is === 'and') {
			const [before] = out.slice(-2);
			const whole = before && /^\d+$/.test(before.is) ? before : undefined;
			const unit = before?.is === 'inch';
			if (whole && out.length >= 2) {
				out.splice(-2);
				out.push({ is: String(Number(whole.is) + 0.5), from: whole.from, to: t.to });
			} else if (unit) {
				// An inch and a half.
				out.splice(-2);
				const n = out.at(-1);
				if (n && /^\d+$/.test(n.is)) out.pop();
				out.push({
					is: String((n && /^\d+$/.test(n.is) ? Number(n.is) : 1) + 0.5),
					from: before.from,
					to: t.to
				});
				out.push({ is: 'inch', from: before.from, to: t.to });
			} else out.push(t);
		} else out.push(t);
	}
	return phrased(out);
}

interface Phrase {
	readonly words: readonly string[];
	readonly is: readonly string[];
}
/** By their first word, the longest first. */
const BY_FIRST = new Map<string, Phrase[]>();
for (const [words, is] of PHRASES) {
	const phrase = { words: words.split(' '), is: is.split(' ').filter((x) => x !== '') };
	const first = phrase.words[0] ?? '';
	const list = [...(BY_FIRST.get(first) ?? []), phrase];
	BY_FIRST.set(
		first,
		list.sort((a, b) => b.words.length - a.words.length)
	);
}
function phrasedOnce(tokens: readonly Token[]): Token[] {
	const out: Token[] = [];
	for (let i = 0; i < tokens.length; i++) {
		const first = entryAt(tokens, i);
		const found = BY_FIRST.get(first.is)?.find(({ words }) =>
			words.every((w, k) => tokens[i + k]?.is === w)
		);
		if (!found) {
			out.push(first);
			continue;
		}
		i += found.words.length - 1;
		for (const is of found.is) out.push({ is, from: first.from, to: entryAt(tokens, i).to });
	}
	return out;
}
/** What a phrase becomes may be the beginning of another. */
const phrased = (tokens: readonly Token[]): Token[] =>
	phrasedOnce(phrasedOnce(tokens)).filter((t) => t.is !== 'in');

/**
 * A pattern's text as tokens in one form, UK and US words alike; of lists for several sizes the chosen one (from 0) speaks.
 * Nothing is lost but words that change nothing: every token knows where it stands.
 */
export function tokensOf(text: string, size = 0): Token[] {
	const raws = [...text.matchAll(WORD)];
	const formed: Token[] = [];
	for (const [i, raw] of raws.entries()) {
		const is = formOf(raw[0].toLowerCase(), raws[i + 1]?.[0].toLowerCase(), formed.at(-1));
		if (is === null) continue;
		const [from, to] = [raw.index, raw.index + raw[0].length];
		if (!is.includes(' ')) formed.push({ is, from, to });
		else for (const one of is.split(' ')) formed.push({ is: one, from, to });
	}
	return joined(withSizes(formed, size));
}
