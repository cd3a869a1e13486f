import { isBaby } from '../../../bench/size/head';
import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		baby: object;
	}
}

export const babyCaution = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		baby: () => ({
			what: 'A hat for a baby comes off for sleep.',
			why: 'Hats can overheat or cover the face; for gifts ask the hospital for its own list, and let its rules decide.'
		})
	},
	test: ({ options }) =>
		isBaby(options.head) ? { body: { code: 'baby' }, severity: 'tip', where: { at: 'size' } } : null
});
