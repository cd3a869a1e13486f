import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import { rowsWord } from '../../../quantity/say';
import type { FinishedOf } from '../../finished';
import { toRows } from '../../fixes';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'stripe-cut': { readonly rows: number; readonly wanted: number; readonly wholeRows: number };
	}
}

export const stripeCut = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		'stripe-cut': (f) => ({
			what: `The last stripe has ${rowsWord(f.rows)} of ${f.wanted}.`,
			why: `${f.wholeRows} rows would end on a whole stripe.`
		})
	},
	test: ({ options: { scheme }, runs, mainRows, withRows }) => {
		if (scheme.kind !== 'stripes') return null;
		const rest = mainRows % scheme.stripeRows;
		const last = runs.at(-1);
		if (rest === 0 || !last) return null;
		const wholeRows = Math.max(1, Math.round(mainRows / scheme.stripeRows)) * scheme.stripeRows;
		return {
			body: { code: 'stripe-cut', rows: rest, wanted: scheme.stripeRows, wholeRows },
			severity: 'tip',
			where: { at: 'row', row: last.from },
			fix: toRows(wholeRows, withRows)
		};
	}
});
