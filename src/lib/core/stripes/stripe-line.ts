import { MOST_STRIPE_LETTERS } from '../quantity/bounds';
/**
 * The stripe line: colour sections as they are jotted on paper. `40 A 30 B, then 7 times (5 A 5 B 5 C)`. The grammar with
 * examples is in `docs/stripe-line.md`. Letters stand for the yarns of a project in their order, A the first.
 */
export type StripePart =
	| { readonly kind: 'rows'; readonly rows: number; readonly yarn: number }
	| { readonly kind: 'times'; readonly times: number; readonly parts: readonly StripePart[] }
	/** The parts, and the same again backwards. */
	| { readonly kind: 'and-back'; readonly parts: readonly StripePart[] }
	/** From one colour to another in stripes of the first that shrink and of the second that grow. */
	| { readonly kind: 'fade'; readonly rows: number; readonly from: number; readonly to: number };

export type StripeLine = readonly StripePart[];

/** What is wrong, where in the text (from, to), and what would be right. Sentences in `words/stripes.ts`. */
export interface StripeProblem {
	readonly code:
		| 'empty'
		| 'unknown'
		| 'no-colour'
		| 'no-count'
		| 'no-rows'
		| 'no-such-yarn'
		| 'not-closed'
		| 'not-opened'
		| 'no-group'
		| 'empty-group'
		| 'too-deep'
		| 'too-many'
		| 'too-long'
		| 'same-colour';
	readonly from: number;
	readonly to: number;
	/** What stands there. */
	readonly text: string;
}

export const MOST_ROWS = 20_000;
const MOST_DEPTH = 8;
const MOST_TIMES = 1000;

interface Token {
	readonly kind: 'number' | 'letter' | 'open' | 'close' | 'times' | 'fade' | 'back' | 'unknown';
	readonly text: string;
	readonly from: number;
	readonly to: number;
}

/** Words that may stand between parts and mean nothing: `40 rows of A, then 30 of B`. */
const FILLERS = new Set(['then', 'rows', 'row', 'of', 'to']);
const TOKEN = /\d+|[A-Za-z]+|[()×]|[\s,;.+]+|[^\s\dA-Za-z()×,;.+]+/g;

function tokens(text: string): Token[] {
	const found: Token[] = [];
	TOKEN.lastIndex = 0;
	for (let match = TOKEN.exec(text); match; match = TOKEN.exec(text)) {
		const word = match[0];
		const from = match.index;
		const kind = kindOf(word, text, from + word.length);
		if (kind === null) continue;
		const back = found.at(-1);
		if (kind === 'unknown' && word.toLowerCase() === 'back' && back?.text.toLowerCase() === 'and')
			found.pop();
		const joins = back !== undefined && back !== found.at(-1);
		found.push(
			joins
				? { kind: 'back', text: `${back.text} ${word}`, from: back.from, to: from + word.length }
				: { kind, text: word, from, to: from + word.length }
		);
	}
	return found;
}

/** What a word is; null for what means nothing. */
function kindOf(word: string, text: string, after: number): Token['kind'] | null {
	const first = word.charCodeAt(0);
	if (first >= 48 && first <= 57) return 'number';
	if (word === '(') return 'open';
	if (word === ')') return 'close';
	if (word === '×') return 'times';
	if (/^[\s,;.+]/.test(word)) return null;
	if (word.length === 1 && /[A-Za-z]/.test(word))
		return (word === 'x' || word === 'X') && isTimes(text, after) ? 'times' : 'letter';
	const lower = word.toLowerCase();
	if (FILLERS.has(lower)) return null;
	return lower === 'times' ? 'times' : lower === 'fade' ? 'fade' : 'unknown';
}
/** An `x` before a bracket is a times sign; anywhere else it is the yarn X. */
const isTimes = (text: string, after: number): boolean =>
	/^\s*\(/.test(text.slice(after, after + 40));

class Reader {
	#at = 0;
	constructor(
		private readonly list: readonly Token[],
		private readonly length: number,
		private readonly yarns: number
	) {}

	get peek(): Token | undefined {
		return this.list[this.#at];
	}
	next(): Token | undefined {
		return this.list[this.#at++];
	}

	problem(code: StripeProblem['code'], at: Token | undefined, upTo = at): StripeProblem {
		const from = at?.from ?? this.length;
		const to = upTo?.to ?? this.length;
		return { code, from, to, text: at?.text ?? '' };
	}

	yarn(at: Token | undefined, after: Token): number | StripeProblem {
		if (at?.kind !== 'letter')
			return this.problem('no-colour', after, at?.kind === 'unknown' ? at : after);
		const yarn = at.text.toUpperCase().charCodeAt(0) - 65;
		return yarn < this.yarns ? yarn : this.problem('no-such-yarn', at);
	}

	parts(depth: number, open?: Token): StripePart[] | StripeProblem {
		if (depth > MOST_DEPTH) return this.problem('too-deep', open);
		const parts: StripePart[] = [];
		for (let t = this.peek; t && t.kind !== 'close'; t = this.peek) {
			const part = t.kind === 'open' ? this.#group(depth) : this.#counted(depth);
			if ('code' in part) return part;
			parts.push(part);
		}
		return parts;
	}

	/** A group standing alone is there to be followed by `and back`. */
	#group(depth: number): StripePart | StripeProblem {
		const open = this.next()!;
		const parts = this.parts(depth + 1, open);
		if ('code' in parts) return parts;
		const close = this.next();
		if (!close) return this.problem('not-closed', open);
		if (parts.length === 0) return this.problem('empty-group', open, close);
		if (this.peek?.kind !== 'back') return { kind: 'times', times: 1, parts };
		this.next();
		return { kind: 'and-back', parts };
	}

	#counted(depth: number): StripePart | StripeProblem {
		const first = this.next()!;
		if (first.kind === 'unknown') return this.problem('unknown', first);
		if (first.kind !== 'number') return this.problem('no-count', first);
		const count = Number(first.text);
		if (count < 1) return this.problem('no-rows', first);
		const then = this.peek;
		if (then?.kind === 'times' || then?.kind === 'open') {
			if (count > MOST_TIMES) return this.problem('too-many', first);
			if (then.kind === 'times') this.next();
			if (this.peek?.kind !== 'open') return this.problem('no-group', first, then);
			const group = this.#group(depth);
			if ('code' in group) return group;
			return group.kind === 'times'
				? { kind: 'times', times: count, parts: group.parts }
				: { kind: 'times', times: count, parts: [group] };
		}
		if (count > MOST_ROWS) return this.problem('too-many', first);
		if (then?.kind === 'fade') {
			this.next();
			const from = this.yarn(this.next(), then);
			if (typeof from === 'object') return from;
			const to = this.yarn(this.next(), then);
			if (typeof to === 'object') return to;
			return from === to
				? this.problem('same-colour', then)
				: { kind: 'fade', rows: count, from, to };
		}
		const yarn = this.yarn(this.next(), first);
		return typeof yarn === 'object' ? yarn : { kind: 'rows', rows: count, yarn };
	}
}

export type ReadLine =
	| { readonly ok: true; readonly line: StripeLine }
	| { readonly ok: false; readonly problem: StripeProblem };

/**
 * Reads a stripe line.
 * @param yarns how many yarns there are letters for, 1 to 26
 * @param most letters there may be
 */
export function readStripes(text: string, yarns: number, most = MOST_STRIPE_LETTERS): ReadLine {
	const no = (problem: StripeProblem): ReadLine => ({ ok: false, problem });
	if (text.length > most)
		return no({ code: 'too-long', from: most, to: text.length, text: String(most) });
	const list = tokens(text);
	if (list.length === 0) return no({ code: 'empty', from: 0, to: text.length, text: '' });
	const reader = new Reader(list, text.length, yarns);
	const parts = reader.parts(0);
	if ('code' in parts) return no(parts);
	if (reader.peek) return no(reader.problem('not-opened', reader.peek));
	const rows = rowsOf(parts);
	return rows > MOST_ROWS
		? no({ code: 'too-many', from: 0, to: text.length, text: String(rows) })
		: { ok: true, line: parts };
}

/** Rows of a line in all. */
export const rowsOf = (parts: StripeLine): number =>
	parts.reduce((t, p) => {
		switch (p.kind) {
			case 'rows':
			case 'fade':
				return t + p.rows;
			case 'times':
				return t + p.times * rowsOf(p.parts);
			case 'and-back':
				return t + 2 * rowsOf(p.parts);
		}
	}, 0);

const letter = (yarn: number): string => String.fromCharCode(65 + yarn);

/** Writes a line so that it reads back as the same. */
export const writeStripes = (parts: StripeLine): string =>
	parts
		.map((p) => {
			switch (p.kind) {
				case 'rows':
					return `${p.rows} ${letter(p.yarn)}`;
				case 'fade':
					return `${p.rows} fade ${letter(p.from)} to ${letter(p.to)}`;
				case 'times':
					return `${p.times} times (${writeStripes(p.parts)})`;
				case 'and-back':
					return `(${writeStripes(p.parts)}) and back`;
			}
		})
		.join(', ');
