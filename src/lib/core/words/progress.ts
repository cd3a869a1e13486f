import type { Make } from '../crank/makes';
import { nameMake } from '../crank/makes';
import type { PlannedPiece } from '../crank/piece';
import type { RunState } from '../crank/run';
import { eventsAhead, positionAt } from '../crank/runsheet';
import { rowsWord } from '../quantity/say';
import type { EventContext } from './context';
import { wordEvent } from './events';

/** How far a piece is, and what comes next by the plan as it is now. */
export function wordProgress(
	make: Make<PlannedPiece>,
	{ done, off }: Pick<RunState, 'done' | 'off'>,
	context: EventContext
): string {
	const { sheet, mainRows } = make.piece;
	const main = positionAt(sheet, done)?.main ?? 0;
	const name = nameMake(make);
	if (off)
		return main === mainRows
			? `${name}: off the machine after ${rowsWord(main)}, as planned.`
			: `${name}: off the machine after ${rowsWord(main)} of ${mainRows}.`;
	const over = done - sheet.totalRows;
	if (over > 0)
		return `${name}: ${rowsWord(mainRows + over)} are knitted, ${rowsWord(over)} more than are planned.`;
	const left = mainRows - main;
	const next = eventsAhead(sheet, done).find((e) => e.after > done && e.kind !== 'slow');
	const then = next
		? ` In ${rowsWord(next.after - done)}: ${wordEvent(next, context).title.toLowerCase()}.`
		: '';
	const to = left > 0 ? `, ${rowsWord(left)} to go.` : ', all there are.';
	return `${name}: ${rowsWord(main)} of ${mainRows} are knitted${to}${then}`;
}
