import { rule } from '../../../finding/rule';
import type { ToyOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'toy-rules': { readonly under3: boolean };
	}
}

export const toyRules = rule<ToyOptions, FinishedOf<'stuffed'>>({
	says: {
		'toy-rules': (f) => ({
			what: f.under3
				? 'For under-threes: nothing that comes off.'
				: 'Not for under-threes as it is.',
			why: 'If it is sold or given, the toy rules of the place decide, and who knows them.'
		})
	},
	test: ({ finished }) => ({
		body: { code: 'toy-rules', under3: finished.age === 'under-3' },
		severity: 'tip',
		where: { at: 'size' }
	})
});
