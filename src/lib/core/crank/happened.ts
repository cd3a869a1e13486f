import type { Feed } from '../bench/machine/slot';
import type { RunEvent } from '../model/project';
import type { Estimate } from '../quantity/estimate';
import { flatLength } from './length';
import { makesOf } from './makes';
import type { PlannedPiece } from './piece';
import { yarnPlace } from './row-by-row';
import { foldRun, type Happened } from './run';
import type { RunSheet } from './runsheet';

/** So many rows after a ball has ended its end and the new one are tied (common practice: a couple). */
export const TIE_AFTER_BALL = 2;

/** The run sheet with what follows from what happened between its rows: the ends of a new ball are tied a couple of rows on. */
export function withHappened(
	{ sheet, rowByRow }: Pick<PlannedPiece, 'sheet' | 'rowByRow'>,
	happened: readonly Happened[]
): RunSheet {
	const ties = happened
		.filter((h) => h.type === 'ball')
		.map((h) => ({
			after: Math.min(sheet.totalRows, h.row + TIE_AFTER_BALL),
			kind: 'tie' as const,
			rows: Math.min(sheet.totalRows - h.row, TIE_AFTER_BALL),
			in: yarnPlace(rowByRow, h.row).in,
			since: 'ball' as const
		}));
	if (ties.length === 0) return sheet;
	// What falls on one row keeps its order; a tie comes last there.
	const events = [...sheet.events, ...ties].sort((a, b) => a.after - b.after);
	return { ...sheet, events };
}

/** How the yarn is fed now: as was planned, or as the maker set it since. */
export function feedNow(
	planned: Feed | undefined,
	happened: readonly Happened[]
): Pick<Feed, 'slot' | 'hand'> | undefined {
	return happened.findLast((h) => h.type === 'feed') ?? planned;
}

/** A piece taken off before its plan ends: what it is then. */
export interface OffNow {
	/** Main rows knitted, and planned. */
	readonly rows: number;
	readonly planned: number;
	/** Along the middle, flat and relaxed, cm. */
	readonly long: Estimate;
	readonly plannedLong: Estimate;
}

/** What comes of a piece that leaves the machine after so many rows, waste included. */
export function offNow(piece: PlannedPiece, done: number): OffNow {
	const { wasteBefore } = piece.sheet;
	const rows = Math.max(0, Math.min(piece.mainRows, done - wasteBefore));
	const hung = piece.rowByRow.works.find((w) => w.work.some((x) => x.do === 'hang-hem'));
	const hem = hung ? hung.after - wasteBefore : 0;
	const runs = piece.runs.flatMap((r) =>
		r.from < rows ? [{ ...r, to: Math.min(r.to, rows) }] : []
	);
	return {
		rows,
		planned: piece.mainRows,
		// A hem is doubled once it hangs.
		long: flatLength(runs, piece.gauges, rows > hem ? hem : 0),
		plannedLong: flatLength(piece.runs, piece.gauges, hem)
	};
}

/** A piece on the machine of which a changed plan wants fewer rows than are knitted. */
export interface Short {
	readonly key: string;
	readonly name: string;
	readonly knitted: number;
	readonly planned: number;
}

/** What of a run a changed plan falls short of; pieces that are off the machine or gone from the plan are not asked about. */
export function shortOf(
	before: readonly PlannedPiece[],
	after: readonly PlannedPiece[],
	events: readonly RunEvent[]
): Short[] {
	return makesOf(before).flatMap(({ key, piece }): Short[] => {
		const { done, off } = foldRun(events, key);
		const then = after.find((p) => p.id === piece.id);
		const { rows: knitted } = offNow(piece, done);
		if (off || !then || knitted <= then.mainRows) return [];
		return [{ key, name: piece.name, knitted, planned: then.mainRows }];
	});
}
