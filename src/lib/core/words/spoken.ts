import { capital, uncapital } from '../quantity/say';
import { entryAt, last } from '../quantity/sure';
import type { RunSheetEvent } from '../crank/events';
import type { RunSheet } from '../crank/runsheet';
import type { EventContext } from './context';
import { wordEvent } from './events';

/** So many rows before something is done it is said. */
const WARN_ROWS = 2;

/** What the crank does next, said aloud; what runs along by itself is not. */
const isSaid = (e: RunSheetEvent): boolean => e.kind !== 'slow' && e.kind !== 'cast-on';

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five'];
const list = (words: readonly string[]): string =>
	words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${last(words)}`;

/** What is said once `done` rows are done: "two more, then change to foam"; null for nothing. */
export function spokenAt(sheet: RunSheet, done: number, context: EventContext): string | null {
	const titles = (after: number) =>
		sheet.events
			.filter((e) => isSaid(e) && e.after === after)
			.map((e) => uncapital(wordEvent(e, context).title));
	const now = titles(done);
	if (now.length > 0) return `Now ${list(now)}.`;
	for (let ahead = 1; ahead <= WARN_ROWS; ahead++) {
		const then = titles(done + ahead);
		if (then.length > 0) return `${capital(entryAt(NUMBERS, ahead))} more, then ${list(then)}.`;
	}
	return null;
}

/** Whether something is done at this row: it has a sound of its own. */
export const isEventRow = (sheet: RunSheet, done: number): boolean =>
	sheet.events.some((e) => isSaid(e) && e.after === done);

/** Whether something comes within the next rows: another sound. */
export const isWarnRow = (sheet: RunSheet, done: number): boolean =>
	!isEventRow(sheet, done) &&
	sheet.events.some((e) => isSaid(e) && e.after > done && e.after - done <= WARN_ROWS);
