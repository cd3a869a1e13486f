import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'brim-too-high': { readonly brimCm: number; readonly layerCm: number };
	}
}

export const brimTooHigh = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		'brim-too-high': (f, s) => ({
			what: 'The brim is higher than the hat can turn up.',
			why: `${s.length(f.brimCm)} of brim needs twice that, and one layer is ${s.length(f.layerCm)}.`
		})
	},
	test: ({ finished: { hat }, options: { brim } }) => {
		if (!brim.turnedUp || brim.heightCm < hat.layerWorn.mean / 2) return null;
		return {
			body: { code: 'brim-too-high', brimCm: brim.heightCm, layerCm: hat.layerWorn.mean },
			severity: 'warn',
			where: { at: 'fold' }
		};
	}
});
