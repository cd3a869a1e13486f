import type { HeadFor } from '../../model/head';

/**
 * Head circumference in cm. Craft Yarn Council, Standards and Guidelines, up to the child (from memory); its sizes for women
 * and men are labels of hats and too small for heads: those are from memory, no survey named.
 */
export const HEAD_CM = {
	preemie: 30.5,
	baby: 35.5,
	toddler: 40.5,
	child: 45.5,
	woman: 55.5,
	man: 57.5
} as const;
export type HeadSize = keyof typeof HEAD_CM;

/** Sizes made for babies: hats come off for sleep. */
export const BABY_SIZES: readonly HeadSize[] = ['preemie', 'baby'];

/** Share of the head circumference that a child's hat covers in height as worn, brim apart (from memory). */
export const VISIBLE_SHARE = 0.4;

export const headCm = (head: HeadFor): number =>
	head.kind === 'table' ? HEAD_CM[head.size] : head.cm;

/** A measured head below this counts as a baby's (cm): between the baby and the toddler of the table. */
const BABY_BELOW_CM = 38;

export const isBaby = (head: HeadFor): boolean =>
	head.kind === 'table' ? BABY_SIZES.includes(head.size) : head.cm < BABY_BELOW_CM;

/** A measured head from here on is an adult's, cm (from memory). */
const ADULT_FROM_CM = 54;
const ADULTS: readonly HeadSize[] = ['woman', 'man'];
export const isAdult = (head: HeadFor): boolean =>
	head.kind === 'table' ? ADULTS.includes(head.size) : head.cm >= ADULT_FROM_CM;

/** Flat height of one layer of a hat, cm: what is planned, and between what it fits. */
export interface Layer {
	readonly cm: number;
	readonly least: number;
	readonly most: number;
}

/** Not turned, a tube of 52 to 57 cm for any adult and on any ring: a layer of half that (common practice). */
const PLAIN_LAYER: Layer = { cm: 27.25, least: 26, most: 28.5 };
/** Turned, 23 to 24 cm stand above the brim's edge, whatever the brim: 29 to 30 with one of 6 cm (common practice). */
const ABOVE_BRIM: Layer = { cm: 23.5, least: 23, most: 24 };

/** The two flat rules for adults' hats; a brim turned up is added to what stands above it. */
export const adultLayer = (brimCm: number): Layer =>
	brimCm === 0
		? PLAIN_LAYER
		: {
				cm: ABOVE_BRIM.cm + brimCm,
				least: ABOVE_BRIM.least + brimCm,
				most: ABOVE_BRIM.most + brimCm
			};
