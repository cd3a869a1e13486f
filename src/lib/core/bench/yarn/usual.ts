import type { Yarn } from '../../model/bench';
import { entryAt } from '../../quantity/sure';
import { COLOUR_NAMES } from './colour-names';
import { MEDIUM, USUAL_METRES_PER_100G } from './weight-class';

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

/** Of a label, what a maker has at hand when a yarn is new. */
export interface Label {
	readonly name: string;
	readonly weightClass?: number;
	/** m in 100 g; what is usual for the class where left out. */
	readonly metresPer100g?: number | null;
	/** On hand, g. */
	readonly grams: number;
}
/** Where a name names no colour. */
const UNDYED = '#8f979c';

/** A yarn by the name of its colour and what its label says, medium where it says nothing; all else is usual, to be corrected. */
export function yarnIn(id: Yarn['id'], colourName: string, label: Label): Yarn {
	const { weightClass = MEDIUM } = label;
	return {
		id,
		name: label.name,
		colourName,
		colour: COLOUR_NAMES[colourName] ?? UNDYED,
		weightClass,
		metresPer100g: label.metresPer100g ?? entryAt(USUAL_METRES_PER_100G, weightClass),
		fibres: [{ fibre: 'wool', percent: 100 }],
		gramsOnHand: label.grams,
		...usualYarn()
	};
}
