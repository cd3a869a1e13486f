import type { Gauge } from '../bench/gauge/gauge';
import { isOdd, usualRatio } from '../bench/gauge/ratio';
import { settledMeans } from '../bench/gauge/readings';
import { READING_RELATIVE_SD } from '../bench/gauge/spread';
import { relative } from '../quantity/estimate';
import type { Rule } from './facts';

/** Readings whose spread is this much more than their own say something is amiss. */
const DISCORD = 1.8;

const mainGauge = (gauges: readonly Gauge[]): Gauge | undefined => gauges[0];

export const noSwatch: Rule = ({ gauges, flatLength }) => {
	const bare = gauges.findIndex((g) => g.rowSource.kind === 'prior');
	if (bare < 0) return null;
	return {
		body: {
			code: 'no-swatch',
			tubeCm: flatLength.mean,
			sdCm: flatLength.mean * relative(gauges[bare]!.rowsPerCm),
			sdWithSwatchCm: (flatLength.mean * READING_RELATIVE_SD) / Math.sqrt(2),
			otherYarn: bare > 0
		},
		severity: 'warn',
		where: { at: 'gauge' }
	};
};

export const freshOnly: Rule = ({ gauges }) => {
	const source = mainGauge(gauges)?.rowSource;
	return source?.kind === 'fresh-unused'
		? {
				body: { code: 'fresh-only', readings: source.readings },
				severity: 'warn',
				where: { at: 'gauge' },
				fix: { do: 'use-fresh' }
			}
		: null;
};

export const freshUsed: Rule = ({ gauges }) => {
	const source = mainGauge(gauges)?.rowSource;
	return source?.kind === 'swatch' && source.state === 'fresh'
		? {
				body: { code: 'fresh-used', readings: source.readings },
				severity: 'warn',
				where: { at: 'gauge' }
			}
		: null;
};

export const oneReading: Rule = ({ gauges, flatLength }) => {
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
};

export const discord: Rule = ({ gauges }) => {
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
};

export const oddGauge: Rule = ({ gauges, swatches, machine }) => {
	const main = mainGauge(gauges);
	if (main?.rowSource.kind !== 'swatch') return null;
	const here = swatches
		.filter((s) => s.machineId === machine.id)
		.flatMap((s) => {
			const mean = settledMeans(s.readings);
			return mean ? [{ ...mean, machineId: s.machineId, state: 'rested' as const }] : [];
		});
	const usual = usualRatio(here);
	const ratio = main.rowsPerCm.mean / main.stitchesPerCm.mean;
	if (usual === null || !isOdd(ratio, usual)) return null;
	return {
		body: { code: 'odd-gauge', ratio, usual, swatches: here.length },
		severity: 'warn',
		where: { at: 'gauge' }
	};
};
