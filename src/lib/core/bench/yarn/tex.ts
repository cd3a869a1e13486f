import type { Yarn } from '../../model/bench';

/** Linear density in tex (grams per 1000 m, ISO 1144) from metres per 100 g. */
export const texFrom = (metresPer100g: number): number => 100_000 / metresPer100g;

/** Tex of the strands held together: strands add their tex. */
export const effectiveTex = (y: Pick<Yarn, 'metresPer100g' | 'strands'>): number =>
	texFrom(y.metresPer100g) * y.strands;

/** Metres of the held-together yarn in one gram. */
export const metresPerGram = (y: Pick<Yarn, 'metresPer100g' | 'strands'>): number =>
	y.metresPer100g / 100 / y.strands;

/** Equal for yarns that are the same in everything but colour, so that one's swatch speaks for the other. */
export const twistKey = (y: Yarn): string =>
	`${y.name.trim().toLowerCase()}|${y.metresPer100g}|${y.weightClass}`;

export const sameYarnOtherColour = (a: Yarn, b: Yarn): boolean => twistKey(a) === twistKey(b);
