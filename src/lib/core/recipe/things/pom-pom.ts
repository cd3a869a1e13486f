import { at } from '../../quantity/sure';
import { pomPomWish } from './options/pom-pom';
import type { PomPomWish } from './options';
import { pomPomCm, TIE_CM, usualWraps, wrappedCm } from './form/pom-pom';
import { effectiveTex } from '../../bench/yarn/tex';
import { ENDED, yarnsFor } from './common';
import type { FinishedOf } from '../finished';
import { pomPomSaid } from './figures';
import { pomPomRules } from './rules';
import { thingRecipe } from './thing';

/** Pom-poms by themselves: yarn wound round a card, tied and cut. Nothing of them is cranked. */
export const pomPom = thingRecipe<PomPomWish, FinishedOf<'wound'>>('pom-pom', {
	options: pomPomWish,
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
	design: (wish, { yarn }) => {
		const ids = [...new Set(wish.yarns)];
		const places = wish.yarns.map((id) => ids.indexOf(id));
		const usual = usualWraps(wish.cardCm, effectiveTex(yarn(at(wish.yarns, 0))));
		const wraps = wish.wraps ?? usual;
		const finished = {
			kind: 'wound' as const,
			count: wish.count,
			cardCm: wish.cardCm,
			tieCm: wish.tieCm,
			wraps,
			usual,
			cm: pomPomCm(wish.cardCm),
			yarns: places
		};
		return {
			pieces: [],
			assembly: [
				{
					do: 'wind',
					wraps,
					cardCm: wish.cardCm,
					count: wish.count,
					// Yarns are wound together: each takes its share of the wraps.
					yarns: places.map((place) => ({
						yarn: place,
						metres: (wish.count * wrappedCm(wraps / places.length, wish.cardCm)) / 100
					})),
					sharp: false
				},
				{
					do: 'tie-cut',
					cm: pomPomCm(wish.cardCm),
					tieCm: wish.tieCm,
					count: wish.count,
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
