import { cumulativeStdNormalProbability } from 'simple-statistics';
import type { Estimate } from './estimate';
import type { Say } from './say';

/** Chance, 0 to 1, that `have` does not cover an estimate; a spread of 0 is taken as certain. Same unit for all three. */
export function chanceShort(need: number, sd: number, have: number): number {
	if (sd === 0) return have < need ? 1 : 0;
	return 1 - cumulativeStdNormalProbability((have - need) / sd);
}

/** A chance of running out above this is said. */
export const CLOSE = 0.1;

/** Whether what there is covers a need: surely enough, perhaps not, or more likely not than enough. */
export interface Stock {
	readonly is: 'enough' | 'close' | 'short';
	/** How much is missing by the mean; 0 where nothing is. */
	readonly missing: number;
	/** Chance of running out, 0 to 1. */
	readonly chance: number;
}

/** One verdict on stock, wherever it is asked: need and what there is in the same unit. */
export function stockOf(need: Pick<Estimate, 'mean' | 'sd'>, have: number): Stock {
	const chance = chanceShort(need.mean, need.sd, have);
	return {
		is: need.mean > have ? 'short' : chance > CLOSE ? 'close' : 'enough',
		missing: Math.max(0, need.mean - have),
		chance
	};
}

/** `enough`, `may not last: a 23 % chance of running out`, or `not enough: 12 g short`, everywhere alike. */
export function wordStock({ is, missing, chance }: Stock, s: Say): string {
	switch (is) {
		case 'enough':
			return 'enough';
		case 'close':
			return `may not last: a ${s.percent(chance)} chance of running out`;
		case 'short':
			return `not enough: ${s.of(s.units === 'cm' ? Math.max(1, Math.ceil(missing)) : missing, 'mass')} short`;
	}
}
