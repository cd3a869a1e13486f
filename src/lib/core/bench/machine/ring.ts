import type { Machine } from '../../model/bench';
import { pinNumber, type Numbered } from '../../model/pin-number';

/** The pin, counted from 1 at the first of a row, at which the marker stands. */
export const markerPin = (m: Pick<Machine, 'marker' | 'pins'>): number =>
	m.marker === 'first' ? 1 : m.pins;

export interface WeaveStep {
	/** 1-based pin. */
	readonly pin: number;
	readonly side: 'front' | 'behind';
}

/**
 * The weaving cast-on: in front of one pin, behind the next, round to the marker.
 * `even` tells whether the round closes on the alternation (even pins) or meets two alike (odd pins); either is fine.
 */
export function weave(pins: number): { steps: WeaveStep[]; even: boolean } {
	const steps = Array.from({ length: pins }, (_, i): WeaveStep => ({
		pin: i + 1,
		side: i % 2 === 0 ? 'front' : 'behind'
	}));
	return { steps, even: pins % 2 === 0 };
}

/** Neighbours of the marker and the trip where the ring sticks as well (from memory). */
const STICKS_BESIDE = 1;

/**
 * Pins, from 0, that a panel in tube mode keeps off: the marker, the counter's trip and their neighbours. None where the
 * maker crosses them on purpose.
 */
export function keptOff(
	m: Pick<Machine, 'marker' | 'pins' | 'tripPin' | 'handPanels'>
): readonly number[] {
	if (m.handPanels === 'cross') return [];
	const stuck = [markerPin(m), ...(m.tripPin === null ? [] : [m.tripPin])];
	const near = stuck.flatMap((pin) =>
		Array.from({ length: 2 * STICKS_BESIDE + 1 }, (_, i) => {
			const at = pin - 1 - STICKS_BESIDE + i;
			return ((at % m.pins) + m.pins) % m.pins;
		})
	);
	return [...new Set(near)].sort((a, b) => a - b);
}

/** The longest stretch of pins, from 0, that a panel turned by hand may use: clear of what it keeps off, not across the seam. */
export function clearPins(m: Pick<Machine, 'marker' | 'pins' | 'tripPin' | 'handPanels'>): {
	readonly from: number;
	readonly count: number;
} {
	const off = new Set(keptOff(m));
	let best = { from: 0, count: 0 };
	let from = 0;
	for (let pin = 0; pin <= m.pins; pin++) {
		if (pin < m.pins && !off.has(pin)) continue;
		if (pin - from > best.count) best = { from, count: pin - from };
		from = pin + 1;
	}
	return best;
}

/** `pin 1`, or `pin 1 (white)` where the maker told what marks it. */
export const wordMarker = (m: Numbered & Pick<Machine, 'marker' | 'markerColour'>): string =>
	`pin ${pinNumber(m, markerPin(m) - 1)}${m.markerColour === '' ? '' : ` (${m.markerColour})`}`;
