import type { YarnPlace } from '../crank/row-by-row';
import type { RunSheetEvent } from '../crank/runsheet';
import { isSpare } from '../program/program';
import type { Machine, Yarn } from '../model/bench';
import { markerPin } from '../bench/machine/ring';
import { wordEdge, wordHands } from './hands';
import { say } from '../quantity/say';
import { wordStrands, wordYarn, type EventWords } from './yarn';
import { wordTail } from './tails';
import type { Units } from '../quantity/units';

export interface EventContext {
	readonly units: Units;
	readonly machine: Machine;
	readonly yarnName: (yarn: number) => string;
	/** Held together, of a yarn of the plan. */
	readonly strands: (yarn: number) => number;
}

/** What the words at the crank need to know of a plan. */
export const eventContext = (
	plan: { readonly yarns: readonly Pick<Yarn, 'colourName' | 'strands'>[] },
	machine: Machine,
	units: Units
): EventContext => ({
	units,
	machine,
	yarnName: (i) => plan.yarns[i]?.colourName ?? 'yarn',
	strands: (i) => plan.yarns[i]?.strands ?? 1
});

/** Where the yarn is changed: a round at the marker, a panel at the edge its last row ended at. */
const wordPlace = (place: YarnPlace, machine: Machine): string =>
	place.in === 'tube'
		? `At the marker, pin ${markerPin(machine)}.`
		: `At pin ${place.pin + 1}, the ${wordEdge(place.edge, machine.turns)}.`;

/** Whether the machine's own counter counts what is knitted here. */
const counts = (place: YarnPlace, machine: Machine): boolean =>
	machine.counter === 'both' || (machine.counter === 'tube' && place.in === 'tube');

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

type EventOf<K extends RunSheetEvent['kind']> = Extract<RunSheetEvent, { kind: K }>;

/** How yarns are said in one context: by their name, and with how many strands at an end. */
const yarnsIn = (c: EventContext) => {
	const yarn = (i: number) => wordYarn(i, c.yarnName);
	const ends = (i: number) => (isSpare(i) ? yarn(i) : `${wordStrands(c.strands(i))}${yarn(i)}`);
	return { yarn, ends };
};

function wordCastOn(e: EventOf<'cast-on'>, c: EventContext): EventWords {
	const { yarn, ends } = yarnsIn(c);
	const tail = `Leave a tail of ${ends(e.yarn)}, ${wordTail(e.tail, say(c.units))}.`;
	return {
		title: `Cast on with ${yarn(e.yarn)}`,
		how: `${CAST_ON[e.method]}${isSpare(e.yarn) ? '' : ` ${tail}`}`
	};
}

function wordJoin(e: EventOf<'join'>, c: EventContext): EventWords {
	const { yarn, ends } = yarnsIn(c);
	const s = say(c.units);
	const always = !isSpare(e.to) && !e.first && e.place.in === 'tube';
	return {
		title: `Change to ${yarn(e.to)}`,
		how: `${wordPlace(e.place, c.machine)} Cut ${ends(e.from)}, leaving ${wordTail(e.old, s)}. New tail of ${ends(e.to)} to the inside, ${wordTail(e.new, s)}${always ? '; always at this pin' : ''}.${e.first && counts(e.place, c.machine) ? ' Zero the counter.' : ''}`
	};
}

function wordTakeOff(e: EventOf<'take-off'>, c: EventContext): EventWords {
	const panel = e.place.in === 'panel';
	const tail = wordTail(e.tail, say(c.units));
	if (e.method === 'needle')
		return {
			title: 'Cut and take off',
			how: `Leave a tail of ${tail}. ${
				panel
					? `The yarn is ${lower(wordPlace(e.place, c.machine))} Turn on to where the loops come up and take each onto the needle, the next pin still holding its loop.`
					: 'One empty round stopped just short of the start, then every loop onto the needle from inside out, a few at a time.'
			}`
		};
	return {
		title: 'Crank off',
		how: `Cut the waste yarn and crank on with no yarn${panel ? ', forward to the panel’s end and back: it' : ': the tube'} drops off on its waste rows. The main yarn’s tail hangs before them, ${tail}.`
	};
}

/** What the hands do, in the maker's words. */
export function wordEvent(e: RunSheetEvent, c: EventContext): EventWords {
	switch (e.kind) {
		case 'cast-on':
			return wordCastOn(e, c);
		case 'hands':
			return wordHands(e.work, c.machine);
		case 'slow':
			return { title: 'Crank slowly', how: SLOW[e.why] };
		case 'join':
			return wordJoin(e, c);
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
				title: `${yarnsIn(c).yarn(e.yarn)} runs out here`,
				how: `By your grams on hand. Have the next ball ready and join ${e.place.in === 'tube' ? 'at the marker' : 'at an edge'}.`
			};
		case 'take-off':
			return wordTakeOff(e, c);
	}
}

const lower = (s: string): string => s.charAt(0).toLowerCase() + s.slice(1);
