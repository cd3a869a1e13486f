import type { Gauge } from '../../bench/gauge/gauge';
import { isOdd, usualRatio } from '../../bench/gauge/ratio';
import { settledMeans } from '../../bench/gauge/readings';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'odd-gauge': { readonly ratio: number; readonly usual: number; readonly swatches: number };
	}
}

const mainGauge = (gauges: readonly Gauge[]): Gauge | undefined => gauges[0];

export const oddGauge = rule({
	says: {
		'odd-gauge': (f) => ({
			what: 'This swatch has an unusual shape for your machine.',
			why: `Rows to stitches is ${f.ratio.toFixed(2)}; your ${f.swatches} swatches on this machine lie about ${f.usual.toFixed(2)}. Were the two readings swapped?`
		})
	},
	test: ({ gauges, swatches, machine }) => {
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
	}
});
