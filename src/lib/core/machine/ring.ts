import type { Machine } from '../model/bench';

/** The pin, counted from 1 as on the ring, at which the marker stands. */
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
