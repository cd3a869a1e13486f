/** The words a record may choose from. Kept apart from the schemas, so that computing with them needs no schema library. */

export const FIBRES = [
	'wool',
	'acrylic',
	'cotton',
	'alpaca',
	'linen',
	'nylon',
	'silk',
	'mohair',
	'other'
] as const;
export type Fibre = (typeof FIBRES)[number];

/** The warmest wash a label allows, the gentlest first. */
export const WASHES = ['unknown', 'hand', 'machine-30', 'machine-40'] as const;
export type Wash = (typeof WASHES)[number];

/** The roughest drying a label allows, the gentlest first. */
export const DRIES = ['unknown', 'flat', 'line', 'tumble'] as const;
export type Dry = (typeof DRIES)[number];

export const NOTATIONS = ['per-10cm', 'per-4in', 'per-1in', 'cm-to-40', 'tube'] as const;
export type Notation = (typeof NOTATIONS)[number];

export const STATES = ['fresh', 'rested', 'washed'] as const;
export type SwatchState = (typeof STATES)[number];
/** Which state of a swatch speaks first: washed before rested, fresh off the machine last. */
export const STATES_BEST_FIRST: readonly SwatchState[] = ['washed', 'rested', 'fresh'];
/** A pulled reading is of the swatch stretched as in wear: it sets stretch and shortening, never a size. */
export const READING_STATES = [...STATES, 'pulled'] as const;
export type ReadingState = (typeof READING_STATES)[number];

export const FAULTS = ['dropped', 'tuck', 'split', 'unseated'] as const;
export type FaultKind = (typeof FAULTS)[number];
export const HANDS = ['none', 'light', 'crossed'] as const;
export type Hand = (typeof HANDS)[number];
export const VERDICTS = ['runs', 'care', 'fails'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** Head sizes by name; circumferences are in `size/head.ts`. */
export const HEAD_SIZES = ['preemie', 'baby', 'toddler', 'child', 'woman', 'man'] as const;
