import { LOOSE_STRETCH, USUAL_STRETCH } from '../../../bench/size/stretch';
import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import type { Say } from '../../../quantity/say';
import type { FinishedOf } from '../../finished';
import type { HatKind } from '../kind';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'too-tight': {
			readonly stretch: number;
			readonly headCm: number;
			readonly circumferenceCm: number;
		};
		tight: { readonly stretch: number; readonly headCm: number; readonly circumferenceCm: number };
		loose: { readonly stretch: number; readonly headCm: number; readonly circumferenceCm: number };
	}
}

const stretchWhy = (
	f: { headCm: number; circumferenceCm: number; stretch: number },
	s: Say
): string =>
	`A head of ${s.length(f.headCm)} in a tube of ${s.length(f.circumferenceCm)} round is ${s.percent(f.stretch)} of stretch`;

export const stretchOnHead = (kind: HatKind) =>
	rule<LinedHatOptions, FinishedOf<'worn'>>({
		says: {
			'too-tight': (f, s) => ({
				what: 'The tube will not go over the head.',
				why: `${stretchWhy(f, s)}, more than such fabric gives. Take more pins or a thicker yarn.`
			}),
			tight: (f, s) => ({
				what: 'The hat will be tight.',
				why: `${stretchWhy(f, s)}; about a third is usual.`
			}),
			loose: (f, s) => ({
				what: 'The hat will be loose.',
				why: `${stretchWhy(f, s)}; it wants some to stay on. Take fewer pins or a finer yarn.`
			})
		},
		test: ({ finished: { hat } }) => {
			const limits = kind.stretch ?? USUAL_STRETCH;
			const numbers = {
				stretch: hat.stretch,
				headCm: hat.headCm,
				circumferenceCm: hat.circumference.mean
			};
			const where = { at: 'size' } as const;
			if (hat.stretch > limits.tooTight)
				return { body: { code: 'too-tight', ...numbers }, severity: 'warn', where };
			if (hat.stretch > limits.tight)
				return { body: { code: 'tight', ...numbers }, severity: 'warn', where };
			if (hat.stretch < LOOSE_STRETCH)
				return { body: { code: 'loose', ...numbers }, severity: 'warn', where };
			return null;
		}
	});
