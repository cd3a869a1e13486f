import type { PacedWork } from '../model/kinds';
import type { Paced, RunEvent } from '../model/project';
import { makesOf } from './makes';
import { rowTimes } from './pace';
import type { PlannedPiece } from './piece';
import type { HandWork } from './row-by-row';
import { IDLE_MS } from './run';
import { HAND_SECONDS, secondsOfRows } from './time';

/** Fewer rows than this say nothing of how fast they go. */
const ENOUGH_ROWS = 6;
const ROWS: readonly PacedWork[] = ['tube', 'panel'];

/** Less than this share of the usual was not done between these two presses, but before the one or after the other. */
const LEAST_SHARE = 0.2;

/** Seconds that most take for what hands do between two rows; what is not timed apart counts as so many loops by hand. */
function usualOf(work: HandWork): number {
	if (work.do === 'decrease' || work.do === 'decrease-inside' || work.do === 'move-in')
		return HAND_SECONDS.decreases;
	if (work.do === 'hang-hem') return work.pins.length * HAND_SECONDS.hung;
	return work.pins.length * HAND_SECONDS.handled;
}

/** One gap between two counted rows: the row that ended it, and what was done before that was turned. Seconds. */
interface Gap {
	readonly row: PacedWork;
	readonly took: number;
	readonly usualRow: number;
	readonly usualHands: number;
	readonly usualJoins: number;
}

function gapsOf(piece: PlannedPiece, times: readonly { row: number; at: number }[]): Gap[] {
	const { stretches, works } = piece.rowByRow;
	const { pins } = piece.machine;
	return times.slice(1).flatMap(({ row, at }, i): Gap[] => {
		const before = times[i];
		const stretch = stretches.find((s) => row > s.from && row <= s.to);
		if (!before || before.row !== row - 1 || !stretch) return [];
		const panel = stretch.mode !== 'tube';
		const stitches = stretch.high - stretch.low + 1;
		const turned = panel ? { turned: stitches, turns: 1 } : { turned: 0, turns: 0 };
		const here = works.filter((w) => w.after === row - 1).flatMap((w) => w.work);
		const joins = piece.sheet.legs.filter((l) => l.start === row - 1).length;
		return [
			{
				row: panel ? 'panel' : 'tube',
				took: Math.min(IDLE_MS, Math.max(0, at - before.at)) / 1000,
				usualRow: secondsOfRows({ stitches, ...turned }, pins),
				usualHands: here.reduce((t, w) => t + usualOf(w), 0),
				usualJoins: joins * HAND_SECONDS.joins
			}
		];
	});
}

/**
 * What each kind of work took on each machine by the count, beside what it usually takes, s: rows of tube and of panel by
 * themselves, stops and all; what lies between two rows beyond the row itself is a join's or the hands'. Too few rows say nothing.
 */
export function pacedOf(
	pieces: readonly PlannedPiece[],
	events: readonly RunEvent[]
): readonly Paced[] {
	const sums = new Map<string, Paced>();
	const put = (machineId: Paced['machineId'], work: PacedWork, took: number, usual: number) => {
		const key = `${machineId} ${work}`;
		const was = sums.get(key) ?? { machineId, work, took: 0, usual: 0 };
		sums.set(key, { ...was, took: was.took + took, usual: was.usual + usual });
	};
	for (const { key, piece } of makesOf(pieces)) {
		const gaps = gapsOf(piece, rowTimes(events, key));
		for (const work of ROWS) {
			const here = gaps.filter((g) => g.row === work);
			const plain = here.filter((g) => g.usualHands === 0 && g.usualJoins === 0);
			if (plain.length < ENOUGH_ROWS) continue;
			const [took, usual] = [
				plain.reduce((t, g) => t + g.took, 0),
				plain.reduce((t, g) => t + g.usualRow, 0)
			];
			put(piece.machine.id, work, took, usual);
			for (const g of here.filter((x) => !plain.includes(x))) {
				const apart = Math.max(0, g.took - (g.usualRow * took) / usual);
				const between = g.usualHands + g.usualJoins;
				if (apart < LEAST_SHARE * between) continue;
				if (g.usualJoins > 0)
					put(piece.machine.id, 'joins', (apart * g.usualJoins) / between, g.usualJoins);
				if (g.usualHands > 0)
					put(piece.machine.id, 'hands', (apart * g.usualHands) / between, g.usualHands);
			}
		}
	}
	return [...sums.values()].filter((p) => p.took > 0);
}
