import type { Turns } from '$lib/core/model/kinds';

/**
 * The ring from above, the feeder at the bottom towards the maker. At rest pin 1 stands at the feeder and the pins follow so
 * that turning the ring its own way brings the next one there: to the right of the feeder where it turns clockwise.
 */
export const wayOf = (turns: Turns): 1 | -1 => (turns === 'clockwise' ? 1 : -1);

/** Where a pin (from 1) stands on a circle round 0, 0, with y downwards. */
export function pinPlace(
	pin: number,
	pins: number,
	radius: number,
	turns: Turns
): readonly [number, number] {
	const a = Math.PI / 2 - wayOf(turns) * ((pin - 1) / pins) * 2 * Math.PI;
	return [radius * Math.cos(a), radius * Math.sin(a)];
}

/** Degrees, clockwise on the screen, that bring a pin (from 1) to the feeder. */
export const degreesTo = (pin: number, pins: number, turns: Turns): number =>
	wayOf(turns) * ((pin - 1) / pins) * 360;
