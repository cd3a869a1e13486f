import { entryAt } from '../../quantity/sure';
/** Craft Yarn Council, Standard Yarn Weight System: knit stitches to 4 in of stockinette (from memory). */
export const WEIGHT_CLASSES = [
	{ class: 0, name: 'Lace', stitches4in: [33, 40] },
	{ class: 1, name: 'Super fine', stitches4in: [27, 32] },
	{ class: 2, name: 'Fine', stitches4in: [23, 26] },
	{ class: 3, name: 'Light', stitches4in: [21, 24] },
	{ class: 4, name: 'Medium (worsted)', stitches4in: [16, 20] },
	{ class: 5, name: 'Bulky', stitches4in: [12, 15] },
	{ class: 6, name: 'Super bulky', stitches4in: [7, 11] },
	{ class: 7, name: 'Jumbo', stitches4in: [4, 6] }
] as const;

/** The class most begin with. */
export const MEDIUM = 4;

/** Usual metres per 100 g of one strand, by class; a sensible first value in a form (from memory). */
export const USUAL_METRES_PER_100G = [800, 400, 320, 260, 200, 130, 80, 40] as const;

/** Tex in the middle of a class, from its usual metres per 100 g. */
export const texOfClass = (weightClass: number): number =>
	100_000 / entryAt(USUAL_METRES_PER_100G, weightClass);

/** The class whose usual tex is nearest, in proportion. */
export const classOfTex = (tex: number): number =>
	USUAL_METRES_PER_100G.reduce<number>(
		(best, _, c) =>
			Math.abs(Math.log(tex / texOfClass(c))) < Math.abs(Math.log(tex / texOfClass(best)))
				? c
				: best,
		0
	);
