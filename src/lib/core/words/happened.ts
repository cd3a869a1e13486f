import type { OffNow } from '../crank/happened';
import type { Happened } from '../crank/run';
import type { Machine } from '../model/bench';
import { rowsWord, type Say } from '../quantity/say';
import { wordFed } from './feed';

/** One line of what happened, after so many main rows. */
export function wordHappened(h: Happened, wasteBefore: number, machine: Machine): string {
	const row = h.row - wasteBefore;
	const at = row < 0 ? 'In the waste' : `After row ${row}`;
	switch (h.type) {
		case 'ball':
			return `${at}: a new ball.`;
		case 'feed':
			return `${at}: fed ${wordFed(h, machine)} from there.`;
		case 'note':
			return `${at}: ${h.text}`;
	}
}

/** What a piece is that leaves the machine now. */
export function wordOffNow({ rows, planned, long, plannedLong }: OffNow, s: Say): string {
	if (rows >= planned) return `All ${rowsWord(planned)} are knitted.`;
	return `${rowsWord(rows)} of ${planned} are knitted: ${s.spread(long, 'length')} long, where ${s.spread(plannedLong, 'length')} was planned.`;
}
