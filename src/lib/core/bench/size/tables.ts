import { HEAD_CM } from './head';

/** Head circumferences by name. Craft Yarn Council, Standards and Guidelines (from memory). */
export const HEADS = Object.entries(HEAD_CM).map(([name, cm]) => ({ name, cm }));

/** Last over foot: a shoe is so much longer than the foot in it, cm (from memory). */
const LAST_OVER_FOOT_CM = 1.5;
/** A Paris point is two thirds of a centimetre of last: European size = 1.5 x last (ISO/TS 19407, from memory). */
const SIZES_PER_CM = 1.5;

/** Length of foot, cm, in a shoe of a European size. */
export const footCm = (european: number): number => european / SIZES_PER_CM - LAST_OVER_FOOT_CM;
/** European size, not rounded, for a length of foot, cm. */
export const europeanSize = (foot: number): number => (foot + LAST_OVER_FOOT_CM) * SIZES_PER_CM;

/** Feet by European shoe size, in steps that one sock serves. */
export const FEET = [20, 24, 28, 32, 36, 38, 40, 42, 44, 46].map((size) => ({
	name: `shoe ${size}`,
	cm: Math.round(10 * footCm(size)) / 10
}));

/** Round the outside of a cup, cm: 80, 90 and 100 mm across, and a slim glass (from memory). */
export const CUPS = [
	{ name: 'slim glass', cm: 22 },
	{ name: 'cup', cm: 26 },
	{ name: 'mug', cm: 29 },
	{ name: 'wide mug', cm: 32 }
] as const;

/** Round the widest of what a warmer sits on, cm (from memory). */
export const LIMBS = [
	{ name: 'child’s wrist', cm: 14 },
	{ name: 'wrist and palm', cm: 19 },
	{ name: 'man’s palm', cm: 22 },
	{ name: 'child’s calf', cm: 26 },
	{ name: 'calf', cm: 35 },
	{ name: 'wide calf', cm: 42 }
] as const;

/** Round the body under the arms, cm. Craft Yarn Council, Standards and Guidelines (from memory). */
export const BODIES = [
	{ name: 'child of 4', cm: 58.5 },
	{ name: 'child of 8', cm: 67.5 },
	{ name: 'woman S', cm: 84 },
	{ name: 'woman M', cm: 94 },
	{ name: 'woman L', cm: 104 }
] as const;
