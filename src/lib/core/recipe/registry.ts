import type { HatKindId, TubeKindId } from '../model/kinds';
import type { LinedHatWish, PlainTubeWish, Wish } from '../model/wish';
import { bunting } from './bunting';
import { TUBE_KINDS, tubeRecipe } from './plain-tube';
import { HAT_KINDS, hatRecipe } from './lined-hat';
import type { Recipe } from './recipe';

const RECIPES: Record<Wish['recipe'], unknown> = {
	...(Object.fromEntries(
		Object.values(HAT_KINDS).map((kind) => [kind.id, hatRecipe(kind)])
	) as Record<HatKindId, Recipe<LinedHatWish>>),
	bunting,
	...(Object.fromEntries(
		Object.values(TUBE_KINDS).map((kind) => [kind.id, tubeRecipe(kind)])
	) as Record<TubeKindId, Recipe<PlainTubeWish>>)
};

/** The recipe a wish belongs to. */
export const recipeFor = <W extends Wish>(wish: W): Recipe<W> => RECIPES[wish.recipe] as Recipe<W>;

export const recipes = Object.values(RECIPES) as readonly Recipe[];
