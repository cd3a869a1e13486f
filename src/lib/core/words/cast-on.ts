import { weave } from '../bench/machine/ring';
import { pinNumber } from '../model/pin-number';
import type { RunSheetEvent, TailLeft } from '../crank/events';
import { isSpare } from '../program/program';
import { say, sentences } from '../quantity/say';
import { wordFeed } from './feed';
import { wordCounter } from './place';
import { wordTail } from './tails';
import type { EventContext } from './context';
import { yarnsIn, type EventSaid } from './yarn';

type CastOn = Extract<RunSheetEvent, { kind: 'cast-on' }>;

/** Up to so many pins the first rows catch tight (common practice; the number is from memory). */
const SMALL_RING_PINS = 24;

/** What a tail does where its end is drawn up: a knot would stop it. */
const DRAWN_UP = new Set<TailLeft['use']>([
	'gather',
	'crown',
	'gather-doubled',
	'crown-doubled',
	'tip',
	'toe',
	'zip',
	'cord-end'
]);

function wordWeave({ low, high, holder }: CastOn, { machine }: EventContext): string {
	const pins = high - low + 1;
	const { even } = weave(pins);
	const all = pins === machine.pins;
	const no = (at: number) => pinNumber(machine, at);
	const where = all ? `all ${pins} pins from pin ${no(0)}` : `pins ${no(low)} to ${no(high)}`;
	const ends = even
		? 'the last goes behind'
		: 'the last goes in front like the first, which is fine';
	const held =
		holder === null
			? ''
			: ` The tail goes round pin ${no(holder)} beside them until the first rows hold, and the yarn stays in your hand all the way.`;
	return `In front of one pin and behind the next, ${where}; ${ends}.${held}`;
}

function wordMethod(e: CastOn, c: EventContext): string {
	const pins = e.high - e.low + 1;
	const no = (at: number) => pinNumber(c.machine, at);
	const where = pins === c.machine.pins ? `all ${pins} pins` : `pins ${no(e.low)} to ${no(e.high)}`;
	switch (e.method) {
		case 'weave':
			return wordWeave(e, c);
		case 'e-wrap':
			return `Wrap ${where} once each, the loops crossed, snug and not tight: a finished edge.`;
		case 'rag':
			return `Hang a loop of the rag on each of ${where}; loops that are over hang free.`;
	}
}

/** How a piece begins: which pins, how, with what, and the tail that is left. */
export function wordCastOn(e: CastOn, c: EventContext): EventSaid {
	const { ends } = yarnsIn(c);
	const s = say(c.units);
	const tail = isSpare(e.yarn)
		? e.mainTail
			? `A short tail of waste yarn, ${wordTail(e.tail, s)}; that of ${ends(e.mainTail.yarn)} comes with its first row, ${wordTail(e.mainTail.tail, s)}.`
			: ''
		: `Leave a tail of ${ends(e.yarn)} inside the ring, ${wordTail(e.tail, s)}.`;
	const loose = c.machine.pins <= SMALL_RING_PINS && e.method !== 'rag';
	const drawnUp = !isSpare(e.yarn) && DRAWN_UP.has(e.tail.use);
	return {
		how: sentences(
			wordMethod(e, c),
			'The cast-on is not a row.',
			tail,
			e.feed ? wordFeed(e.feed, c.machine) : ''
		),
		also: sentences(
			loose ? 'Cast on loosely: a small ring catches tight in its first rows.' : '',
			drawnUp ? 'No slip knot: this end is drawn up.' : '',
			isSpare(e.yarn) ? '' : wordCounter(e.place, c.machine)
		)
	};
}
