import { entryAt } from '../quantity/sure';
import type { Meant, Wild } from '../learn/ask';
import {
	wholeLength,
	type Compared,
	type Lesson,
	type Moved,
	type PaceMoved
} from '../learn/lesson';
import { lengthIn } from '../learn/measured';
import type { Forecast, MeasuredResult } from '../model/project';
import type { Estimate } from '../quantity/estimate';
import { printValue, printWithSpread } from '../quantity/print';
import type { Units } from '../quantity/units';
import { rowsWord, say } from '../quantity/say';

const WHEN = {
	'at-once': 'at once',
	rested: 'after a rest',
	washed: 'after a wash',
	'on-head': 'on the head'
} as const;

export const wordWhen = (when: MeasuredResult['when']): string => WHEN[when];

/** Which piece and row a note speaks of: `sleeve, row 53`; empty where of the whole. */
export const wordAbout = (about: MeasuredResult['about']): string =>
	[about?.piece?.toLowerCase() ?? '', about?.row ? `row ${about.row}` : '']
		.filter((w) => w !== '')
		.join(', ');

/** How a measured value stands to the plan, in one phrase. */
export function wordDeviation(c: Compared): string {
	if (!c.planned) return 'not planned as one figure';
	if (c.odd) return 'marked odd: it weighs little';
	const d = Math.abs(c.deviations);
	if (d <= 1) return 'as planned';
	const side = c.deviations > 0 ? 'more' : 'less';
	return d <= 2 ? `a little ${side}` : `${side} than the plan’s spread`;
}

/** What was learned for the next one, in one sentence with the maker's own numbers; null where its length was not measured. */
export function wordLesson(lesson: Lesson, result: MeasuredResult, units: Units): string | null {
	const s = say(units);
	const { next } = lesson;
	const [long, measured] = [wholeLength(next), lengthIn(result)];
	if (result.when === 'on-head' || measured === null || !long) return null;
	if (result.when === 'at-once')
		return 'Measured at once, it still hangs stretched: measured again after a rest it teaches more.';
	return `measured ${s.length(measured)} from ${result.rowsKnitted} rows: next time ${entryAt(next.pieces, 0).mainRows} for ${s.length(long.mean)}`;
}

/** After its name, of the thing that a plan was made another of: its rows, and those the plan has now, for what length. */
export function wordAnother(
	then: number,
	{ rows, long }: { readonly rows: number; readonly long: Estimate | undefined },
	units: Units
): string {
	const length = long ? ` for ${printWithSpread(long, 'length', units)}` : '';
	const now = then === rows ? `this one has as many${length}` : `this one has ${rows}${length}`;
	return `was knitted in ${rowsWord(then)}: ${now}.`;
}

/** Less than this share of a density or a loop is no change worth a word. */
const LEAST_CHANGE = 0.001;
const changed = (was: Estimate, is: Estimate) =>
	Math.abs(is.mean / was.mean - 1) > LEAST_CHANGE ||
	Math.abs(is.sd / is.mean - was.sd / was.mean) > LEAST_CHANGE;

/** What a project taught, a sentence a figure that moved or narrowed, with where it stood before. */
export function wordMoved(moved: readonly Moved[], units: Units): string[] {
	return moved.flatMap(({ machine, yarn, was, is }) => {
		const figures = [
			{ name: 'rows', kind: 'row-density', was: was.rowsPerCm, is: is.rowsPerCm },
			{ name: 'stitches', kind: 'stitch-density', was: was.stitchesPerCm, is: is.stitchesPerCm },
			{ name: 'yarn in a stitch', kind: 'loop', was: was.loopCm, is: is.loopCm }
		] as const;
		return figures.flatMap((f) => {
			if (!changed(f.was, f.is)) return [];
			const stood = f.was.basis === 'estimated' ? 'estimated' : 'expected';
			return [
				`${f.name} of ${yarn.name} on ${machine.pins} pins: ${printWithSpread(f.is, f.kind, units)}, where ${printWithSpread(f.was, f.kind, units)} was ${stood}`
			];
		});
	});
}

const PACE_OF: Readonly<Record<PaceMoved['of'], (pins: number) => string>> = {
	all: (pins) => `time on ${pins} pins`,
	tube: (pins) => `time of a row on ${pins} pins`,
	panel: (pins) => `time of a row of panel on ${pins} pins`,
	joins: () => 'time of a join',
	hands: () => 'time of other work by hand'
};
const timesWord = (e: Estimate): string => `${e.mean.toFixed(2)} ± ${e.sd.toFixed(2)}`;
/** What a project taught of the maker's pace, a sentence a kind of work. */
export const wordPaceMoved = (moved: readonly PaceMoved[]): string[] =>
	moved.map(({ machine, of, was, is }) => {
		const before = was ? `, where ${timesWord(was)} was known` : '';
		return `${PACE_OF[of](machine.pins)}: ${timesWord(is)} times what most take${before}`;
	});

/** Why a look taught the gauge nothing. */
export function wordNothing(result: MeasuredResult, told: Forecast): string {
	const measured = result.sizes.length > 0 || result.grams !== null;
	if (!measured) return 'It teaches the gauge nothing: no size and no weight of it was taken.';
	const hangs = result.sizes.some((m) => told.sizes.some((s) => s.id === m.id && s.by.length > 0));
	return hangs
		? 'It teaches the gauge nothing new: it came out as was known already.'
		: 'It teaches the gauge nothing: what was measured does not hang by rows or stitches to the cm.';
}

const MEANT: Record<Meant, string> = {
	'one-layer': 'was it one layer',
	'both-layers': 'was it both layers together',
	inches: 'was it in inches',
	centimetres: 'was it in centimetres'
};
/** What a reading that can hardly be would say, and how it is likelier to be meant. */
export function wordWild(w: Wild, units: Units): string {
	const kind = w.side === 'rows' ? 'row-density' : 'stitch-density';
	const asked = w.meant ? `: ${MEANT[w.meant.as]}?` : '. Look again at the tape.';
	return `That would be ${printValue(w.would, kind, units)} where you had ${printValue(w.was, kind, units)}${asked}`;
}
/** On the press that takes it as it is likelier meant. */
export const wordMeant = (meant: NonNullable<Wild['meant']>, units: Units): string =>
	`Yes: ${printValue(meant.cm, 'length', units)}`;
