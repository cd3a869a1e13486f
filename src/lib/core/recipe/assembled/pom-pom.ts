import { entryAt } from '../../quantity/sure';
import { pomPomOptions } from './options/pom-pom';
import type { PomPomOptions } from './options';
import { pomPomCm, TIE_CM, usualWraps, wrappedCm } from './form/pom-pom';
import { effectiveTex } from '../../bench/yarn/tex';
import { ENDED, yarnsFor } from './common';
import type { FinishedOf } from '../finished';
import { pomPomSaid } from './figures';
import { pomPomRules } from './rules';
import { assembledRecipe } from './recipe';

/** Pom-poms by themselves: yarn wound round a card, tied and cut. Nothing of them is cranked. */
export const pomPom = assembledRecipe<PomPomOptions, FinishedOf<'wound'>>('pom-pom', {
	options: pomPomOptions,
	phrase:
		'{count} in {yarns}, wound on a card {cardCm} long, {wraps} each, tied with {tieCm} of yarn',
	rules: pomPomRules,
	pins: { least: 4, most: 200 },
	defaults: (bench) => {
		const yarns = yarnsFor(bench, 1);
		if (!yarns[0]) return undefined;
		return {
			recipe: 'pom-pom',
			yarns,
			count: 1,
			// A card 4 in long (common practice).
			cardCm: 10.16,
			wraps: null,
			tieCm: TIE_CM
		};
	},
	design: (options, { yarn }) => {
		const ids = [...new Set(options.yarns)];
		const places = options.yarns.map((id) => ids.indexOf(id));
		const usual = usualWraps(options.cardCm, effectiveTex(yarn(entryAt(options.yarns, 0))));
		const wraps = options.wraps ?? usual;
		const finished = {
			kind: 'wound' as const,
			count: options.count,
			cardCm: options.cardCm,
			tieCm: options.tieCm,
			wraps,
			usual,
			cm: pomPomCm(options.cardCm),
			yarns: places
		};
		return {
			pieces: [],
			assembly: [
				{
					do: 'wind',
					wraps,
					cardCm: options.cardCm,
					count: options.count,
					// Yarns are wound together: each takes its share of the wraps.
					yarns: places.map((place) => ({
						yarn: place,
						metres: (options.count * wrappedCm(wraps / places.length, options.cardCm)) / 100
					}))
				},
				{
					do: 'tie-cut',
					cm: pomPomCm(options.cardCm),
					tieCm: options.tieCm,
					count: options.count,
					yarn: places[0] ?? 0
				},
				{ do: 'fix-pom' },
				...ENDED
			],
			finished,
			...pomPomSaid(finished)
		};
	}
});
