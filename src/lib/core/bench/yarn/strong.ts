import type { Yarn } from '../../model/bench';
import { colourApart } from './colour';

/** Yarns that can be pulled as a drawstring, as single strands. */
export const strongOf = <Y extends Pick<Yarn, 'strength' | 'strands'>>(yarns: readonly Y[]): Y[] =>
	yarns.filter((y) => y.strength !== 'weak' && y.strands === 1);

/** The strong yarn that looks most like a colour, #rrggbb. */
export const likestStrong = <Y extends Pick<Yarn, 'strength' | 'strands' | 'colour'>>(
	yarns: readonly Y[],
	colour: string
): Y | undefined =>
	strongOf(yarns).toSorted(
		(a, b) => colourApart(a.colour, colour) - colourApart(b.colour, colour)
	)[0];
