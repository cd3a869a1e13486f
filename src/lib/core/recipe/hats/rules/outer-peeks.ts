import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import { rowsWord } from '../../../quantity/say';
import type { FinishedOf } from '../../finished';
import { longerLining } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'outer-peeks': { readonly rows: number; readonly cm: number };
	}
}

export const outerPeeks = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		'outer-peeks': (f, s) => ({
			what: 'The outer colour shows on the lining at the fold.',
			why: `The outer is longer than the lining: ${rowsWord(f.rows)} (${s.length(f.cm)}) of it turn inside. Give the lining 5 to 10 rows more.`
		})
	},
	test: ({ finished: { tucked, hat }, options }) => {
		const lip = tucked.liningLip;
		if (!lip || options.scheme.kind !== 'outer-lining') return null;
		return {
			body: { code: 'outer-peeks', rows: lip.to - lip.from, cm: hat.peekCm },
			severity: hat.brimCm > 0 ? 'warn' : 'tip',
			where: { at: 'fold' },
			fix: longerLining(options.scheme)
		};
	}
});
