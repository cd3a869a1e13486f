import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { setMeasure } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'neck-wide': { readonly neckCm: number; readonly shoulderCm: number };
	}
}

/** Of neck and both shoulders together, a neck of more than this slides off (from memory). */
const NECK_MOST_SHARE = 0.58;

export const neckWide = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'neck-wide': (f, s) => ({
			what: `The neck is ${s.length(f.neckCm)} wide over shoulders of ${s.length(f.shoulderCm)}: it slides off.`,
			why: 'About two fifths of the width across is usual for a neck.'
		})
	},
	test: ({ finished, options }) => {
		const body = finished.body;
		if (!body) return null;
		const whole = body.neckWidthCm + 2 * body.shoulderCm;
		if (body.neckWidthCm <= NECK_MOST_SHARE * whole) return null;
		return {
			body: { code: 'neck-wide', neckCm: body.neckWidthCm, shoulderCm: body.shoulderCm },
			severity: 'warn',
			where: { at: 'size' },
			fix: setMeasure(options, 'neck', Math.floor(2 * whole * 0.5) / 2)
		};
	}
});
