import type { Machine } from './bench';

/** What numbers of pins go by. */
export type Numbered = Pick<Machine, 'pins' | 'firstPin'>;
/** The number that a pin, by its place from 0, carries: they count on from that of the first, round the ring. */
export const pinNumber = ({ pins, firstPin }: Numbered, at: number): number =>
	((firstPin - 1 + at) % pins) + 1;
/** The place, from 0, of the pin that carries a number from 1 to as many as there are pins. */
export const pinNumbered = ({ pins, firstPin }: Numbered, number: number): number =>
	(((number - firstPin) % pins) + pins) % pins;
