import type { HeadFor } from '../model/wish';

/**
 * Head circumference in cm. Craft Yarn Council, Standards and Guidelines (from memory).
 */
export const HEAD_CM = {
	preemie: 30.5,
	baby: 35.5,
	toddler: 40.5,
	child: 45.5,
	woman: 50.5,
	man: 56
} as const;
export type HeadSize = keyof typeof HEAD_CM;

/** Sizes made for babies: hats come off for sleep. */
export const BABY_SIZES: readonly HeadSize[] = ['preemie', 'baby'];

/** Share of the head circumference that a hat covers in height, brim apart (from memory). */
export const VISIBLE_SHARE = 0.4;

export const headCm = (head: HeadFor): number =>
	head.kind === 'table' ? HEAD_CM[head.size] : head.cm;

/** A measured head below this counts as a baby's (cm): between the baby and the toddler of the table. */
const BABY_BELOW_CM = 38;

export const isBaby = (head: HeadFor): boolean =>
	head.kind === 'table' ? BABY_SIZES.includes(head.size) : head.cm < BABY_BELOW_CM;
