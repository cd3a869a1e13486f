import type { PatternCount } from '../written';
import type { Act } from './acts';
import type { ReadPattern } from './follow';

const stitches = (count: number) => ({ side: 'stitches', count }) as const;
const rows = (count: number) => ({ side: 'rows', count }) as const;

/** The stitches and rows that an act names; lengths, times and rhythms are none. */
function countsIn(act: Act): readonly Omit<PatternCount, 'words'>[] {
	switch (act.do) {
		case 'on':
		case 'band':
		case 'groups':
		case 'group':
		case 'centre':
		case 'divide':
		case 'hold':
		case 'count':
			return [stitches(act.n)];
		case 'rows':
		case 'total':
			return [rows(act.n)];
		case 'shape':
			return act.to === null ? [] : [stitches(act.to)];
		default:
			return [];
	}
}

/** Every stitch and row count of a pattern that was read, in order, with the words it stands in. */
export const countsOf = (read: ReadPattern, source: string): PatternCount[] =>
	read.instructions.flatMap((i) => {
		const words = source.slice(i.from, i.to).replace(/\s+/g, ' ').trim();
		return i.acts.flatMap(countsIn).map((c) => ({ words, ...c }));
	});
