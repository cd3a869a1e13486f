import type { Evidence } from '../model/project';

/** The state that a look at a thing speaks of. */
export const STATE_OF = {
	'at-once': 'fresh',
	rested: 'rested',
	washed: 'washed',
	'on-head': 'worn'
} as const satisfies Record<string, Evidence['state']>;

/** A tape along a thing that lies: half a hundredth and 3 mm (one sd, from memory). */
const TAPE = { share: 0.005, cm: 0.3 };
/** Kept though it is marked odd: it is believed this much less. */
const ODD = 10;

/** Share of a length that the tape, and what no gauge explains of it, may err (one sd). */
export const erring = (cm: number, own: number, odd: boolean): number =>
	Math.hypot(TAPE.share, TAPE.cm / cm, own) * (odd ? ODD : 1);
