import { rule } from '../../../finding/rule';
import type { PlainTubeOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'many-tails': { readonly joins: number };
	}
}

/** Each join is a tail on either side; past this many the line is worth another look. */
const MANY_JOINS = 12;

export const manyTails = rule<PlainTubeOptions, FinishedOf<'tube'>>({
	says: {
		'many-tails': (f) => ({
			what: `${f.joins} joins leave ${2 * f.joins} tails inside.`,
			why: 'Taller stripes leave fewer; tied after 4 to 5 rows they need no weaving in.'
		})
	},
	test: ({ runs }) => {
		const joins = runs.length - 1;
		return joins > MANY_JOINS
			? { body: { code: 'many-tails', joins }, severity: 'tip', where: { at: 'size' } }
			: null;
	}
});
