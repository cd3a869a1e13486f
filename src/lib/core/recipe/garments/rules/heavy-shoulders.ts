import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { shoulderLoad } from '../figures';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'heavy-shoulders': { readonly gramsPerCm: number; readonly grams: number };
	}
}

/** More grams on a centimetre of shoulder seam pull it long (from memory). */
const HEAVY_G_PER_CM = 22;

export const heavyShoulders = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'heavy-shoulders': (f, s) => ({
			what: `${s.of(f.grams, 'mass')} hang on the shoulder seams, ${f.gramsPerCm.toFixed(0)} g on each cm.`,
			why: 'They stretch with wear: sew a chain or a tape into both, firm and not drawn in.'
		})
	},
	test: ({ finished, amounts }) => {
		const gramsPerCm = shoulderLoad(finished, amounts);
		if (gramsPerCm === null || gramsPerCm <= HEAVY_G_PER_CM) return null;
		return {
			body: {
				code: 'heavy-shoulders',
				gramsPerCm,
				grams: amounts.reduce((t, a) => t + a.grams.value.mean, 0)
			},
			severity: 'tip',
			where: { at: 'size' }
		};
	}
});
