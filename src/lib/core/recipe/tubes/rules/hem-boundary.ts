import { entryAt } from '../../../quantity/sure';
import { rule } from '../../../finding/rule';
import type { PlainTubeOptions } from '../options';
import { rowsWord } from '../../../quantity/say';
import type { FinishedOf } from '../../finished';
import { hemOf } from '../length';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'hem-boundary': { readonly rows: number; readonly row: number; readonly yarn: number };
	}
}

/** So near the edge of a hem a change of colour shows as a lip, or not at all, by a row's luck. */
const NEAR_EDGE = 2;

/** A colour that changes on the fold of a hem, or next to it, peeks at the lower edge. */
export const hemBoundary = rule<PlainTubeOptions, FinishedOf<'tube'>>({
	says: {
		'hem-boundary': (f, _s, yarn) => ({
			what:
				f.rows === 0
					? 'A colour changes on the very edge of the hem.'
					: `${yarn(f.yarn)} ${f.rows > 0 ? 'shows' : 'begins'} ${rowsWord(Math.abs(f.rows))} ${f.rows > 0 ? 'above' : 'inside'} the edge of the hem.`,
			why:
				f.rows === 0
					? 'Both colours show there by turns: move the change two rows or more to either side.'
					: 'So near the edge it rolls in and out of sight: move the change further, or onto the row that is hung.'
		})
	},
	test: ({ options, runs }) => {
		const fold = hemOf(options) / 2;
		if (fold === 0) return null;
		const near = runs.find((r) => r.from > 0 && Math.abs(r.from - fold) <= NEAR_EDGE);
		return near
			? {
					body: {
						code: 'hem-boundary',
						rows: near.from - fold,
						row: near.from,
						yarn: near.from > fold ? entryAt(runs, runs.indexOf(near) - 1).yarn : near.yarn
					},
					severity: 'warn',
					where: { at: 'row', row: near.from }
				}
			: null;
	}
});
