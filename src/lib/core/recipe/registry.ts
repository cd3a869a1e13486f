import type { TubeKindId } from '../model/kinds';
import type { PlainTubeWish, Wish } from '../model/wish';
import { bunting } from './bunting';
import { TUBE_KINDS, tubeRecipe } from './plain-tube';
import { linedHat } from './lined-hat';
import type { Recipe } from './recipe';

const RECIPES: Record<Wish['recipe'], unknown> = {
	'lined-hat': linedHat,
	bunting,
	...(Object.fromEntries(
		Object.values(TUBE_KINDS).map((kind) => [kind.id, tubeRecipe(kind)])
	) as Record<TubeKindId, Recipe<PlainTubeWish>>)
};

/** The recipe a wish belongs to. */
export const recipeFor = <W extends Wish>(wish: W): Recipe<W> => RECIPES[wish.recipe] as Recipe<W>;

export const recipes = Object.values(RECIPES) as readonly Recipe[];
