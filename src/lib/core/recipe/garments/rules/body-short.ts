import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { half, setMeasure } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'body-short': { readonly lengthCm: number; readonly leastCm: number };
	}
}

/** Hem to underarm, and the yoke, at least, cm. */
const BODY_LEAST_CM = 6;

export const bodyShort = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'body-short': (f, s) => ({
			what: `${s.length(f.lengthCm)} is too short for its armholes.`,
			why: `Armhole, shoulder and a little of the body below them take ${s.length(f.leastCm)} at least.`
		})
	},
	test: ({ finished, options }) => {
		if (!finished.body) return null;
		const { length, armhole, shoulderDrop } = finished.measures;
		const fall = options.shoulder === 'sloped' ? shoulderDrop.cm : 0;
		const leastCm = armhole.cm + fall + BODY_LEAST_CM;
		return length.cm >= leastCm
			? null
			: {
					body: { code: 'body-short', lengthCm: length.cm, leastCm },
					severity: 'warn',
					where: { at: 'size' },
					fix: setMeasure(options, 'length', half(leastCm))
				};
	}
});
