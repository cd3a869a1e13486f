import type { GarmentKindId } from '../../model/kinds';
import type { GarmentWish } from '../../model/wish';
import type { FinishedOf } from '../finished';
import type { Recipe } from '../recipe';
import { designGarment } from './design';
import { garmentRules } from './rules';
import { garmentDefaults } from './start';

/** The recipe of one kind of garment. */
export const garmentRecipe = (id: GarmentKindId): Recipe<GarmentWish, FinishedOf<'flat'>> => ({
	id,
	shows: () => 'shape',
	begins: 'most-pins',
	ownWaste: true,
	defaults: (bench) => garmentDefaults(id, bench),
	design: designGarment,
	rules: garmentRules
});
