import type { BodySize } from '../../model/kinds';
import { HEAD_CM } from './head';

/** A body, cm. */
export interface Body {
	readonly chest: number;
	readonly crossBack: number;
	readonly armhole: number;
	readonly upperArm: number;
	/** Underarm to wrist. */
	readonly sleeve: number;
	readonly wrist: number;
	/** Neck to hip, down the back. */
	readonly length: number;
	readonly head: number;
}

type Row = [
	chest: number,
	crossBack: number,
	armhole: number,
	upperArm: number,
	sleeve: number,
	wrist: number,
	length: number,
	head: number
];
const body = (
	...[chest, crossBack, armhole, upperArm, sleeve, wrist, length, head]: Row
): Body => ({ chest, crossBack, armhole, upperArm, sleeve, wrist, length, head });
const { toddler, child, woman, man } = HEAD_CM;

/**
 * Bodies by size, cm. Chest, cross back, armhole depth, upper arm and arm length: Craft Yarn Council, Standards and
 * Guidelines (from memory). Wrist and back length: from memory.
 */
export const BODY: Record<BodySize, Body> = {
	'child-2': body(53, 23.5, 10.5, 18, 21.5, 12, 32, toddler),
	'child-4': body(58.5, 25, 12, 19, 26.5, 12.5, 36, child),
	'child-6': body(63.5, 26, 12.5, 20.5, 29, 13, 40, child),
	'child-8': body(67, 27, 14, 21.5, 31.5, 13.5, 44, child),
	'child-10': body(71, 28.5, 15, 22, 34.5, 14, 47, 50),
	'child-12': body(76, 30.5, 16.5, 23, 38, 14.5, 50, 50),
	'woman-xs': body(76, 35.5, 16, 25, 42, 15, 54, woman),
	'woman-s': body(84, 37, 17, 26, 43, 15.5, 56, woman),
	'woman-m': body(94, 39.5, 18.5, 28, 43, 16, 58, woman),
	'woman-l': body(104, 41.5, 20, 30.5, 44.5, 17, 60, woman),
	'woman-1x': body(114, 43, 21, 34.5, 44.5, 18, 61, woman),
	'woman-2x': body(124, 45.5, 22, 39.5, 45.5, 18.5, 62, woman),
	'man-s': body(89, 40, 22, 30.5, 45.5, 17, 64, man),
	'man-m': body(99, 42.5, 23.5, 33, 47, 17.5, 66, man),
	'man-l': body(109, 45, 24.5, 38, 49.5, 18, 68, man),
	'man-xl': body(119, 46.5, 26, 40.5, 50.5, 19, 70, man)
};

export const BODY_NAMES: Record<BodySize, string> = {
	'child-2': 'child of 2',
	'child-4': 'child of 4',
	'child-6': 'child of 6',
	'child-8': 'child of 8',
	'child-10': 'child of 10',
	'child-12': 'child of 12',
	'woman-xs': 'woman XS',
	'woman-s': 'woman S',
	'woman-m': 'woman M',
	'woman-l': 'woman L',
	'woman-1x': 'woman 1X',
	'woman-2x': 'woman 2X',
	'man-s': 'man S',
	'man-m': 'man M',
	'man-l': 'man L',
	'man-xl': 'man XL'
};
