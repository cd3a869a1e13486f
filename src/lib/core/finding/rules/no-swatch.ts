import { entryAt } from '../../quantity/sure';
import { afterReadings } from '../../bench/gauge/spread';
import { relative } from '../../quantity/estimate';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'no-swatch': {
			readonly tubeCm: number;
			readonly sdCm: number;
			readonly sdWithSwatchCm: number;
			readonly otherYarn: boolean;
		};
	}
}

export const noSwatch = rule({
	says: {
		'no-swatch': (f, s) => ({
			what: f.otherYarn
				? 'The second yarn has no swatch on this machine: the size is a guess.'
				: 'No swatch of this yarn on this machine: the size is a guess.',
			why: `The tube may come out ${s.length(f.sdCm)} longer or shorter than ${s.length(f.tubeCm)}. 40 rows of tube on all pins, rested and measured twice, would bring that to ${s.length(f.sdWithSwatchCm)}.`
		})
	},
	test: ({ gauges, flatLength }) => {
		const bare = gauges.findIndex((g) => g.rowSource.kind === 'prior');
		if (bare < 0) return null;
		return {
			body: {
				code: 'no-swatch',
				tubeCm: flatLength.mean,
				sdCm: flatLength.mean * relative(entryAt(gauges, bare).rowsPerCm),
				sdWithSwatchCm: flatLength.mean * afterReadings(2),
				otherYarn: bare > 0
			},
			severity: 'warn',
			where: { at: 'gauge' }
		};
	}
});
