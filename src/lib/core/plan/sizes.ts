import type { Plan } from '../plan';
import type { Estimate } from '../quantity/estimate';

/** The length a maker measures on the flat piece, cm: the whole tube, a flag from edge to tip, or a garment's first piece from its cast-on up. */
export const lengthOf = (p: Plan): Estimate =>
	p.shape === 'hat'
		? p.hat.tubeFlat
		: p.shape === 'tube'
			? p.tube.flatLength
			: p.shape === 'flags'
				? p.flag.height
				: p.first.height;

/** Its width lying flat, cm: half the tube, a flag's top edge, or a garment's first piece. */
export const widthOf = (p: Plan): Estimate =>
	p.shape === 'hat'
		? p.figures.flatWidth.value
		: p.shape === 'tube'
			? p.figures.width.value
			: p.shape === 'flags'
				? p.flag.width
				: p.first.width;

/** Stitches across the flat piece. */
export const stitchesAcross = (p: Plan): number =>
	p.shape === 'flags'
		? p.flag.stitches
		: p.shape === 'garment'
			? (p.garment.made.pieces[0]?.columns ?? 0)
			: (p.pieces[0]?.stitches.first ?? 0) / 2;
