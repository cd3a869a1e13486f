import { wordProblem } from '$lib/core/words/problems';
import type { Trouble } from '$lib/file/csv/columns';
import type { Refusal } from '$lib/file/project-file';

/** A record by what it is. */
export const KINDS = {
	machines: 'machine',
	yarns: 'yarn',
	swatches: 'swatch',
	tests: 'yarn test',
	projects: 'project',
	results: 'result',
	orders: 'order',
	patterns: 'written pattern',
	carried: 'what a finished piece taught',
	evidence: 'what a finished piece taught',
	events: 'event of a run'
} as const;

/** Why a file was refused, and where in it. */
export function wordRefusal(r: Refusal): string {
	const where = r.path ? ` At “${r.path}”` : '';
	switch (r.code) {
		case 'empty':
			return 'The file is empty.';
		case 'not-json':
			return `It is no Tomble file: it does not read as JSON${where ? `.${where}` : ''}.`;
		case 'foreign':
			return `It is no Tomble file${where ? `:${where.replace('At', 'at')}` : ':'} it lacks ${r.expected}.`;
		case 'newer':
			return `A newer Tomble wrote it:${where} expected ${r.expected}.`;
		case 'too-large':
			return `It is too large: ${r.expected}.`;
		case 'damaged':
			return `It is damaged.${where}: ${r.expected}.`;
	}
}

const some = (list: readonly string[]): string =>
	list.length === 0
		? 'there is none yet'
		: `there is ${list.slice(0, 6).join('; ')}${list.length > 6 ? ` and ${list.length - 6} more` : ''}`;

function wordWhat(what: Trouble['what']): string {
	switch (what.code) {
		case 'quote':
			return 'A quote opened here is never closed, or stands in the middle of a cell.';
		case 'no-table':
			return `Its header names no table known here. Needed are, for ${what.wanted.join('; for ')}.`;
		case 'too-many-cells':
			return `It has ${what.cells} cells where the header has ${what.wanted}: a comma in a name wants quotes round it.`;
		case 'too-many-lines':
			return `It has more than ${what.most} lines: split it.`;
		case 'no-such':
			return `No ${what.kind} “${what.typed}” is on the bench; ${some(what.known)}.`;
		case 'choice':
			return `“${what.typed}” is none of ${what.options.join(', ')}.`;
		case 'twice':
			return `The same yarn is in line ${what.first} already.`;
		case 'invalid':
			return `It does not hold together: ${what.expected}.`;
		default:
			return wordProblem(what);
	}
}

/** What is wrong in a table, with its line and column. */
export function wordTrouble(t: Trouble): string {
	const column = t.column === null ? '' : `, column ${t.column} (${t.header})`;
	return `Line ${t.line}${column}: ${wordWhat(t.what)}`;
}
