import type { RunSheetEvent } from '../runsheet/runsheet';
import { isSpare } from '../program/program';
import type { Machine } from '../model/bench';
import { markerPin } from '../machine/ring';
import { wordHands } from './hands';
import { say, wordYarn, type EventWords } from './say';
import type { Units } from '../quantity/units';

export interface EventContext {
	readonly units: Units;
	readonly machine: Machine;
	readonly yarnName: (yarn: number) => string;
}

const CAST_ON = {
	weave: 'Weave in front of one pin and behind the next, round to the marker. This is not a row.',
	'e-wrap':
		'Wrap each pin once, the loops crossed, snug and not tight: a finished edge. This is not a row.',
	rag: 'Hang the rag’s loops on the pins, one each, and knit on with waste yarn. This is not a row.'
} as const;
const SLOW = {
	first:
		'The first rows: watch every pin take its loop. A fault here is quicker started again than mended.',
	loose:
		'These rows are hung later as a hem: knit them loose, the yarn in the widest slot or eased by hand.',
	join: 'The first row with the new yarn: see that every pin takes it.',
	panel: 'A panel all the way: guard the edge at each turn, and keep the yarn clear of idle pins.',
	hem: 'The row after the hem: two loops on every pin.'
} as const;

/** What the hands do, in the maker's words. */
export function wordEvent(e: RunSheetEvent, c: EventContext): EventWords {
	const yarn = (i: number) => wordYarn(i, c.yarnName);
	const pin = markerPin(c.machine);
	const s = say(c.units);
	switch (e.kind) {
		case 'cast-on':
			return {
				title: `Cast on with ${yarn(e.yarn)}`,
				how: CAST_ON[e.method]
			};
		case 'hands':
			return wordHands(e.work, c.machine);
		case 'slow':
			return {
				title: 'Crank slowly',
				how: SLOW[e.why]
			};
		case 'join':
			return {
				title: `Change to ${yarn(e.to)}`,
				how: `At the marker, pin ${pin}. Cut ${yarn(e.from)}, new tail to the inside, ${s.length(20)} long${isSpare(e.to) ? '' : '; always at this pin'}.${e.first ? ' Zero the counter.' : ''}`
			};
		case 'tie':
			return { title: 'Tie the two tails', how: 'Reach inside, snug, not tight.' };
		case 'mark':
			return {
				title: `Mark row ${e.mainRow}`,
				how: 'Hang a scrap of other yarn in the edge stitch: the rows are counted and sewn by it.'
			};
		case 'roll':
			return {
				title: e.again ? 'Roll up again' : 'Roll up the tube',
				how: 'The fabric reaches the table: roll it into a ring so that it does not push stitches up.'
			};
		case 'clog':
			return {
				title: 'Clear the middle',
				how: 'Untwist the tube, then give it a few turns the other way, so that the next rows unwind it.'
			};
		case 'runs-out':
			return {
				title: `${yarn(e.yarn)} runs out here`,
				how: 'By your grams on hand. Have the next ball ready and join at the marker.'
			};
		case 'take-off':
			return e.method === 'needle'
				? {
						title: 'Cut and take off',
						how: `Leave a tail of ${s.length(Math.round(e.tailCm))}. One empty round stopped just short of the start, then every loop onto the needle from inside out, a few at a time.`
					}
				: {
						title: 'Crank off',
						how: 'Cut the waste yarn and crank on with no yarn: the tube drops off on its waste rows.'
					};
	}
}
