import type { Op } from './program';

/** The first or the last main row of a piece: loops that are closed at the table. */
export type RowEnd = 'cast-on' | 'cast-off';

/**
 * What the maker's hands do, pin by pin: each with a small example in `docs/program.md`, by hand. Pins and rows count from 0,
 * lengths are in cm. A recipe has none of them; they are played one at a time, between operations of a program.
 */
export type HandOp =
	/** The cast-on's yarn before or behind a pin. Laid at an earlier one again, what lay beyond it has come off. */
	| { readonly op: 'lay'; readonly pin: number; readonly side: 'before' | 'behind' }
	/** The yarn once round a pin, its loop crossed or open. Wrapped at an earlier one again, what lay beyond it has come off. */
	| { readonly op: 'wrap'; readonly pin: number; readonly loop: 'crossed' | 'open' }
	/** A loop of the rag onto a pin. */
	| { readonly op: 'rag-loop'; readonly pin: number }
	/** Yarn into the feeder, its tail under the pin that comes next; and the old one cut, its tail beside the last pin. */
	| {
			readonly op: 'yarn-in';
			readonly yarn: number;
			readonly tail: 'inside' | 'outside';
			readonly cm: number;
	  }
	| { readonly op: 'yarn-out'; readonly cm: number }
	/** The yarn out of the guide, uncut, and into it again. */
	| { readonly op: 'guide'; readonly yarn: 'in' | 'aside' }
	| { readonly op: 'gate'; readonly to: 'open' | 'closed' }
	/** The crank, by pins. */
	| {
			readonly op: 'turn';
			readonly pins: number;
			readonly way: 'forward' | 'back';
			readonly pace: 'slow' | 'fast';
	  }
	/** Yarn off the ball by hand; the fabric rolled up; its twist taken out; the two tails at a join tied. */
	| { readonly op: 'slack' | 'roll' | 'untwist' | 'tie' }
	/** A loop pressed down on its pin. `rise`: in the next row a loop is made that does not go down. */
	| { readonly op: 'push-down' | 'rise'; readonly pin: number }
	/** The yarn under the bar outside the edge pin, or off it; and its slack drawn out. */
	| { readonly op: 'bar'; readonly how: 'under' | 'off' }
	| { readonly op: 'snug' }
	/** All that hangs on a pin onto the pick; what was lifted from a pin down on one; a pin pushed out of work. */
	| { readonly op: 'lift' | 'idle'; readonly pin: number }
	| { readonly op: 'set'; readonly from: number; readonly pin: number }
	/** A stitch onto the waste strand beside the panel, the needle going in from the edge or towards it. */
	| { readonly op: 'onto-strand'; readonly pin: number; readonly way: 'from-edge' | 'to-edge' }
	/** The loop that the pin `from` made in a row, hung on a pin beside what hangs there. */
	| { readonly op: 'hang'; readonly row: number; readonly from: number; readonly pin: number }
	/** A loop slips off and runs down so many rows. */
	| { readonly op: 'fall'; readonly pin: number; readonly rows: number }
	/** A marker through the loose loop of a column; a rung of it latched, `over` passed by; its top loop on the pin. */
	| { readonly op: 'mark-loop' | 'onto-pin'; readonly pin: number }
	| {
			readonly op: 'rung';
			readonly pin: number;
			readonly face: 'knit' | 'purl';
			readonly over: number;
	  }
	/** All of it off the pins, to begin again. */
	| { readonly op: 'clear' }
	/** Rungs of one ladder drawn through those of the other. */
	| { readonly op: 'cross'; readonly pin: number; readonly rungs: number }
	/** A card stood on a pin, and the yarn wrapped round it: so wide, in pins. */
	| { readonly op: 'card'; readonly pin: number; readonly wide: number }
	/** The needle through a loop at an end of the piece, and the loop off its pin. */
	| {
			readonly op: 'thread';
			readonly end: RowEnd;
			readonly pin: number;
			readonly from: 'inside' | 'outside';
			readonly needle: 'blunt' | 'sharp';
	  }
	| { readonly op: 'ease'; readonly pin: number }
	/** The running yarn drawn up. */
	| { readonly op: 'draw-up'; readonly strand: 1 | 2 }
	/** A loop onto the hook: drawn through the one that is there, or beside it. */
	| { readonly op: 'hook'; readonly pin: number; readonly draw: 'through' | 'beside' }
	/** A loop drawn through the one before it, along the row. */
	| { readonly op: 'chain'; readonly pin: number }
	/** Yarn through all that is on the hook. */
	| { readonly op: 'draw-yarn' }
	| { readonly op: 'fasten' }
	| { readonly op: 'waste-off'; readonly end: RowEnd }
	/** The piece stretched as in wear: what nothing holds runs. */
	| { readonly op: 'tug' }
	/** The machine's counter to nought; and what the maker takes the count for. */
	| { readonly op: 'zero' }
	| { readonly op: 'tell'; readonly rows: number };

/** One act by its name. */
export type HandOpOf<O extends HandOp['op'], H = HandOp> = H extends { readonly op: infer P }
	? O extends P
		? H
		: never
	: never;

/** Anything that is done to a machine: by a program or by hand. */
export type Act = Op | HandOp;
