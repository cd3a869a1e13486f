import { entryAt } from '$lib/core/quantity/sure';
import type { Yarn } from '$lib/core/model/bench';
import { usualYarn } from '$lib/core/bench/yarn/usual';
import { USUAL_METRES_PER_100G } from '$lib/core/bench/yarn/weight-class';

const COLOURS = ['#2f7f93', '#c65a3a', '#e0b64a', '#4d6b3c', '#7d5a8c', '#d9d5c7'];

/** A medium yarn to start from; every value is there to be corrected from the label. */
export function firstYarn(id: Yarn['id'], howMany: number): Yarn {
	return {
		id,
		name: `Yarn ${howMany + 1}`,
		colourName: 'its colour',
		colour: entryAt(COLOURS, howMany % COLOURS.length),
		weightClass: 4,
		metresPer100g: USUAL_METRES_PER_100G[4],
		fibres: [{ fibre: 'wool', percent: 100 }],
		gramsOnHand: 100,
		...usualYarn()
	};
}
