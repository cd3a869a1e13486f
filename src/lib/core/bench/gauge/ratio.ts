import { median } from 'simple-statistics';
import { MUNDEN_KC, MUNDEN_KW } from '../yarn/loop';
import type { ReadingState } from '../../model/kinds';

/**
 * Rows to stitches by length in plain knitting, kc / kw, about 1.3 (Munden 1959, from memory; see `yarn/loop.ts`). For
 * orientation only: a reading is held against the maker's own, never against this.
 */
export const PUBLISHED_RATIO = MUNDEN_KC.rested / MUNDEN_KW.rested;

/** A reading, or the mean of a swatch, as far as its ratio goes. */
export interface RatioOf {
	readonly machineId: string;
	readonly state: ReadingState;
	readonly stitchesPerCm: number;
	readonly rowsPerCm: number;
}

/** Fewer than these settled ones say nothing of what is usual. */
const ENOUGH = 3;
/** Rows to stitches unlike the maker's others on this machine by this share are worth a second look. */
const ODD_SHARE = 0.2;

const settled = (r: RatioOf): boolean => r.state === 'rested' || r.state === 'washed';
const ratio = (r: Pick<RatioOf, 'stitchesPerCm' | 'rowsPerCm'>): number =>
	r.rowsPerCm / r.stitchesPerCm;

/** The maker's own usual ratio: the median of what is settled; null from fewer than three. */
export function usualRatio(readings: readonly RatioOf[]): number | null {
	const ratios = readings.filter(settled).map(ratio);
	return ratios.length < ENOUGH ? null : median(ratios);
}

/** Whether a settled reading's ratio is unlike the maker's others on the same machine. */
export function oddRatio(reading: RatioOf, all: readonly RatioOf[]): boolean {
	if (!settled(reading)) return false;
	const usual = usualRatio(all.filter((r) => r.machineId === reading.machineId));
	return usual !== null && isOdd(ratio(reading), usual);
}

export const isOdd = (ratio: number, usual: number): boolean =>
	Math.abs(ratio / usual - 1) >= ODD_SHARE;
