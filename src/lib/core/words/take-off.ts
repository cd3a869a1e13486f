import type { RunSheetEvent } from '../crank/events';
import { say, uncapital } from '../quantity/say';
import type { EventContext } from './context';
import { wordPlace } from './place';
import { wordTail } from './tails';
import { yarnsIn, type EventSaid } from './yarn';

type TakeOff = Extract<RunSheetEvent, { kind: 'take-off' }>;

const TOO_FAR =
	'A ring turned too far lifts loops back into the hooks: lift each off with the needle, none lost. On slippery yarn a finger on the next loop holds it.';

/** What the needle carries, where that is not the tail itself. */
const threadOf = ({ thread }: TakeOff, c: EventContext): string =>
	thread
		? ` Thread the needle with ${say(c.units).tail(thread.cm)} of ${yarnsIn(c).ends(thread.yarn)}.`
		: '';

function wordNeedle(e: TakeOff, c: EventContext): EventSaid {
	const { ends } = yarnsIn(c);
	const cut = `Cut ${ends(e.yarn)} with a tail of ${wordTail(e.tail, say(c.units))}.${threadOf(e, c)}`;
	const loops = e.loops === 1 ? 'the one loop' : `all ${e.loops} loops`;
	return {
		how:
			e.place.in === 'panel'
				? `The row ends ${uncapital(wordPlace(e.place, c.machine))}. ${cut} Turn on to where the loops come up and take ${loops} onto the needle from inside out, each while the next pin still holds its loop.`
				: `${cut} One empty round, stopped just short of the marker; from there take ${loops} onto the needle from inside out, a few at a time, each while the next pin still holds its loop.`,
		also: TOO_FAR
	};
}

/** How a piece leaves the machine. */
export function wordTakeOff(e: TakeOff, c: EventContext): EventSaid {
	if (e.method === 'needle') return wordNeedle(e, c);
	const { ends } = yarnsIn(c);
	const rows = e.wasteRows === 1 ? 'its one row of waste' : `its ${e.wasteRows} rows of waste`;
	const goes =
		e.place.in === 'panel' ? 'forward to the panel’s end and back: it' : 'once round: the tube';
	return {
		how: `Cut the waste yarn and crank on with no yarn, ${goes} drops off on ${rows}. The tail of ${ends(e.yarn)} hangs before them, ${wordTail(e.tail, say(c.units))}.`
	};
}
