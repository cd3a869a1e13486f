import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { NECK_STRETCH } from '../measures';
import { half, setMeasure } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'neck-small': { readonly neckCm: number; readonly headCm: number };
	}
}

/** Depth that a curved neck takes for a cm of its edge, at most. */
const CURVE_GROWS = 1.6;

export const neckSmall = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'neck-small': (f, s) => ({
			what: `The neck is ${s.length(f.neckCm)} round and a head of ${s.length(f.headCm)} has to go through.`,
			why: 'A knitted neck gives by about a quarter: make it deeper or wider.'
		})
	},
	test: ({ finished, options }) => {
		const body = finished.body;
		if (!body || !finished.asked.includes('head')) return null;
		const headCm = finished.measures.head.cm;
		const lacking = headCm - body.neckCm * NECK_STRETCH;
		if (lacking <= 0) return null;
		const now = finished.measures.neckDrop.cm;
		return {
			body: { code: 'neck-small', neckCm: body.neckCm, headCm },
			severity: 'warn',
			where: { at: 'size' },
			// Both fronts get longer edges: half of what is lacking on each, and more, since a curve grows less than its depth.
			fix: setMeasure(
				options,
				'neckDrop',
				half(now + (CURVE_GROWS * lacking) / NECK_STRETCH / 2 + 0.5)
			)
		};
	}
});
