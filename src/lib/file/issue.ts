import { entryAt } from '../core/quantity/sure';
import type * as z from 'zod';

const TYPES: Record<string, string> = {
	array: 'a list',
	object: 'an object',
	record: 'an object',
	string: 'text',
	number: 'a number',
	int: 'a whole number',
	boolean: 'yes or no (true, false)',
	null: 'nothing (null)'
};
/** Lists longer than this are told by their first few. */
const MOST_NAMED = 8;

const oneOf = (values: readonly unknown[]): string => {
	const named = values.slice(0, MOST_NAMED).map((v) => `“${String(v)}”`);
	const more = values.length - named.length;
	if (values.length === 1) return entryAt(named, 0);
	return `one of ${named.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
};

const bound = (issue: z.core.$ZodIssue & { origin: string }, side: string, n: unknown): string => {
	const what = issue.origin === 'string' ? ' letters' : issue.origin === 'array' ? ' entries' : '';
	return `${side} ${String(n)}${what}`;
};

/** What was expected, in words; the message of a rule of our own as it is. */
function wordIssue(issue: z.core.$ZodIssue): string {
	switch (issue.code) {
		case 'invalid_type':
			return TYPES[issue.expected] ?? issue.expected;
		case 'invalid_value':
			return oneOf(issue.values);
		case 'too_big':
			return bound(issue, issue.inclusive === false ? 'less than' : 'at most', issue.maximum);
		case 'too_small':
			return bound(issue, issue.inclusive === false ? 'more than' : 'at least', issue.minimum);
		case 'invalid_union': {
			const { options } = issue as { readonly options?: readonly unknown[] };
			if (options) return oneOf(options);
			const ways = issue.errors.flatMap((e) => (e[0] ? [wordIssue(e[0])] : []));
			return [...new Set(ways)].join(' or ') || 'another kind of value';
		}
		case 'invalid_format':
			return 'text of the form that stands there';
		case 'unrecognized_keys':
			return `no ${oneOf(issue.keys)} here`;
		default:
			return issue.message;
	}
}

/** First problem of a failed validation, as a path and what was expected there. */
export function firstIssue(error: z.ZodError): { path: string; expected: string } {
	const issue = error.issues[0];
	const path = (issue?.path ?? [])
		.map((p) => (typeof p === 'number' ? `[${p}]` : `.${String(p)}`))
		.join('')
		.replace(/^\./, '');
	return { path, expected: issue ? wordIssue(issue) : 'a valid file' };
}
