import { cumulativeStdNormalProbability } from 'simple-statistics';

/** Chance, 0 to 1, that `have` does not cover an estimate; a spread of 0 is taken as certain. Same unit for all three. */
export function chanceShort(need: number, sd: number, have: number): number {
	if (sd === 0) return have < need ? 1 : 0;
	return 1 - cumulativeStdNormalProbability((have - need) / sd);
}

/** A chance of running out above this is said. */
export const CLOSE = 0.1;
