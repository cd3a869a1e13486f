import { LOOSE_STRETCH, USUAL_STRETCH } from '../../../bench/size/stretch';
import { rule } from '../../../finding/rule';
import type { PlainTubeOptions } from '../options';
import type { FinishedOf } from '../../finished';
import type { TubeKind } from '../kind';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'tube-too-tight': { readonly stretch: number; readonly aroundCm: number };
		'tube-tight': { readonly stretch: number; readonly aroundCm: number };
		'tube-loose': { readonly stretch: number; readonly aroundCm: number };
	}
}

/** What a tube is pulled over or laid round: beyond these it slips off or will not go on. */
export const tubeRound = (kind: TubeKind) =>
	rule<PlainTubeOptions, FinishedOf<'tube'>>({
		says: {
			'tube-too-tight': (f, s) => ({
				what: 'It will not go round.',
				why: `${s.length(f.aroundCm)} asks ${s.percent(f.stretch)} of stretch, more than such fabric gives. Make it longer, or take more pins.`
			}),
			'tube-tight': (f, s) => ({
				what: 'It will be tight.',
				why: `${s.length(f.aroundCm)} asks ${s.percent(f.stretch)} of stretch; a third is usual.`
			}),
			'tube-loose': (f, s) => ({
				what: 'It will slide down.',
				why: `${s.length(f.aroundCm)} stretches it by ${s.percent(f.stretch)} only. Take fewer pins or a finer yarn.`
			})
		},
		test: ({
			finished: {
				tube: { round }
			}
		}) => {
			if (!round) return null;
			const limits = kind.stretch ?? USUAL_STRETCH;
			const numbers = { stretch: round.stretch, aroundCm: round.cm };
			const where = { at: 'size' } as const;
			if (round.stretch > limits.tooTight)
				return { body: { code: 'tube-too-tight', ...numbers }, severity: 'warn', where };
			if (round.stretch > limits.tight)
				return { body: { code: 'tube-tight', ...numbers }, severity: 'warn', where };
			// Laid round by its length it may lie loose; pulled over by its width it slides down.
			if (round.by === 'width' && round.stretch < LOOSE_STRETCH)
				return { body: { code: 'tube-loose', ...numbers }, severity: 'warn', where };
			return null;
		}
	});
