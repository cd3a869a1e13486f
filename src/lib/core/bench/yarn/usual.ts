import type { Yarn } from '../../model/bench';

/** What a yarn is taken for where nobody said otherwise: a smooth, strong, stretchy single of unknown care. */
export const usualYarn = () =>
	({
		ballGrams: 100,
		strands: 1,
		strength: 'strong',
		surface: 'smooth',
		stretch: 'stretchy',
		wrapsPerInch: null,
		wash: 'unknown',
		dry: 'unknown',
		phases: [],
		heldTogether: [],
		cutFrom: null
	}) satisfies Partial<Yarn>;
