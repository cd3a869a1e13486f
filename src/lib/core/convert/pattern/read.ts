import type { Act, Shape } from './acts';
import { begunBy } from './dispatch';
import { before, type ReadPattern, type State } from './follow';
import { repeat, rowOut } from './row-out';
import { COUNT, HEADING } from './rules';
import { ASKS, isEnd, loose, merge, sentenceEnd, spanOf, take, tokenAt } from './take';
import { besides, prepared, usual } from './apart';
import type { Token } from './tokens';
import type { Correction } from '../../model/written';

export type { Instruction, ReadAs, ReadPattern, Why } from './follow';

/** No heading is longer, in letters. */
const MOST_NAME = 30;
/** A sentence that begins so is about something else. */
const ABOUT =
	/(?:materials?|abbreviations?|tension|gauge|makingup|make up|notes?|sizes?|to fit|measurements|needles|wool|join side|sew)(?: |$)/y;
/** "…on the next row, then every other row 5 more times": one shaping. */
function continued(s: State, found: readonly Act[], more: boolean): Shape | null {
	const [again] = found;
	const last = s.acts.at(-1);
	if (!more || again?.do !== 'shape' || last?.do !== 'shape') return null;
	if (last.times !== 1 || again.times === null || again.first !== again.every) return null;
	return { ...again, first: last.first, times: 1 + again.times };
}

function heading(s: State, i: number, source: string): number | null {
	const begins = i === 0 || isEnd(s.tokens[i - 1]);
	if (!begins) return null;
	HEADING.lastIndex = s.at[i] ?? 0;
	const m = HEADING.exec(s.text);
	if (!m) return null;
	const to = tokenAt(s, HEADING.lastIndex);
	const first = m.groups?.name?.split(' ').length ?? 1;
	const span = spanOf(s, to - first, to);
	// Said in place of something else it has no words of its own in the text.
	const own = source.slice(span.from, span.to).toLowerCase();
	const words = own.length > MOST_NAME ? (m.groups?.name ?? '') : own;
	return take(s, [i, to], [{ do: 'piece', name: words.charAt(0).toUpperCase() + words.slice(1) }]);
}

/** One rule at a place; the place after it, or null. */
function byRule(s: State, i: number): number | null {
	const from = s.at[i] ?? 0;
	const { any, rules } = begunBy(s.tokens[i]?.is ?? '');
	if (!any) return null;
	any.lastIndex = from;
	if (!any.test(s.text)) return null;
	const here = before(s);
	const begins =
		i === 0 ||
		isEnd(s.tokens[i - 1]) ||
		[i - 1, i].some((k) => /^[:(]$/.test(s.tokens[k]?.is ?? ''));
	for (const rule of rules) {
		// In the middle of a sentence a lone count is none.
		if (rule.guess === 'bare-cast-on' && !begins) continue;
		// What is asked for and not read has its own count: it is none of what is on the needle.
		if (rule.name === COUNT && ASKS.has(s.tokens[i - 1]?.is ?? '')) continue;
		rule.form.lastIndex = from;
		const m = rule.form.exec(s.text);
		if (!m) continue;
		const g = m.groups ?? {};
		const found = rule.means(g, here);
		if (!found) continue;
		const to = tokenAt(s, rule.form.lastIndex);
		if (to <= i) continue;
		const one = continued(s, found, g.more !== undefined || g.more2 !== undefined);
		const last = s.acts.at(-1);
		if (one && last) return merge(s, [i, to], last, one);
		if (rule.during) s.meanwhile = true;
		return take(s, [i, to], found, rule.guess);
	}
	return null;
}

/** Before the first token is read. */
function stateOf(tokens: readonly Token[]): State {
	const at: number[] = [];
	let length = 0;
	for (const t of tokens) {
		at.push(length);
		length += t.is.length + 1;
	}
	return {
		tokens,
		text: tokens.map((t) => t.is).join(' '),
		at,
		out: [],
		acts: [],
		on: null,
		rows: 0,
		done: 0,
		meanwhile: false,
		shape: null,
		divided: null,
		group: null
	};
}

/**
 * A pattern's text read whole, for one of its sizes (from 0) and with what the maker says of it: every stretch as taken, needing
 * the maker, only words, or not done by this machine. "Until m remain" is solved where the count is known; what contradicts a
 * count or a number of rows that the text states is said. Never throws.
 */
export function readPattern(
	source: string,
	size = 0,
	corrections: readonly Correction[] = []
): ReadPattern {
	const ready = prepared(source, size, corrections);
	const s = stateOf(ready.tokens);
	const { tokens, text, at } = s;
	let i = 0;
	let unread = 0;
	while (i < tokens.length) {
		const begins = i === 0 || isEnd(tokens[i - 1]) || tokens[i - 1]?.is === ':';
		ABOUT.lastIndex = at[i] ?? 0;
		if (begins && ABOUT.test(text)) {
			loose(s, unread, i);
			const end = sentenceEnd(s, i);
			s.out.push({ ...spanOf(s, i, end), as: 'words', acts: [], meanwhile: false, why: null });
			unread = i = end;
			continue;
		}
		if (tokens[i]?.is === 'meanwhile') {
			s.meanwhile = true;
			i += 1;
			continue;
		}
		const was = s.out.length;
		const gap = [unread, i] as const;
		const next = heading(s, i, source) ?? rowOut(s, i) ?? repeat(s, i) ?? byRule(s, i);
		if (next === null) {
			i += 1;
			continue;
		}
		// What stands before it keeps its place.
		const own = s.out.splice(Math.min(was, s.out.length));
		loose(s, gap[0], gap[1]);
		s.out.push(...own);
		unread = i = next;
	}
	loose(s, unread, tokens.length);
	const lists = tokens.flatMap((t) =>
		t.sizes ? [{ from: t.from, to: t.to, sizes: t.sizes.length }] : []
	);
	const sizes = usual(lists.map((l) => l.sizes));
	return {
		instructions: besides(s.out, ready),
		sizes,
		oddLists: lists.filter((l) => l.sizes !== sizes),
		gauge: ready.gauge
	};
}
