import type { Act, Shape } from './acts';
import { HEADING, RULES, type Before } from './rules';
import { tokensOf, type Token } from './tokens';

/** How a stretch of the text was read. */
export type ReadAs = 'taken' | 'guess' | 'needs-you' | 'words' | 'not-here';
/** A stretch of a pattern's text, and what it became. */
export interface Instruction {
	readonly from: number;
	/** Not included. */
	readonly to: number;
	readonly as: ReadAs;
	readonly acts: readonly Act[];
	/** At the same time as the one before it. */
	readonly meanwhile: boolean;
	/** Of what is not done here: what it is; of a guess or a question: why. */
	readonly why: Why | null;
}
export type Why =
	| { readonly code: 'unread' }
	| { readonly code: 'count-differs'; readonly said: number; readonly is: number }
	| {
			readonly code: 'never-reached';
			readonly to: number;
			readonly below: number | null;
			readonly above: number | null;
	  }
	| { readonly code: 'rows-differ'; readonly said: number; readonly is: number }
	| { readonly code: 'used-up'; readonly left: number }
	| { readonly code: 'by-hand'; readonly what: string };

/** A pattern's text as it was read: every stretch of it that holds a number belongs to an instruction. */
export interface ReadPattern {
	readonly instructions: readonly Instruction[];
	/** Sizes that its bracketed lists have; 1 where there are none. Lists of another length are pointed at. */
	readonly sizes: number;
	readonly oddLists: readonly {
		readonly from: number;
		readonly to: number;
		readonly sizes: number;
	}[];
}

/** A sentence that begins so is about something else. */
const ABOUT =
	/^(?:materials?|abbreviations?|tension|gauge|makingup|make up|notes?|sizes?|to fit|measurements|needles|wool|join side|sew)(?: |$)/;
/** Stretches that the machine does not do by cranking, by a word of theirs. */
const BY_HAND: Readonly<Record<string, string>> = {
	rib: 'ribbing',
	k1: 'ribbing',
	garter: 'garter stitch',
	moss: 'moss stitch',
	cable: 'cables',
	cables: 'cables',
	lace: 'lace',
	eyelet: 'lace',
	stranded: 'stranded colour',
	heel: 'a turned heel'
};
/** Words that ask for something: where they are not read, they are asked about. */
const ASKS = new Set([
	'dec',
	'inc',
	'off',
	'co',
	'rep',
	'until',
	'reverse',
	'hold',
	'rejoin',
	'turn'
]);
/** Shaping takes the work of one row, and no more, from a row that is written out stitch by stitch. */
const ROW_OUT = /(?:(?:dec|inc) row|next row)(?: \( (?:rs|ws) \)| rs)? :/y;

interface State {
	readonly tokens: readonly Token[];
	readonly text: string;
	/** Where each token begins in `text`. */
	readonly at: readonly number[];
	readonly out: Instruction[];
	/** Stitches on the needle; null where nobody said. */
	on: number | null;
	/** Rows of the piece; null once they hang by a length. */
	rows: number | null;
	done: number;
	meanwhile: boolean;
	shape: Before['shape'];
	group: Before['group'];
}

const acts = (s: State): Act[] => s.out.flatMap((i) => i.acts);
const before = (s: State): Before => ({
	shape: s.shape,
	group: s.group,
	last: acts(s).at(-1) ?? null,
	done: s.done,
	acts: acts(s)
});

/** Rows that a shaping takes. */
export const rowsOfShape = ({ first, every, times }: Shape): number =>
	first + every * Math.max(0, (times ?? 1) - 1);
/** Stitches that it takes at each of its rows; below zero for what it adds. */
export const stepOf = ({ way, n, edge }: Shape): number =>
	n * (edge === 'both' ? 2 : 1) * (way === 'dec' ? 1 : -1);

/** A shaping until so many are left, as so many times; what cannot be is said. */
function solved(
	shape: Shape,
	on: number | null
): { readonly shape: Shape; readonly why: Why | null } {
	if (shape.to === null || on === null) return { shape, why: null };
	const step = stepOf(shape);
	const off = on - shape.to;
	const times = off / step;
	if (Number.isInteger(times) && times >= 1)
		return { shape: { ...shape, times, to: null }, why: null };
	const low = Math.max(1, Math.floor(times));
	const at = (t: number) => (on - t * step >= 1 ? on - t * step : null);
	return {
		shape: { ...shape, times: low, to: null },
		why: { code: 'never-reached', to: shape.to, above: at(low), below: at(low + 1) }
	};
}

/** What an act leaves on the needle, and the rows it takes; what it contradicts is said. */
function follow(s: State, act: Act): { readonly act: Act; readonly why: Why | null } {
	const rows = (n: number) => {
		if (!s.meanwhile) {
			s.done += n;
			if (s.rows !== null) s.rows += n;
		}
	};
	switch (act.do) {
		case 'piece':
			s.on = null;
			s.rows = 0;
			s.done = 0;
			break;
		case 'on':
		case 'band':
			s.on = act.n;
			s.rows = 0;
			s.done = 0;
			break;
		case 'rows':
			rows(act.n);
			break;
		case 'to':
			s.rows = null;
			break;
		case 'groups':
			s.group = act;
			if (s.on !== null) s.on -= act.n * act.rows;
			rows(act.rows);
			break;
		case 'group':
			s.group = act;
			if (s.on !== null) s.on -= act.n * (act.edge === 'both' ? 2 : 1);
			break;
		case 'shape': {
			const { shape, why } = solved(act, s.on);
			s.shape = shape;
			if (s.on !== null && shape.times !== null) s.on -= stepOf(shape) * shape.times;
			if (s.on !== null && shape.to !== null) s.on = shape.to;
			rows(rowsOfShape(shape));
			if (s.on !== null && s.on < 1) return { act: shape, why: { code: 'used-up', left: s.on } };
			return { act: shape, why };
		}
		case 'centre':
		case 'hold':
			if (s.on !== null) s.on -= act.n;
			break;
		case 'divide':
			s.on = act.n;
			break;
		case 'rejoin':
		case 'same':
		case 'reverse':
			s.on = null;
			s.rows = null;
			break;
		case 'count': {
			const is = s.on;
			s.on = act.n;
			if (is !== null && is !== act.n)
				return { act, why: { code: 'count-differs', said: act.n, is } };
			break;
		}
		case 'total': {
			const is = s.rows;
			s.rows = act.n;
			s.done = act.n;
			if (is !== null && (act.reach ? is > act.n : is !== act.n))
				return { act, why: { code: 'rows-differ', said: act.n, is } };
			break;
		}
		case 'off-all':
		case 'hold-all':
			s.on = null;
			break;
		default:
	}
	const left = s.on;
	return { act, why: left !== null && left < 1 ? { code: 'used-up', left } : null };
}

const spanOf = (s: State, from: number, to: number) => ({
	from: s.tokens[from]?.from ?? 0,
	to: s.tokens[Math.max(from, to - 1)]?.to ?? 0
});

/** Takes tokens from one place up to another as acts. */
function take(s: State, [from, to]: readonly [number, number], found: readonly Act[]): number {
	const followed = found.map((a) => follow(s, a));
	const why = followed.find((f) => f.why)?.why ?? null;
	const hand = handWord(s, from, to);
	s.out.push({
		...spanOf(s, from, to),
		as: why ? 'needs-you' : hand ? 'not-here' : 'taken',
		acts: followed.map((f) => f.act),
		meanwhile: s.meanwhile,
		why: why ?? (hand ? { code: 'by-hand', what: hand } : null)
	});
	s.meanwhile = false;
	return to;
}
function handWord(s: State, from: number, to: number): string | null {
	for (const t of s.tokens.slice(from, to + 1)) {
		const what = BY_HAND[t.is];
		if (what !== undefined) return what;
	}
	return null;
}

const isEnd = (t: Token | undefined): boolean =>
	!t || t.is === '.' || t.is === 'nl' || t.is === ';';
const sentenceEnd = (s: State, from: number): number => {
	let i = from;
	while (i < s.tokens.length && !isEnd(s.tokens[i])) i += 1;
	return i;
};

/** A row that is written out stitch by stitch: decreases at its start, its end or both. */
function rowOut(s: State, i: number): number | null {
	ROW_OUT.lastIndex = s.at[i] ?? 0;
	if (!ROW_OUT.test(s.text)) return null;
	const end = sentenceEnd(s, i);
	const words = s.tokens.slice(i, end).map((t) => t.is);
	const decs = words.flatMap((w, k) => (w === 'dec1' || w === 'ssk' ? [k] : []));
	const named = words.findIndex((w, k) => w === 'dec' && k > 2 && words[k + 1] !== 'row');
	const lastPart = words.indexOf('last');
	const way = { do: 'shape', way: 'dec', n: 1, first: 1, every: 1, times: 1, to: null } as const;
	if (named > 0 && decs.length === 1) {
		const edge = words.includes('arm') ? 'armhole' : words.includes('neck') ? 'neck' : null;
		if (!edge) return null;
		const comma = words.indexOf(',', named);
		take(s, [i, i + (comma < 0 ? words.length : comma)], [{ ...way, edge }]);
		s.meanwhile = true;
		return take(s, [i + comma + 1, end], [{ ...way, edge: 'end' }]);
	}
	if (decs.length === 2) return take(s, [i, end], [{ ...way, edge: 'both' }]);
	if (decs.length === 1 && named < 0) {
		const atEnd = lastPart >= 0 && lastPart < (decs[0] ?? 0);
		return take(s, [i, end], [{ ...way, edge: atEnd ? 'end' : 'start' }]);
	}
	// A group at its start, and the rest of it knitted.
	const off = words.indexOf('off');
	const n = Number(words[off + 1]);
	if (off > 0 && Number.isInteger(n) && n > 0)
		return take(s, [i, end], [{ do: 'groups', n, rows: 1 }]);
	const plain = words.slice(words.indexOf(':') + 1).every((w) => w === 'p' || w === 'k');
	return plain ? take(s, [i, end], [{ do: 'rows', n: 1, from: null }]) : null;
}

const REPEAT =
	/rep (?:last )?(?:(?<rows>\d+) )?row(?: (?<times>\d+) (?:more )?times(?: more)?| until (?<until>\d+) st(?: rem)?)/y;

/** "Rep the last 6 rows 4 times more": the shaping among them again, and the straight rows after it. */
function repeat(s: State, i: number): number | null {
	REPEAT.lastIndex = s.at[i] ?? 0;
	const m = REPEAT.exec(s.text);
	if (!m) return null;
	const g = m.groups ?? {};
	const rows = Number(g.rows ?? 1);
	const to = tokenAt(s, REPEAT.lastIndex);
	const last = acts(s);
	const tail = last.at(-1);
	const [one, rest] = tail?.do === 'rows' ? [last.at(-2), tail.n] : [tail, 0];
	if (one?.do === 'groups' && rows === one.rows && g.times !== undefined) {
		// Told as one: so many at the beginning of so many rows.
		const k = Number(g.times) * rows;
		return merge(s, [i, to], one, { do: 'groups', n: one.n, rows: one.rows + k });
	}
	if (tail?.do === 'rows' && g.times !== undefined && straight(last) >= rows)
		return take(s, [i, to], [{ do: 'rows', n: rows * Number(g.times), from: null }]);
	if (one?.do !== 'shape' || one.times !== 1) return null;
	const again: Shape = {
		...one,
		first: rows - rest,
		every: rows,
		times: g.times === undefined ? null : Number(g.times),
		to: g.until === undefined ? null : Number(g.until)
	};
	const tailRows: Act[] = rest > 0 ? [{ do: 'rows', n: rest, from: null }] : [];
	return take(s, [i, to], [again, ...tailRows]);
}

/** Straight rows at the end of what was read so far. */
function straight(list: readonly Act[]): number {
	let n = 0;
	for (const act of list.toReversed()) {
		if (act.do !== 'rows') break;
		n += act.n;
	}
	return n;
}

/** The last act is told anew, with more of it: what it took is given back first. */
function merge(s: State, [from, to]: readonly [number, number], old: Act, now: Act): number {
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
	const end = take(s, [from, to], [now]);
	const told = s.out.pop();
	if (told) s.out.push({ ...told, from: was.from });
	return end;
}

function tokenAt(s: State, offset: number): number {
	let i = 0;
	while (i < s.at.length && (s.at[i] ?? 0) < offset) i += 1;
	return i;
}

/** "…on the next row, then every other row 5 more times": one shaping. */
function continued(s: State, found: readonly Act[], more: boolean): Shape | null {
	const [again] = found;
	const last = acts(s).at(-1);
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
	const words = source.slice(span.from, span.to).toLowerCase();
	return take(s, [i, to], [{ do: 'piece', name: words.charAt(0).toUpperCase() + words.slice(1) }]);
}

/** Words that nothing is made of: with a number in them they are asked about. */
function loose(s: State, from: number, to: number): void {
	const marks = s.tokens
		.slice(from, to)
		.every((t) => /^(?:[.,;:()[\]/=–-]|nl|and|then)$/.test(t.is));
	if (to <= from || marks) return;
	const here = s.tokens.slice(from, to);
	const listed = here.length <= 3 && here.every((t) => /^(?:\d+|[.)]|nl)$/.test(t.is));
	const numbers =
		!listed && here.some((t) => (/^[\d.]+$/.test(t.is) && t.is !== '.') || ASKS.has(t.is));
	s.out.push({
		...spanOf(s, from, to),
		as: numbers ? 'needs-you' : 'words',
		acts: [],
		meanwhile: false,
		why: numbers ? { code: 'unread' } : null
	});
}

/** One rule at a place; the place after it, or null. */
function byRule(s: State, i: number): number | null {
	const from = s.at[i] ?? 0;
	for (const rule of RULES) {
		rule.form.lastIndex = from;
		const m = rule.form.exec(s.text);
		if (!m) continue;
		const g = m.groups ?? {};
		const found = rule.means(g, before(s));
		if (!found) continue;
		const to = tokenAt(s, rule.form.lastIndex);
		if (to <= i) continue;
		const one = continued(s, found, g.more !== undefined || g.more2 !== undefined);
		const last = acts(s).at(-1);
		if (one && last) return merge(s, [i, to], last, one);
		if (rule.during) s.meanwhile = true;
		return take(s, [i, to], found);
	}
	return null;
}

/**
 * A pattern's text read whole, for one of its sizes (from 0): every stretch as taken, taken with a guess, needing the maker,
 * only words, or not done by this machine. "Until m remain" is solved where the count is known; what contradicts a count or a
 * number of rows that the text states is said. Never throws.
 */
export function readPattern(source: string, size = 0): ReadPattern {
	const tokens = tokensOf(source, size);
	const at: number[] = [];
	let text = '';
	for (const t of tokens) {
		at.push(text.length === 0 ? 0 : text.length + 1);
		text = text.length === 0 ? t.is : `${text} ${t.is}`;
	}
	const s: State = {
		tokens,
		text,
		at,
		out: [],
		on: null,
		rows: 0,
		done: 0,
		meanwhile: false,
		shape: null,
		group: null
	};
	let i = 0;
	let unread = 0;
	while (i < tokens.length) {
		const begins = i === 0 || isEnd(tokens[i - 1]) || tokens[i - 1]?.is === ':';
		if (begins && ABOUT.test(text.slice(at[i]))) {
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
	const sizes = Math.max(1, ...lists.map((l) => l.sizes));
	return { instructions: s.out, sizes, oddLists: lists.filter((l) => l.sizes !== sizes) };
}
