/** Exact definitions: international yard and pound agreement, 1959. */
export const CM_PER_INCH = 2.54;
export const METRES_PER_YARD = 0.9144;
export const GRAMS_PER_OUNCE = 28.349523125;

/**
 * The maker's one unit setting. Everything is stored metric; this only decides how it is shown: centimetres, inches to the
 * tenth, or inches to the eighth.
 */
export const UNITS = ['cm', 'in', 'in-8'] as const;
export type Units = (typeof UNITS)[number];
/** What a bare length is in. */
export const unitOf = (units: Units): 'cm' | 'in' => (units === 'cm' ? 'cm' : 'in');

/** What a number measures; decides its unit on screen. Lengths are cm, yarn is m, mass is g, time is minutes. */
export type QuantityKind =
	| 'length'
	| 'yarn'
	| 'mass'
	| 'rows'
	| 'stitches'
	| 'pins'
	| 'stitch-density'
	| 'row-density'
	| 'percent'
	| 'minutes'
	| 'hours'
	| 'balls'
	| 'loop'
	| 'seconds'
	| 'yarn-per-mass'
	| 'ends'
	| 'things'
	| 'volume'
	| 'fill'
	| 'plain';

export const inchesToCm = (inches: number): number => inches * CM_PER_INCH;
export const cmToInches = (cm: number): number => cm / CM_PER_INCH;
export const yardsToMetres = (yards: number): number => yards * METRES_PER_YARD;
export const metresToYards = (metres: number): number => metres / METRES_PER_YARD;
export const ouncesToGrams = (ounces: number): number => ounces * GRAMS_PER_OUNCE;
export const gramsToOunces = (grams: number): number => grams / GRAMS_PER_OUNCE;

/** Plausible stitches or rows per cm: from a jumbo yarn (1 in 5 cm) to a fine cord (8 to the cm). Wide on purpose. */
export const DENSITY_RANGE = { minPerCm: 0.2, maxPerCm: 8 };

/** Tails are measured off in steps of so much, cm (common practice). */
export const TAIL_STEP_CM = 5;
