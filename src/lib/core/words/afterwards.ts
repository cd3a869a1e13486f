import { rowsWord, say } from '../quantity/say';
import type { Units } from '../quantity/units';
import type { Change, Edge, Remedy, Sewn } from '../recipe/afterwards';

const AT: Readonly<Record<Edge, string>> = { cuff: 'cuff', hem: 'hem', end: 'end' };
const SEAM: Readonly<Record<Sewn, string>> = {
	side: 'side seam',
	sleeve: 'sleeve seam',
	shoulder: 'shoulder seam',
	'under-arm': 'seam under the arm'
};
const each = (times: number, one: string): string => (times > 1 ? `each ${one}` : `the ${one}`);
const loopsWord = (n: number): string => (n === 1 ? 'one loop' : `${n} loops`);

/** What is done to a finished thing, in one sentence with its numbers. */
export function wordRemedy(r: Remedy, units: Units): string {
	const s = say(units);
	switch (r.do) {
		case 'turn-up':
			return `Turn its brim up by ${s.length(r.cm)} more.`;
		case 'turn-down':
			return `Turn ${s.length(r.cm)} of its brim down.`;
		case 'ravel':
			return `Open the end of ${r.what?.toLowerCase() ?? 'it'} that was knitted last, unravel ${rowsWord(r.rows)} down to row ${r.toRow}, and close it again: about ${s.length(r.cm)} less.`;
		case 'knit-on':
			return `Open the end of ${r.what?.toLowerCase() ?? 'it'} that was knitted last, set its ${loopsWord(r.loops)} back on their pins, knit ${rowsWord(r.rows)} more up to row ${r.toRow}, and close it again: about ${s.length(r.cm)} more.`;
		case 'snip':
			return `Snip one stitch ${rowsWord(r.rows)} in from ${each(r.times, AT[r.at])}, draw that row out loop by loop, and chain off the ${loopsWord(r.loops)} that come free: about ${s.length(r.cm)} less. A first row does not unravel.`;
		case 'band':
			return `Pick up ${loopsWord(r.loops)} along ${each(r.times, AT[r.at])} and add a band of ${rowsWord(r.rows)}: about ${s.length(r.cm)} more.`;
		case 'unpick':
			return `Unpick ${each(r.times, SEAM[r.seam])} by ${rowsWord(r.rows)}, about ${s.length(r.cm)}, and fasten its end there.`;
		case 'close-more':
			return `Sew ${each(r.times, SEAM[r.seam])} on by ${r.by === 'loops' ? loopsWord(r.n) : rowsWord(r.n)} more, about ${s.length(r.cm)}.`;
		case 'open-some':
			return `Unpick ${each(r.times, SEAM[r.seam])} by ${loopsWord(r.loops)} from the neck, about ${s.length(r.cm)}, and fasten its end there.`;
		case 'sew-again':
			return `Unpick ${each(r.times, SEAM[r.seam])} and sew it again loop to loop, ${loopsWord(r.loops)} to a side, no tighter than it lies at ${s.length(r.cm)}.`;
		case 'strip':
			return `Unpick ${each(r.times, SEAM[r.seam])} and let in a strip of ${loopsWord(r.loops)} and ${rowsWord(r.rows)}: about ${s.length(r.cm)} wider, its own seams apart.`;
	}
}

/** What came out otherwise, and why that is worth a change. */
export function wordChange({ label, measured, wanted, by }: Change, units: Units): string {
	const s = say(units);
	const why = by === 'plan' ? 'was foretold' : 'is wanted';
	return `${label}: ${s.length(measured)} where ${s.length(wanted)} ${why}.`;
}
