import { RULES, type Rule } from './rules';

/** A group of a form's source from its bracket on: what is in it, and where it ends. */
function groupAt(form: string, from: number): { readonly inner: string; readonly end: number } {
	let depth = 0;
	for (let i = from; i < form.length; i++) {
		if (form[i] === '\\') i += 1;
		else if (form[i] === '[') i = form.indexOf(']', i);
		else if (form[i] === '(') depth += 1;
		else if (form[i] === ')' && --depth === 0) {
			const inner = form.slice(from, i).replace(/^\(\?(?::|<\w+>)/, '');
			return { inner, end: i + 1 };
		}
	}
	return { inner: '', end: form.length };
}
/** Alternatives at the top of a form. */
function alternatives(form: string): string[] {
	const out = [''];
	for (let i = 0; i < form.length; i++) {
		if (form[i] === '(') {
			const { end } = groupAt(form, i);
			out[out.length - 1] += form.slice(i, end);
			i = end - 1;
		} else if (form[i] === '|') out.push('');
		else out[out.length - 1] += form[i] ?? '';
	}
	return out;
}

/** What the first token of a form may be, as forms of one token each. */
export function firstTokens(form: string): string[] {
	if (form.startsWith('(?:') || form.startsWith('(?<')) {
		const { inner, end } = groupAt(form, 0);
		const first = alternatives(inner).flatMap(firstTokens);
		const rest = form.slice(end);
		const optional = /^[?*]/.exec(rest);
		return optional ? [...first, ...firstTokens(rest.replace(/^[?*]\??/, ''))] : first;
	}
	const word = /^(?:\[[^\]]*\]|\\.|[^ (])*/.exec(form)?.[0] ?? '';
	const next = form.slice(word.length);
	// `o(?<n>\d+)` is one token.
	if (next.startsWith('(?<')) return [word + groupAt(next, 0).inner];
	// And so is a number with its decimals.
	if (word !== '' && next.startsWith('(?:')) {
		const { inner, end } = groupAt(next, 0);
		if (!inner.startsWith(' '))
			return [`${word}${next.slice(0, end)}${next[end] === '?' ? '?' : ''}`];
	}
	return word === '' ? [] : [word];
}

const STARTS: readonly (readonly [RegExp, Rule])[] = RULES.map((r) => [
	new RegExp(`^(?:${firstTokens(r.source).join('|')})$`),
	r
]);
/** Rules that may begin with a token, and one form that fits wherever any of them does. */
interface Begun {
	readonly rules: readonly Rule[];
	readonly any: RegExp | null;
}
const byToken = new Map<string, Begun>();
const MOST_KEPT = 5000;
const anyOf = (rules: readonly Rule[]): RegExp | null =>
	rules.length === 0
		? null
		: new RegExp(
				`(?:${rules.map((r) => r.source.replace(/\(\?<\w+>/g, '(?:')).join('|')})(?= |$)`,
				'y'
			);

/** The rules that may begin with a token, in order, with one form for all of them. */
export function begunBy(token: string): Begun {
	// Only 1 and the first two in order are words of a rule; other numbers are alike.
	const key = /^\d+\.\d+$/.test(token)
		? '9.5'
		: token.replace(/^(o?)\d+$/, (whole, o: string) =>
				['1', 'o1', 'o2'].includes(whole) ? whole : `${o}9`
			);
	const known = byToken.get(key);
	if (known) return known;
	const rules = STARTS.filter(([starts]) => starts.test(key)).map(([, r]) => r);
	const begun = { rules, any: anyOf(rules) };
	if (byToken.size < MOST_KEPT) byToken.set(key, begun);
	return begun;
}
/** The rules that may begin with a token, in order. */
export const rulesFor = (token: string): readonly Rule[] => begunBy(token).rules;
