import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { longerLining } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'boundary-on-fold': { readonly turnedUp: boolean };
	}
}

export const boundaryOnFold = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		'boundary-on-fold': (f) => ({
			what: 'The colour changes on the fold itself.',
			why: `The outer colour will show at the ${f.turnedUp ? 'brim’s top' : 'lower'} edge. Give the lining 5 to 10 rows more than the outer.`
		})
	},
	test: ({ finished: { tucked, hat }, options }) =>
		tucked.boundaryOnFold && options.scheme.kind === 'outer-lining'
			? {
					body: { code: 'boundary-on-fold', turnedUp: hat.brimCm > 0 },
					severity: 'warn',
					where: { at: 'fold' },
					fix: longerLining(options.scheme)
				}
			: null
});
