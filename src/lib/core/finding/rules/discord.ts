import type { Gauge } from '../../bench/gauge/gauge';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		discord: { readonly ratio: number; readonly readings: number; readonly learned: boolean };
	}
}

/** Readings whose spread is this much more than their own say something is amiss. */
const DISCORD = 1.8;

const mainGauge = (gauges: readonly Gauge[]): Gauge | undefined => gauges[0];

export const discord = rule({
	says: {
		discord: (f) => ({
			what: f.learned ? 'Your finished pieces disagree.' : 'Your readings disagree.',
			why: `${f.readings} of them scatter ${f.ratio.toFixed(1)} times as much as such readings do, so the spread is wider. Look at the one furthest out.`
		})
	},
	test: ({ gauges }) => {
		const source = mainGauge(gauges)?.rowSource;
		if (!source || source.kind === 'prior' || source.kind === 'fresh-unused') return null;
		if (source.discord < DISCORD) return null;
		const learned = source.kind === 'learned';
		return {
			body: {
				code: 'discord',
				ratio: source.discord,
				readings: source.kind === 'learned' ? source.pieces : source.readings,
				learned
			},
			severity: 'warn',
			where: { at: 'gauge' }
		};
	}
});
