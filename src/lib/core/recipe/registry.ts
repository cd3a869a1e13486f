import type { Wish } from '../model/wish';
import { linedHat } from './lined-hat';
import type { Recipe } from './recipe';

const RECIPES: { [K in Wish['recipe']]: Recipe<Extract<Wish, { recipe: K }>> } = {
	'lined-hat': linedHat
};

/** The recipe a wish belongs to. */
export const recipeFor = <W extends Wish>(wish: W): Recipe<W> =>
	RECIPES[wish.recipe] as unknown as Recipe<W>;

export const recipes: readonly Recipe[] = Object.values(RECIPES);
