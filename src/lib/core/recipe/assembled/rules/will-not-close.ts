import type { Judgement } from '../../../finding/facts';
import { rule } from '../../../finding/rule';
import type { ToyOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { piece } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'will-not-close': {
			readonly name: string;
			readonly nth: number;
			readonly cm: number;
			readonly leastCm: number;
		};
	}
}

export const willNotClose = rule<ToyOptions, FinishedOf<'stuffed'>>({
	says: {
		'will-not-close': (f, s) => ({
			what: `${f.name}${f.nth > 1 ? `, swelling ${f.nth},` : ''} is too short to close.`,
			why: `${s.length(f.cm)} of tube, and from edge to edge over its thickness it takes ${s.length(f.leastCm)}: it stays a flat disc.`
		})
	},
	test: (facts) => {
		const toy = facts.finished;
		return toy.parts.flatMap((m): Judgement[] =>
			m.segments.flatMap((s, i): Judgement[] =>
				m.part.stuffed && !s.form.closes
					? [
							{
								body: {
									code: 'will-not-close',
									name: m.part.name,
									nth: i + 1,
									cm: s.flatCm,
									leastCm: (2 * s.form.radius) / (1 - 0.3 * s.puff)
								},
								severity: 'warn',
								where: piece(`${m.piece}-${i}`)
							}
						]
					: []
			)
		);
	}
});
