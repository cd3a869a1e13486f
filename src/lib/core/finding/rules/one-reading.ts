import type { Gauge } from '../../bench/gauge/gauge';
import type { SwatchState } from '../../model/bench';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'one-reading': {
			readonly state: SwatchState;
			readonly sdCm: number;
			readonly sdMoreCm: number;
		};
	}
}

const mainGauge = (gauges: readonly Gauge[]): Gauge | undefined => gauges[0];

export const oneReading = rule({
	says: {
		'one-reading': (f, s) => ({
			what: 'One reading decides the size.',
			why: `It gives ± ${s.length(f.sdCm)} on the tube; two more like it would bring that to ± ${s.length(f.sdMoreCm)}.`
		})
	},
	test: ({ gauges, flatLength }) => {
		const source = mainGauge(gauges)?.rowSource;
		if (source?.kind !== 'swatch' || source.readings > 1) return null;
		return {
			body: {
				code: 'one-reading',
				state: source.state,
				sdCm: flatLength.sd,
				sdMoreCm: flatLength.sd / Math.sqrt(3)
			},
			severity: 'tip',
			where: { at: 'gauge' }
		};
	}
});
