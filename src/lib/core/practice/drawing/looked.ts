import type { Hand } from '../../simulate/hand/hand';
import type { Diagram } from '../../technique/drawing/ink';
import type { Learner } from '../lesson';
import { PITCH } from './marks';

/** What is looked at: so many pins round one, and so many rows of the fabric below them. */
export interface Looked {
	readonly hand: Hand;
	readonly m: Learner;
	readonly centre: number;
	readonly pins: number;
	readonly rows: number;
}
export interface Place {
	readonly pin: number;
	readonly x: number;
	/** Of the edge that lies behind. */
	readonly back?: boolean;
}
/** A drawing, and where its pins stand in it. */
export interface Near extends Diagram {
	readonly places: readonly Place[];
}

export const HOOK_Y = 44;
export const DOWN_Y = 78;
export const HIGH_Y = 54;
export const BASE_Y = 112;
export const LABEL_Y = 30;
/** Of fabric on the table. */
export const OFF_Y = 40;

/** Pins as the maker sees them from the feeder: those to come on the side that they come from. */
export function placesOf({ hand, m, centre, pins }: Looked): Place[] {
	const half = Math.floor(pins / 2);
	const way = m.turns === 'clockwise' ? 1 : -1;
	return Array.from({ length: pins }, (_, i) => ({
		pin: (((centre + way * (i - half)) % hand.pins) + hand.pins) % hand.pins,
		x: PITCH * (i + 0.75)
	}));
}

/** Whether pins stand there: off the machine there are none. */
export const stands = ({ bed, cleared }: Hand): boolean =>
	bed.ends() !== undefined || bed.made === 0 || cleared;
/** Where the fabric begins. */
export const baseOf = (hand: Hand): number => (stands(hand) ? BASE_Y : OFF_Y);
