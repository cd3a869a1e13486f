import { change } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import { rowsWord } from '../../../quantity/say';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'lining-lip': { readonly rows: number; readonly cm: number };
	}
}

export const liningLip = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		'lining-lip': (f, s) => ({
			what: 'A lip of lining shows at the edge.',
			why: `The lining is longer than the outer, so the last ${rowsWord(f.rows)} (${s.length(f.cm)}) of the outer face have its colour. A turned-up brim hides it.`
		})
	},
	test: ({ finished: { tucked, hat }, options }) => {
		const lip = tucked.outerLip;
		if (!lip || hat.brimCm > 0 || options.scheme.kind !== 'outer-lining') return null;
		return {
			body: { code: 'lining-lip', rows: lip.to - lip.from, cm: hat.peekCm },
			severity: 'warn',
			where: { at: 'fold' },
			fix: change(['Turn the brim up'], { brim: { ...options.brim, turnedUp: true } })
		};
	}
});
