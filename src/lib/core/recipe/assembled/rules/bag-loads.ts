import { rule } from '../../../finding/rule';
import type { FoldedBagOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'bag-loads': object;
	}
}

export const bagLoads = rule<FoldedBagOptions, FinishedOf<'folded'>>({
	says: {
		'bag-loads': () => ({
			what: 'For light loads.',
			why: 'A knitted handle stretches and a seam gives: yarn and a scarf, not bottles.'
		})
	},
	test: () => ({
		body: { code: 'bag-loads' },
		severity: 'tip',
		where: { at: 'size' }
	})
});
