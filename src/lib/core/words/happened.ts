import type { OffNow } from '../crank/happened';
import type { Happened } from '../crank/run';
import type { Hand, Machine } from '../model/bench';
import { rowsWord, type Say } from '../quantity/say';

const HAND: Readonly<Record<Hand, string>> = {
	none: 'nothing else',
	light: 'lightly through the fingers',
	crossed: 'crossed over a finger'
};

/** `slot 3 of 3, lightly through the fingers`. */
export const wordFed = (
	{ slot, hand }: { readonly slot: number; readonly hand: Hand },
	{ slots }: Pick<Machine, 'slots'>
): string =>
	slot > 0
		? `slot ${slot} of ${slots}${hand === 'none' ? '' : `, ${HAND[hand]}`}`
		: hand === 'none'
			? 'no tension'
			: HAND[hand];

/** One line of what happened, after so many main rows. */
export function wordHappened(h: Happened, wasteBefore: number, machine: Machine): string {
	const row = h.row - wasteBefore;
	const at = row < 0 ? 'In the waste' : `After row ${row}`;
	switch (h.type) {
		case 'ball':
			return `${at}: a new ball.`;
		case 'feed':
			return `${at}: ${wordFed(h, machine)} from there.`;
		case 'note':
			return `${at}: ${h.text}`;
	}
}

/** What a piece is that leaves the machine now. */
export function wordOffNow({ rows, planned, long, plannedLong }: OffNow, s: Say): string {
	if (rows >= planned) return `All ${rowsWord(planned)} are knitted.`;
	return `${rowsWord(rows)} of ${planned} are knitted: ${s.spread(long, 'length')} long, where ${s.spread(plannedLong, 'length')} was planned.`;
}
