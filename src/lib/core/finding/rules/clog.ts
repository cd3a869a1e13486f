import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		clog: { readonly rows: number };
	}
}

const CLOG_ROWS = 250;

export const clog = rule({
	says: {
		clog: (f) => ({
			what: 'The tube will clog the middle.',
			why: `Past 250 to 300 rows (this has ${f.rows}) untwist it, then give it a few turns the other way.`
		})
	},
	test: ({ mainRows, machine }) =>
		mainRows > CLOG_ROWS && machine.pins >= 40
			? {
					body: { code: 'clog', rows: mainRows },
					severity: 'tip',
					where: { at: 'row', row: CLOG_ROWS }
				}
			: null
});
