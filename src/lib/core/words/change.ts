import { pinNumber } from '../model/pin-number';
import type { RunSheetEvent } from '../crank/events';
import { isSpare } from '../program/program';
import { say, capital, sentences } from '../quantity/say';
import { wordFeed } from './feed';
import { sidesOfPin, wordCounter, wordPlace } from './place';
import { wordTail } from './tails';
import type { EventContext } from './context';
import { yarnsIn, type EventSaid } from './yarn';

type Join = Extract<RunSheetEvent, { kind: 'join' }>;

/** Where the cut end hangs, and where the new one goes in. */
function wordEnds({ place }: Join, { machine }: EventContext) {
	const { old, next } = sidesOfPin(machine);
	if (place.in === 'tube')
		return {
			old: `to the ${old} of pin ${pinNumber(machine, machine.pins - 1)}, where it stays caught`,
			next: `to the ${next} of pin ${pinNumber(machine, 0)} and under it`
		};
	return { old: 'outside that pin, where it stays caught', next: 'under that pin' };
}

/** A change of yarn: where, what becomes of the cut end, and where the new one goes in. */
export function wordJoin(e: Join, c: EventContext): EventSaid {
	const { yarn, ends } = yarnsIn(c);
	const s = say(c.units);
	const at = wordEnds(e, c);
	const always = !isSpare(e.to) && !e.first && e.place.in === 'tube';
	return {
		how: sentences(
			`${wordPlace(e.place, c.machine)}.`,
			e.old
				? `Cut ${ends(e.from)} and lead it ${at.old}, leaving ${wordTail(e.old, s)}.`
				: `${capital(yarn(e.from))} is broken already.`,
			`Lead ${ends(e.to)} ${at.next}, its tail to the inside, ${wordTail(e.new, s)}${always ? '; always at this pin' : ''}.`,
			e.feed ? wordFeed(e.feed, c.machine) : '',
			e.first ? wordCounter(e.place, c.machine) : ''
		)
	};
}

type Broken = NonNullable<Extract<RunSheetEvent, { kind: 'hands' }>['broken']>;

/** Yarn broken beside a held group. */
export function wordBroken({ yarn, old, new: fresh, pin }: Broken, c: EventContext): string {
	const { ends } = yarnsIn(c);
	const s = say(c.units);
	const again = fresh
		? ` Thread it again at pin ${pinNumber(c.machine, pin)}, the new edge, its tail to the inside, ${wordTail(fresh, s)}.`
		: '';
	return `Break ${ends(yarn)} with a tail of ${wordTail(old, s)}.${again}`;
}
