import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'too-long': { readonly rows: number; readonly most: number; readonly counted: boolean };
	}
	interface StopCodes {
		'too-long': true;
	}
}

/** Longer than anyone makes at one go (from memory). */
const MOST_ROWS = 600;

/** A count at the crank goes no further. */
export const MOST_COUNTED = 1900;

/** More rows than are made at one go, or than can be counted: of a thing that is one piece. */
export const tooLong = rule({
	says: {
		'too-long': (f) => ({
			what: `${f.rows} rows ${f.counted ? 'are more than one piece is counted to' : 'is longer than most things made here'}.`,
			why: f.counted
				? `${f.most} rows is the most: make it shorter, or in two pieces.`
				: `Has the length or the gauge a wrong unit? Few pieces are longer than ${f.most} rows.`
		})
	},
	test: ({ mainRows }) =>
		mainRows <= MOST_ROWS
			? null
			: mainRows > MOST_COUNTED
				? {
						body: { code: 'too-long', rows: mainRows, most: MOST_COUNTED, counted: true },
						severity: 'stop',
						where: { at: 'size' }
					}
				: {
						body: { code: 'too-long', rows: mainRows, most: MOST_ROWS, counted: false },
						severity: 'warn',
						where: { at: 'size' }
					}
});
