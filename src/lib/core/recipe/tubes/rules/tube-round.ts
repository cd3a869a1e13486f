import { LOOSE_STRETCH, USUAL_STRETCH } from '../../../bench/size/stretch';
import type { Fix } from '../../../finding/fix';
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

/** What is worn round a body or a calf can be sewn of panels instead; what is smaller is not worth a seam (from memory). */
const OF_PANELS_FROM_CM = 40;
/** Worn stretched by a sixth or so it holds by itself (from memory). */
const OF_ROUND = 0.85;
const half = (cm: number): number => Math.round(2 * cm) / 2;
const asPanels = (roundCm: number, heightCm: number): Fix => ({
	label: ['Sew it of panels,', { cm: half(OF_ROUND * roundCm) }, 'round'],
	go: {
		page: 'begin',
		recipe: 'seamed-tube',
		options: { measures: { around: half(OF_ROUND * roundCm), height: half(heightCm) } }
	}
});

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
			},
			flatLength
		}) => {
			if (!round) return null;
			const limits = kind.stretch ?? USUAL_STRETCH;
			// No ring is wide enough for every body: panels are, sewn up one side.
			const panels: { readonly or?: Fix } =
				round.by === 'width' && round.cm >= OF_PANELS_FROM_CM
					? { or: asPanels(round.cm, flatLength.mean) }
					: {};
			const numbers = { stretch: round.stretch, aroundCm: round.cm };
			const where = { at: 'size' } as const;
			if (round.stretch > limits.tooTight)
				return { body: { code: 'tube-too-tight', ...numbers }, severity: 'warn', where, ...panels };
			if (round.stretch > limits.tight)
				return { body: { code: 'tube-tight', ...numbers }, severity: 'warn', where, ...panels };
			// Laid round by its length it may lie loose; pulled over by its width it slides down.
			if (round.by === 'width' && round.stretch < LOOSE_STRETCH)
				return { body: { code: 'tube-loose', ...numbers }, severity: 'warn', where };
			return null;
		}
	});
