import {
	THINGS,
	type GarmentKindId,
	type HatKindId,
	type ThingKindId,
	type TubeKindId
} from '../model/kinds';
import type { GarmentWish, LinedHatWish, PlainTubeWish, ThingWish, Wish } from '../model/wish';
import { bunting } from './bunting';
import { GARMENT_KINDS, garmentRecipe } from './garment';
import { TUBE_KINDS, tubeRecipe } from './plain-tube';
import { HAT_KINDS, hatRecipe } from './lined-hat';
import type { AnyRecipe, LightRecipe, Recipe } from './recipe';
import { thingRecipe } from './thing';

const RECIPES: Record<Wish['recipe'], unknown> = {
	...(Object.fromEntries(
		Object.values(HAT_KINDS).map((kind) => [kind.id, hatRecipe(kind)])
	) as Record<HatKindId, Recipe<LinedHatWish>>),
	bunting,
	...(Object.fromEntries(
		Object.values(TUBE_KINDS).map((kind) => [kind.id, tubeRecipe(kind)])
	) as Record<TubeKindId, Recipe<PlainTubeWish>>),
	...(Object.fromEntries(
		Object.values(GARMENT_KINDS).map((kind) => [kind.id, garmentRecipe(kind)])
	) as Record<GarmentKindId, LightRecipe<GarmentWish>>),
	...(Object.fromEntries(THINGS.map((id) => [id, thingRecipe(id)])) as Record<
		ThingKindId,
		LightRecipe<ThingWish>
	>)
};

/** The recipe a wish belongs to. */
export const recipeFor = <W extends Wish>(wish: W): AnyRecipe<W> =>
	RECIPES[wish.recipe] as AnyRecipe<W>;

export const recipes = Object.values(RECIPES) as readonly AnyRecipe[];
