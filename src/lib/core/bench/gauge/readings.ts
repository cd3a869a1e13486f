import { entryAt } from '../../quantity/sure';
import { STATES_BEST_FIRST } from '../../model/kinds';
import type { Reading, SwatchState } from '../../model/bench';
import { combine, estimate, relative, type Combined, type Estimate } from '../../quantity/estimate';
import { densitiesOf, densityOf, type Side } from './density';
import {
	afterReadings,
	nextPiece,
	PIECE_RELATIVE_SD,
	READING_RELATIVE_SD,
	TAPE_RELATIVE_SD
} from './spread';

export const inState = (readings: readonly Reading[], state: Reading['state']): Reading[] =>
	readings.filter((r) => r.state === state);

/** Mean and spread of the readings of one state, stitches and rows per cm, null where none was taken; undefined without any. */
export function stateGauge(readings: readonly Reading[], state: Reading['state']) {
	const chosen = inState(readings, state);
	if (chosen.length === 0) return undefined;
	const countOf = (side: Side): Combined | null => {
		const values = chosen.flatMap((r) => densityOf(r, side) ?? []);
		return values.length > 0 ? combine(values, READING_RELATIVE_SD, 'measured') : null;
	};
	return { stitchesPerCm: countOf('stitches'), rowsPerCm: countOf('rows') };
}

/** Plain means of the best settled state, of readings of both, per cm; undefined where all is fresh or pulled. */
export function settledMeans(
	readings: readonly Reading[]
): { stitchesPerCm: number; rowsPerCm: number; n: number } | undefined {
	for (const state of STATES_BEST_FIRST) {
		if (state === 'fresh') continue;
		const chosen = inState(readings, state).flatMap((r) => densitiesOf(r) ?? []);
		if (chosen.length === 0) continue;
		const mean = (of: 'stitchesPerCm' | 'rowsPerCm') =>
			chosen.reduce((t, r) => t + r[of], 0) / chosen.length;
		return { stitchesPerCm: mean('stitchesPerCm'), rowsPerCm: mean('rowsPerCm'), n: chosen.length };
	}
	return undefined;
}

/** A reading that lies apart from the others of its state. `deviations` is signed, in the spread of one reading. */
export interface OutOfLine {
	readonly readingId: string;
	readonly side: Side;
	readonly deviations: number;
	/** The reading over the mean of the others, less 1. */
	readonly share: number;
}

/** From here on a reading is pointed out: beyond 2.5 standard deviations of its distance from the others' mean. */
const APART = 2.5;
const ENOUGH = 3;

/**
 * Readings out of line with the rest of their state, each held against the mean of the others (leave one out), worst
 * first, one for each side at most. With two readings nobody can say which is wrong, so there must be three.
 */
export function outOfLine(readings: readonly Reading[], state: SwatchState): OutOfLine[] {
	const sides: Side[] = ['stitches', 'rows'];
	return sides.flatMap((side) => {
		const chosen = inState(readings, state).filter((r) => r[side] !== null);
		if (chosen.length < ENOUGH) return [];
		const values = chosen.flatMap((r) => densityOf(r, side) ?? []);
		const total = values.reduce((a, b) => a + b, 0);
		const judged = values.map((v, i): OutOfLine => {
			const others = (total - v) / (values.length - 1);
			const sd = others * READING_RELATIVE_SD * Math.sqrt(1 + 1 / (values.length - 1));
			return {
				readingId: entryAt(chosen, i).id,
				side,
				deviations: (v - others) / sd,
				share: v / others - 1
			};
		});
		const worst = judged.reduce((a, b) =>
			Math.abs(b.deviations) > Math.abs(a.deviations) ? b : a
		);
		return Math.abs(worst.deviations) > APART ? [worst] : [];
	});
}

/** How a swatch changed from one state to the next: shares of length and width gained (negative for lost), where both were read. */
export interface StateChange {
	readonly from: SwatchState;
	readonly to: SwatchState;
	readonly width: Estimate | null;
	readonly length: Estimate | null;
}

/** Changes between neighbouring states that were both read, in the order they happen. */
export function stateChanges(readings: readonly Reading[]): StateChange[] {
	const read = [...STATES_BEST_FIRST].reverse().filter((s) => readings.some((r) => r.state === s));
	return read.slice(1).map((to, i) => {
		const from = entryAt(read, i);
		const a = stateGauge(readings, from)!;
		const b = stateGauge(readings, to)!;
		// Fewer stitches to the cm is a wider fabric.
		const change = (before: Combined | null, after: Combined | null) => {
			if (!before || !after) return null;
			const ratio = before.mean / after.mean;
			const spread = Math.hypot(
				TAPE_RELATIVE_SD / Math.sqrt(before.n),
				TAPE_RELATIVE_SD / Math.sqrt(after.n)
			);
			return estimate(ratio - 1, ratio * spread, 'measured');
		};
		return {
			from,
			to,
			width: change(a.stitchesPerCm, b.stitchesPerCm),
			length: change(a.rowsPerCm, b.rowsPerCm)
		};
	});
}

/** The spread that `more` further readings, agreeing as these do, would leave: sd x sqrt(n / (n + more)). */
export const spreadWithMore = (e: Combined, more: number): number =>
	e.sd * Math.sqrt(e.n / (e.n + more));

/**
 * Relative spread that the next piece would have after `more` readings beside the `n` like them that a gauge stands on; from 0,
 * after `more` alone.
 */
export const relativeWithMore = (e: Estimate, n: number, more: number): number => {
	if (n === 0) return afterReadings(more);
	const known = Math.sqrt(Math.max(0, relative(e) ** 2 - PIECE_RELATIVE_SD ** 2));
	return nextPiece(known * Math.sqrt(n / (n + more)));
};

/** A figure worked out from a gauge that stands on `n` readings, as `more` would leave it: as large, its spread less by as much. */
export const figureWithMore = (
	figure: Estimate,
	gauge: Estimate,
	n: number,
	more: number
): Estimate => ({
	...figure,
	sd: (figure.sd * relativeWithMore(gauge, n, more)) / Math.max(1e-9, relative(gauge))
});
