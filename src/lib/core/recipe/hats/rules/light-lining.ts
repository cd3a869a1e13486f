import { SHINES, luminance } from '../../../bench/yarn/luminance';
import { rule } from '../../../finding/rule';
import type { LinedHatWish } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'light-lining': { readonly contrast: number };
	}
}

export const lightLining = rule<LinedHatWish, FinishedOf<'worn'>>({
	says: {
		'light-lining': () => ({
			what: 'The light lining may shine through the dark outer.',
			why: 'Makers then line with the outer’s own colour, as the false brim does.'
		})
	},
	test: ({ wish: { scheme }, yarns }) => {
		if (scheme.kind !== 'outer-lining') return null;
		const of = (id: string) => yarns.find((y) => y.id === id)?.colour ?? '#000000';
		const contrast = luminance(of(scheme.lining)) - luminance(of(scheme.outer));
		return contrast > SHINES
			? { body: { code: 'light-lining', contrast }, severity: 'tip', where: { at: 'fold' } }
			: null;
	}
});
