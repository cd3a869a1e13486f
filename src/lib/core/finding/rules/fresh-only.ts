import type { Gauge } from '../../bench/gauge/gauge';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'fresh-only': { readonly readings: number };
	}
}

const mainGauge = (gauges: readonly Gauge[]): Gauge | undefined => gauges[0];

export const freshOnly = rule({
	says: {
		'fresh-only': (f) => ({
			what: 'The only swatch was measured fresh off the machine, so it is not used.',
			why: `Knitting hangs stretched on the machine and draws in as it rests: ${f.readings === 1 ? 'the reading is' : `all ${f.readings} readings are`} likely too long. Rest it and measure again, or use it all the same.`
		})
	},
	test: ({ gauges }) => {
		const source = mainGauge(gauges)?.rowSource;
		return source?.kind === 'fresh-unused'
			? {
					body: { code: 'fresh-only', readings: source.readings },
					severity: 'warn',
					where: { at: 'gauge' },
					fix: { label: ['Use the fresh readings'], project: { useFresh: true } }
				}
			: null;
	}
});
