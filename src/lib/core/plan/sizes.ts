import type { Plan } from '../plan';
import type { Estimate } from '../quantity/estimate';

/** The length a maker measures on the flat piece, cm: the whole tube, or a flag from edge to tip. */
export const lengthOf = (p: Plan): Estimate =>
	p.shape === 'hat' ? p.hat.tubeFlat : p.shape === 'tube' ? p.tube.flatLength : p.flag.height;

/** Its width lying flat, cm: half the tube, or a flag's top edge. */
export const widthOf = (p: Plan): Estimate =>
	p.shape === 'hat'
		? p.figures.flatWidth.value
		: p.shape === 'tube'
			? p.figures.width.value
			: p.flag.width;

/** Stitches across the flat piece. */
export const stitchesAcross = (p: Plan): number =>
	p.shape === 'flags' ? p.flag.stitches : p.pieces[0]!.stitches.first / 2;
