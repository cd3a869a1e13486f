import type { Wish } from '../model/wish';
import { bunting } from './bunting/bunting';
import type { Finished } from './finished';
import { GARMENT_KINDS, garmentRecipe } from './garments/garment';
import { HAT_KINDS, hatRecipe } from './hats/hat';
import type { Recipe } from './recipe';
import { foldedBag } from './things/folded-bag';
import { garland } from './things/garland';
import { pomPom } from './things/pom-pom';
import { ballToy, toy } from './things/toy';
import { tubeBlanket } from './things/tube-blanket';
import { TUBE_KINDS } from './tubes/kinds';
import { tubeRecipe } from './tubes/tube';

type AnyRecipe<W extends Wish = Wish> = Recipe<W, Finished>;
const any = (list: readonly { readonly id: string }[]) =>
	new Map(list.map((r) => [r.id, r as unknown as AnyRecipe]));

/** Every recipe. A new one is its module and a place here. */
const RECIPES = any([
	...Object.values(HAT_KINDS).map(hatRecipe),
	bunting,
	...Object.values(TUBE_KINDS).map(tubeRecipe),
	...Object.values(GARMENT_KINDS).map(garmentRecipe),
	foldedBag,
	ballToy,
	toy,
	garland,
	pomPom,
	tubeBlanket
]);

/** The recipe a wish belongs to. */
export const recipeFor = <W extends Wish>(wish: W): AnyRecipe<W> =>
	RECIPES.get(wish.recipe) as unknown as AnyRecipe<W>;

/** A recipe by its id; undefined where there is none such. */
export const recipeOf = (id: string): AnyRecipe | undefined => RECIPES.get(id);

export const recipes = [...RECIPES.values()];
