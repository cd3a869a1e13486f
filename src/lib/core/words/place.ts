import { wordMarker } from '../bench/machine/ring';
import { pinNumber } from '../model/pin-number';
import type { YarnPlace } from '../crank/row-by-row';
import type { Machine } from '../model/bench';
import { wordEdge } from './hands';

/** Where the ring stands when a row is done: a round at the marker, a panel at the edge its last row ended at. */
export const wordPlace = (place: YarnPlace, machine: Machine): string =>
	place.in === 'tube'
		? `At the marker, ${wordMarker(machine)}`
		: `At pin ${pinNumber(machine, place.pin)}, the ${wordEdge(place.edge, machine)}`;

/** On which side of a pin, for the maker, the row comes from, and where it goes on: pins pass from right to left where the ring turns clockwise. */
export const sidesOfPin = ({ turns }: Machine): { readonly old: string; readonly next: string } =>
	turns === 'clockwise' ? { old: 'left', next: 'right' } : { old: 'right', next: 'left' };

/** Who counts what is knitted here: the machine's own counter, or the maker. */
export function wordCounter(place: YarnPlace, { counter }: Machine): string {
	if (counter === 'both' || (counter === 'tube' && place.in === 'tube')) return 'Zero the counter.';
	return counter === 'tube' ? 'The counter counts rounds only: count here.' : '';
}
