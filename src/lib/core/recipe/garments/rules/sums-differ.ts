import { change } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { FinishedOf } from '../../finished';
import type { GarmentOptions } from '../options';
import { shrugDiscord } from '../shrug-sums';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'sums-differ': {
			readonly opening: 'neckOpen' | 'bodyOpen';
			readonly sumCm: number;
			readonly spanCm: number;
		};
	}
}

const PARTS = {
	neckOpen: 'The neck and both sleeve tops',
	bodyOpen: 'The body opening and both undersides'
} as const;

/** A shrug's two sums: each opening with what is joined on either side is as long as the tubes. */
export const sumsDiffer = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'sums-differ': (f, s) => ({
			what: `${PARTS[f.opening]} come to ${s.length(f.sumCm)}, and the tubes are ${s.length(f.spanCm)} long.`,
			why: 'Together they are the length of the tubes: the opening is knitted as it was set, and what is joined takes the rest.'
		})
	},
	test: ({ options, finished }) => {
		const off = finished.shrug ? shrugDiscord(options.measures) : null;
		if (!off) return null;
		const { opening, side, sumCm, spanCm } = off;
		const measures = Object.fromEntries(
			Object.entries(options.measures).filter(([name]) => name !== side)
		);
		return {
			body: { code: 'sums-differ', opening, sumCm, spanCm },
			severity: 'warn',
			where: { at: 'size' },
			fix: change(['Let the rest be worked out'], { measures })
		};
	}
});
