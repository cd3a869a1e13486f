import { entryAt } from '../quantity/sure';
import { wholeLength, type Compared, type Lesson } from '../learn/lesson';
import { LEAST_TAUGHT, type Untaught } from '../learn/teaches';
import type { MeasuredResult } from '../model/project';
import type { Units } from '../quantity/units';
import { say } from '../quantity/say';

const WHEN = {
	'at-once': 'at once',
	rested: 'after a rest',
	washed: 'after a wash',
	'on-head': 'on the head'
} as const;

export const wordWhen = (when: MeasuredResult['when']): string => WHEN[when];

/** Why a thing teaches the gauge nothing: said where it is logged. */
const UNTAUGHT: Record<Untaught, string> = {
	shape: 'what is shaped, sewn or stuffed is not taken for a gauge yet',
	hem: 'the rows of a hung hem lie double, and are not taken for a gauge yet',
	cord: 'a cord of a few pins rolls, and says nothing of a tube',
	copies: 'one length for several like pieces is not taken for a gauge yet',
	'few-rows': `fewer than ${LEAST_TAUGHT.rows} rows curl too much to measure by`,
	'few-pins': `fewer than ${LEAST_TAUGHT.pins} pins make no tube to measure by`
};
export const wordUntaught = (why: Untaught): string =>
	`It teaches the next plan nothing: ${UNTAUGHT[why]}.`;

/** How a measured value stands to the plan, in one phrase. */
export function wordDeviation(c: Compared): string {
	if (!c.planned) return 'not planned as one figure';
	const d = Math.abs(c.deviations);
	if (d <= 1) return 'as planned';
	const side = c.deviations > 0 ? 'more' : 'less';
	return d <= 2 ? `a little ${side}` : `${side} than the plan’s spread`;
}

/** What was learned for the next one, in one sentence with the maker's own numbers; null where no length was measured. */
export function wordLesson(lesson: Lesson, result: MeasuredResult, units: Units): string | null {
	const s = say(units);
	const { next } = lesson;
	if (result.when === 'on-head') return null;
	if (result.when === 'at-once')
		return 'Measured at once, it still hangs stretched: measure again after a rest, and the next plan learns from that.';
	const long = wholeLength(next);
	// What teaches the gauge nothing promises nothing.
	if (result.tubeCm === null || !long || result.shows !== 'tube') return null;
	return `measured ${s.length(result.tubeCm)} from ${result.rowsKnitted} rows: next time ${entryAt(next.pieces, 0).mainRows} for ${s.length(long.mean)}`;
}
