import { SHINES, luminance } from '../../../bench/yarn/colour';
import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'light-lining': { readonly contrast: number };
	}
}

export const lightLining = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		'light-lining': () => ({
			what: 'The light lining may shine through the dark outer.',
			why: 'Makers then line with the outer’s own colour, as the false brim does.'
		})
	},
	test: ({ options: { scheme }, yarns }) => {
		if (scheme.kind !== 'outer-lining') return null;
		const colourOf = (id: string) => yarns.find((y) => y.id === id)?.colour ?? '#000000';
		const contrast = luminance(colourOf(scheme.lining)) - luminance(colourOf(scheme.outer));
		return contrast > SHINES
			? { body: { code: 'light-lining', contrast }, severity: 'tip', where: { at: 'fold' } }
			: null;
	}
});
