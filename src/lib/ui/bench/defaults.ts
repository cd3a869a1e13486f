import { entryAt } from '$lib/core/quantity/sure';
import type { Yarn } from '$lib/core/model/bench';
import { FIRST_COLOURS } from '$lib/core/bench/yarn/colour-names';
import { yarnIn } from '$lib/core/bench/yarn/usual';

/** A medium yarn to start from; every value is there to be corrected from the label. */
export const firstYarn = (id: Yarn['id'], howMany: number): Yarn =>
	yarnIn(id, entryAt(FIRST_COLOURS, howMany % FIRST_COLOURS.length), {
		name: `Yarn ${howMany + 1}`,
		grams: 100
	});
