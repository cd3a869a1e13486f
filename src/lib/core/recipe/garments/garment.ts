import type { GarmentKindId } from '../../model/kinds';
import { garmentOptions, type GarmentOptions } from './options';
import { BODY_NAMES } from '../../bench/size/body';
import { MEASURES_OF } from './measures';
import type { FinishedOf } from '../finished';
import type { Recipe } from '../recipe';
import { designGarment } from './design';
import { garmentRules } from './rules';
import { garmentDefaults, wholeGarment } from './start';

/** What lies or hangs may be open; what is worn on the body less so. */
const OPEN: readonly GarmentKindId[] = ['rectangle', 'strap', 'blanket', 'shrug', 'seamed-tube'];

/** The recipe of one kind of garment. */
export const garmentRecipe = (id: GarmentKindId): Recipe<GarmentOptions, FinishedOf<'flat'>> => ({
	id,
	...(OPEN.includes(id) ? {} : { use: 'garment' as const }),
	options: garmentOptions(id),
	whole: wholeGarment,
	shows: () => 'shape',
	madeFor: ({ recipe, from, size }) =>
		from === 'table' && MEASURES_OF[recipe].includes('chest')
			? { label: `Size: ${BODY_NAMES[size]}` }
			: null,
	begins: 'most-pins',
	ownWaste: true,
	defaults: (bench) => garmentDefaults(id, bench),
	design: designGarment,
	rules: garmentRules
});
