import { hiddenJoins } from '../../../assembly/layers';
import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'hidden-joins': { readonly joins: number; readonly tails: number };
	}
}

/** Joins that lie inside are tails for nothing. */
export const hiddenJoinsRule = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		'hidden-joins': (f) => ({
			what: `${f.joins} of the joins lie where nobody sees them.`,
			why: `Those rows in one colour leave ${f.tails - 2} tails fewer inside.`
		})
	},
	test: ({ runs, places }) => {
		if (runs.length < 4) return null;
		const joins = hiddenJoins(runs, places()).length;
		return joins < 2
			? null
			: {
					body: { code: 'hidden-joins', joins, tails: 2 * joins },
					severity: 'tip',
					where: { at: 'size' }
				};
	}
});
