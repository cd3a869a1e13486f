import type { Judgement } from '../../finding/facts';
import { rule } from '../../finding/rule';
import { MOST_COUNTED, tooLong } from '../../finding/rules/too-long';

/** More rows in one piece of several than can be counted. */
export const pieceTooLong = rule({
	says: tooLong.says,
	test: ({ pieces }) =>
		pieces.flatMap((p): Judgement[] =>
			p.mainRows > MOST_COUNTED
				? [
						{
							body: { code: 'too-long', rows: p.mainRows, most: MOST_COUNTED, counted: true },
							severity: 'stop',
							where: { at: 'piece', piece: p.id }
						}
					]
				: []
		)
});
