import type { StripeProblem } from '../stripes/stripe-line';
import { MOST_ROWS } from '../stripes/stripe-line';

/** What is wrong in a stripe line and what would be right, in one sentence. */
export function wordStripeProblem(p: StripeProblem, yarns: number): string {
	const last = String.fromCharCode(64 + yarns);
	switch (p.code) {
		case 'empty':
			return 'Write rows and a letter, such as 40 A, 30 B.';
		case 'unknown':
			return `“${p.text}” means nothing here: write rows and a letter, such as 5 A.`;
		case 'no-colour':
			return `After ${p.text} comes a letter, such as ${/^\d+$/.test(p.text) ? p.text : '20 fade A to'} B.`;
		case 'no-count':
			return `Before ${p.text} comes a number of rows, such as 5 ${/^[A-Za-z]$/.test(p.text) ? p.text.toUpperCase() : 'A'}.`;
		case 'no-rows':
			return 'A section has 1 row or more.';
		case 'no-such-yarn':
			return `There is no yarn ${p.text.toUpperCase()}: ${yarns === 1 ? 'only A is there' : `A to ${last} are there`}. Add a colour first.`;
		case 'not-closed':
			return 'This bracket is never closed: put ) where the repeat ends.';
		case 'not-opened':
			return 'This bracket was never opened: put ( where the repeat begins.';
		case 'no-group':
			return `What comes ${p.text} times stands in brackets, such as ${p.text} times (5 A 5 B).`;
		case 'empty-group':
			return 'There is nothing in these brackets: write sections, such as (5 A 5 B).';
		case 'too-deep':
			return 'Brackets in brackets in brackets: write it with fewer, 8 deep at most.';
		case 'too-many':
			return `That is more than anything here can have: ${MOST_ROWS} rows at most.`;
		case 'too-long':
			return `A stripe line has ${Number(p.text).toLocaleString('en-GB')} letters at most: brackets with times make it shorter, such as 10 times (5 A 5 B).`;
		case 'same-colour':
			return 'A fade goes from one colour to another, such as 40 fade A to B.';
	}
}
