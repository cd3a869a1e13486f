import { rule } from '../../finding/rule';
import { rowsWord } from '../../quantity/say';

declare module '../../finding/finding' {
	interface FindingBodies {
		'short-waste': { readonly rows: number };
	}
}

/** Fewer waste rows than this do not hang well. */
const LEAST_WASTE = 4;

export const shortWaste = rule<{ readonly wasteStart: number; readonly wasteEnd: number }, unknown>(
	{
		says: {
			'short-waste': (f) => ({
				what: `${rowsWord(f.rows)} of waste may unravel.`,
				why: 'Two sometimes do, four normally hold.'
			})
		},
		test: ({ options }) => {
			const short = [options.wasteStart, options.wasteEnd].find((r) => r > 0 && r < LEAST_WASTE);
			return short === undefined
				? null
				: {
						body: { code: 'short-waste', rows: short },
						severity: 'tip',
						where: { at: 'row', row: 0 }
					};
		}
	}
);
