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

/** From this share on a yarn behaves as cotton does, percent (from memory). */
const MOSTLY = 60;
/** Percent of cotton in a yarn that is mostly of it; 0 for any other. */
export function mostlyCotton({ fibres }: Pick<Yarn, 'fibres'>): number {
	const percent = fibres.find((f) => f.fibre === 'cotton')?.percent ?? 0;
	return percent >= MOSTLY ? percent : 0;
}
