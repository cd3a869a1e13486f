import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { ARMHOLE_EASE_CM } from '../measures';
import { half, setMeasure } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'armhole-small': {
			readonly aroundCm: number;
			readonly armCm: number;
			readonly leastCm: number;
		};
	}
}

export const armholeSmall = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'armhole-small': (f, s) => ({
			what: `The armhole is ${s.length(f.aroundCm)} round, close for an arm of ${s.length(f.armCm)}.`,
			why: `${s.length(f.leastCm)} lets an arm and a shirt underneath move.`
		})
	},
	test: ({ finished, options }) => {
		const body = finished.body;
		if (!body) return null;
		const leastCm = body.armCm + (options.from === 'flat' ? 0 : ARMHOLE_EASE_CM);
		if (body.armholeCm >= leastCm) return null;
		const now = finished.measures.armhole.cm;
		return {
			body: { code: 'armhole-small', aroundCm: body.armholeCm, armCm: body.armCm, leastCm },
			severity: 'warn',
			where: { at: 'size' },
			fix: setMeasure(options, 'armhole', half(now + (leastCm - body.armholeCm) / 2 + 0.5))
		};
	}
});
