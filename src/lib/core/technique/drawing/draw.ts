import { box, patch, WIDTH, type Ink } from './ink';
import type { BagStage } from '../../recipe/assembled/form/bag';

/** What a drawing is made from. */
export interface Drawing {
	/** Loops of the edge. */
	readonly loops: number;
	/** The side the hand works from: a mirror image for the other hand. */
	readonly side?: 'left' | 'right';
	readonly row?: number;
	readonly wraps?: number;
	readonly stage?: BagStage;
}

export type Draw = (d: Drawing) => { readonly inks: readonly Ink[]; readonly says: string };

export const LEFT = 14;
export const RIGHT = WIDTH - 14;
export const cloth = (y: number, h: number, tone: 'fabric' | 'second' = 'fabric'): Ink =>
	patch(box(LEFT, y, RIGHT - LEFT, h), tone);
