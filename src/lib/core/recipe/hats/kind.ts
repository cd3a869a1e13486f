import type { YarnId } from '../../model/bench';
import type { Closing, HatKindId } from '../../model/kinds';
import type { ColourScheme } from './scheme';
import type { HeadFor } from '../../model/head';
import type { StretchLimits } from '../../bench/size/stretch';

/** A hat of one long tube tucked into itself: for whom, in which colours, and how its crown is closed. */
export interface HatKind {
	readonly id: HatKindId;
	/** As its order slip begins. */
	readonly called: string;
	readonly head: HeadFor;
	readonly turnedUp: boolean;
	/** Height of the brim turned up, as worn, cm. */
	readonly brimCm: number;
	readonly closing: Closing;
	/** `a` is the first yarn on the bench, `b` the next, or the same again. */
	readonly scheme: (a: YarnId, b: YarnId) => ColourScheme;
	/** Stretch on the head that it is still worn with; what most fabric gives where not said. */
	readonly stretch?: StretchLimits;
	/** Row counts that makers choose between; it begins with the first. */
	readonly counts?: readonly number[];
	/** Machines it is usual on, by pins. */
	readonly pins: { readonly least: number; readonly most: number };
}
