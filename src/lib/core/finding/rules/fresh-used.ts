import type { Gauge } from '../../bench/gauge/gauge';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'fresh-used': { readonly readings: number };
	}
}

const mainGauge = (gauges: readonly Gauge[]): Gauge | undefined => gauges[0];

export const freshUsed = rule({
	says: {
		'fresh-used': () => ({
			what: 'Planned from a reading fresh off the machine, as you chose.',
			why: 'The finished piece will probably be shorter and wider after a rest.'
		})
	},
	test: ({ gauges }) => {
		const source = mainGauge(gauges)?.rowSource;
		return source?.kind === 'swatch' && source.state === 'fresh'
			? {
					body: { code: 'fresh-used', readings: source.readings },
					severity: 'warn',
					where: { at: 'gauge' }
				}
			: null;
	}
});
