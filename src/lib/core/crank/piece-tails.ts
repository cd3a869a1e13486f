import type { Edge } from '../assembly/assembly';
import type { Gauge } from '../bench/gauge/gauge';
import type { Machine } from '../model/bench';
import type { YarnRun } from '../simulate/fabric';
import type { RowByRow } from './row-by-row';
import { gatherStrandCm, tailsOf, type Break, type GatherStrand, type TailUse } from './tails';

/** An end of a piece, as far as its tail goes. */
export interface PieceEnd {
	readonly piece: string;
	readonly edge: Edge;
	/** Share of the pins that the first row takes: below 1 for a panel. */
	readonly share: number;
	/** Narrowed to a few stitches that are drawn up. */
	readonly tip: boolean;
	/** Loops at this end, and how wide they lie, cm. */
	readonly loops: number;
	readonly wideCm: number;
}

/** A piece off the machine, as far as its ends go. */
interface Ended {
	readonly id: string;
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
	/** Main rows by yarn, from 0, waste apart. */
	readonly runs: readonly YarnRun[];
	readonly rowByRow: RowByRow;
	readonly stitches: { readonly first: number; readonly last: number };
}

/** A piece on its machine, and what is done with its ends. */
export interface TailsInput {
	readonly piece: { readonly id: string };
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
	/** What is done with the tail at an end. */
	readonly useAt: (end: PieceEnd) => TailUse;
	/** The least it has to be for that, cm. */
	readonly needAt: (use: TailUse, end: PieceEnd) => number;
	/** The other yarn that an end is drawn up with; null where it is its own tail. */
	readonly strandAt: (end: PieceEnd) => number | null;
	/** Held together, of a yarn of the plan. */
	readonly strandsOf: (yarn: number) => number;
}

/** Of a piece off the ring what its tails go by. */
interface Knitted extends Pick<Ended, 'runs' | 'rowByRow'> {
	readonly share: number;
	readonly first: number;
	readonly last: number;
	readonly wasteBefore: number;
}

/** Share of the pins that a piece begins on: below 1 for a panel. */
export function shareOf({ stretches: [start] }: RowByRow, pins: number): number {
	return start && start.mode !== 'tube' ? (start.high - start.low + 1) / pins : 1;
}

/** An end of a piece, as what is done with its tail goes by it. */
export const endOf = (p: Ended, edge: Edge): PieceEnd => {
	const loops = edge === 'cast-on' ? p.stitches.first : p.stitches.last;
	const yarn = (edge === 'cast-on' ? p.runs[0] : p.runs.at(-1))?.yarn ?? 0;
	return {
		piece: p.id,
		edge,
		share: shareOf(p.rowByRow, p.machine.pins),
		tip: p.stitches.first > p.stitches.last,
		loops,
		wideCm: loops / (p.gauges[yarn]?.stitchesPerCm.mean ?? 1)
	};
};

/** Groups held beside which the yarn is broken, each as wide as it lies in the yarn that made it. */
const breaksOf = (
	{ rowByRow, runs, gauges }: Pick<Ended, 'rowByRow' | 'runs' | 'gauges'>,
	wasteBefore: number,
	needCm: (wideCm: number) => number
): Break[] =>
	rowByRow.works.flatMap(({ after, work }) =>
		work.flatMap((w) => {
			if (w.do !== 'hold' || w.breaks === null) return [];
			const atRow = after - wasteBefore;
			const made = runs.find((r) => atRow > r.from && atRow <= r.to);
			const perCm = gauges[made?.yarn ?? 0]?.stitchesPerCm.mean ?? 1;
			const loops = w.pins.length;
			return [{ atRow, loops, needCm: needCm(loops / perCm), again: w.breaks === 'again' }];
		})
	);

/** The tails of a piece, each long enough for the dearest step that works with it. */
export const tailsOfPiece = (input: TailsInput, knitted: Knitted) => {
	const { runs, share, first, last, rowByRow, wasteBefore } = knitted;
	const { piece, machine, gauges, strandsOf, useAt, needAt } = input;
	const whole = { id: piece.id, machine, gauges, runs, rowByRow, stitches: { first, last } };
	return tailsOf({
		runs,
		ringCm: machine.ringCm,
		pins: machine.pins,
		share,
		lastShare: last / machine.pins,
		strandsOf,
		breaks: breaksOf(whole, wasteBefore, (wideCm) =>
			needAt('chain-off', { ...endOf(whole, 'cast-off'), wideCm })
		),
		useAt: (edge) => useAt(endOf(whole, edge)),
		needAt: (use, edge) => needAt(use, endOf(whole, edge))
	});
};

/** Strands of another yarn cut for its ends. */
export const strandsOfPiece = (input: TailsInput, knitted: Knitted): GatherStrand[] => {
	const { runs, first, last, rowByRow } = knitted;
	const { piece, machine, gauges } = input;
	const whole = { id: piece.id, machine, gauges, runs, rowByRow, stitches: { first, last } };
	return (['cast-on', 'cast-off'] as const).flatMap((edge) => {
		const end = endOf(whole, edge);
		const yarn = input.strandAt(end);
		const needCm = input.needAt('gather', end);
		return yarn === null ? [] : [{ edge, yarn, lengthCm: gatherStrandCm(machine.ringCm, needCm) }];
	});
};
