import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { armEaseOf } from '../measures';
import { half, setMeasure } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'sleeve-tight': { readonly sleeveCm: number; readonly armCm: number; readonly tube: boolean };
	}
}

/** A sleeve closer to the arm than this binds, cm (from memory). */
const SLEEVE_EASE_CM = 2;
/** Round a sleeve at least, for an arm. */
export const sleeveNeeds = (armCm: number, { from }: Pick<GarmentOptions, 'from'>): number =>
	armCm + (from === 'flat' ? 0 : SLEEVE_EASE_CM);

export const sleeveTight = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'sleeve-tight': (f, s) => ({
			what: `The sleeve is ${s.length(f.sleeveCm)} round, the arm ${s.length(f.armCm)}.`,
			why: f.tube
				? 'A tube is as wide as the ring makes it: take panels for sleeves, or another machine.'
				: 'A sleeve needs room to bend: make it wider.'
		})
	},
	test: ({ finished, options }) => {
		const body = finished.body;
		if (!body || body.sleeveCm === null) return null;
		if (body.sleeveCm >= sleeveNeeds(body.armCm, options)) return null;
		const tube = options.sleeves === 'tube';
		return {
			body: { code: 'sleeve-tight', sleeveCm: body.sleeveCm, armCm: body.armCm, tube },
			severity: 'warn',
			where: { at: 'size' },
			...(options.armhole === 'drop' && !tube
				? {
						fix: setMeasure(options, 'armhole', half((body.armCm + armEaseOf(options)) / 2))
					}
				: {})
		};
	}
});
