import { entryAt } from '$lib/core/quantity/sure';
import type { Yarn } from '$lib/core/model/bench';
import { COLOUR_NAMES, FIRST_COLOURS } from '$lib/core/bench/yarn/colour-names';
import { usualYarn } from '$lib/core/bench/yarn/usual';
import { USUAL_METRES_PER_100G } from '$lib/core/bench/yarn/weight-class';

/** A medium yarn to start from; every value is there to be corrected from the label. */
export function firstYarn(id: Yarn['id'], howMany: number): Yarn {
	const colourName = entryAt(FIRST_COLOURS, howMany % FIRST_COLOURS.length);
	return {
		id,
		name: `Yarn ${howMany + 1}`,
		colourName,
		colour: COLOUR_NAMES[colourName] ?? '#8f979c',
		weightClass: 4,
		metresPer100g: USUAL_METRES_PER_100G[4],
		fibres: [{ fibre: 'wool', percent: 100 }],
		gramsOnHand: 100,
		...usualYarn()
	};
}
