import { learnSays } from '../finding/says';
import { addSchema, type Options } from '../model/options';
import type { Finished } from './finished';
import type { Recipe } from './recipe';

export type AnyRecipe<W extends Options = Options> = Recipe<W, Finished>;

/** In which part of the list of things to make it stands. */
export const GROUPS = ['hats', 'tubes', 'panels', 'several', 'parts'] as const;
export type Group = (typeof GROUPS)[number];

/** What is known of a recipe before it is loaded. */
export interface Entry {
	readonly id: string;
	readonly name: string;
	readonly group: Group;
	/** Its module, when it is first wanted. */
	readonly load: () => Promise<unknown>;
}

const hat = async (kind: Promise<{ readonly id: string }>) =>
	(await import('./hats/hat')).hatRecipe((await kind) as never);
const tube = async (kind: Promise<{ readonly id: string }>) =>
	(await import('./tubes/tube')).tubeRecipe((await kind) as never);
const panels = (id: string) => async () =>
	(await import('./garments/garment')).garmentRecipe(id as never);

/** Every recipe, as it is listed. A new one is its module and a row here. */
export const RECIPES: Entry[] = [
	{
		id: 'lined-hat',
		name: 'Lined hat',
		group: 'hats',
		load: () => hat(import('./hats/lined').then((m) => m.lined))
	},
	{
		id: 'corner-hat',
		name: 'Corner-top hat',
		group: 'hats',
		load: () => hat(import('./hats/corner').then((m) => m.corner))
	},
	{
		id: 'baby-hat',
		name: 'Baby hat',
		group: 'hats',
		load: () => hat(import('./hats/baby').then((m) => m.baby))
	},
	{
		id: 'tiny-hat',
		name: 'Very small baby hat',
		group: 'hats',
		load: () => hat(import('./hats/tiny').then((m) => m.tiny))
	},
	{
		id: 'hem-hat',
		name: 'Hung-hem hat',
		group: 'hats',
		load: () => tube(import('./tubes/hem-hat').then((m) => m.hemHat))
	},
	{
		id: 'headband',
		name: 'Headband',
		group: 'hats',
		load: () => tube(import('./tubes/headband').then((m) => m.headband))
	},
	{
		id: 'scarf',
		name: 'Scarf',
		group: 'tubes',
		load: () => tube(import('./tubes/scarf').then((m) => m.scarf))
	},
	{
		id: 'cowl',
		name: 'Cowl',
		group: 'tubes',
		load: () => tube(import('./tubes/cowl').then((m) => m.cowl))
	},
	{
		id: 'tube-top',
		name: 'Tube top',
		group: 'tubes',
		load: () => tube(import('./tubes/tube-top').then((m) => m.tubeTop))
	},
	{
		id: 'warmers',
		name: 'Wrist or leg warmers',
		group: 'tubes',
		load: () => tube(import('./tubes/warmers').then((m) => m.warmers))
	},
	{
		id: 'sock',
		name: 'Plain tube sock',
		group: 'tubes',
		load: () => tube(import('./tubes/sock').then((m) => m.sock))
	},
	{
		id: 'pouch',
		name: 'Drawstring pouch',
		group: 'tubes',
		load: () => tube(import('./tubes/pouch').then((m) => m.pouch))
	},
	{
		id: 'cup-sleeve',
		name: 'Cup sleeve',
		group: 'tubes',
		load: () => tube(import('./tubes/cup-sleeve').then((m) => m.cupSleeve))
	},
	{ id: 'rectangle', name: 'Rectangle', group: 'panels', load: panels('rectangle') },
	{ id: 'strap', name: 'Strap', group: 'panels', load: panels('strap') },
	{ id: 'blanket', name: 'Blanket of panels', group: 'panels', load: panels('blanket') },
	{ id: 'seamed-tube', name: 'Tube from a panel', group: 'panels', load: panels('seamed-tube') },
	{ id: 'mitts', name: 'Fingerless mitts', group: 'panels', load: panels('mitts') },
	{ id: 'shrug', name: 'Two-tube shrug', group: 'panels', load: panels('shrug') },
	{ id: 'vest', name: 'Vest', group: 'panels', load: panels('vest') },
	{ id: 'cardigan', name: 'Cardigan', group: 'panels', load: panels('cardigan') },
	{ id: 'jacket', name: 'Jacket', group: 'panels', load: panels('jacket') },
	{ id: 'sweater', name: 'Sweater', group: 'panels', load: panels('sweater') },
	{ id: 'free-garment', name: 'Free garment', group: 'panels', load: panels('free-garment') },
	{
		id: 'folded-bag',
		name: 'Folded bag with handle',
		group: 'several',
		load: () => import('./assembled/folded-bag').then((m) => m.foldedBag)
	},
	{
		id: 'ball',
		name: 'Ball',
		group: 'several',
		load: () => import('./assembled/toy').then((m) => m.ballToy)
	},
	{
		id: 'toy',
		name: 'Soft toy',
		group: 'several',
		load: () => import('./assembled/toy').then((m) => m.toy)
	},
	{
		id: 'garland',
		name: 'Garland',
		group: 'several',
		load: () => import('./assembled/garland').then((m) => m.garland)
	},
	{
		id: 'bunting',
		name: 'Bunting',
		group: 'several',
		load: () => import('./bunting/bunting').then((m) => m.bunting)
	},
	{
		id: 'pom-pom',
		name: 'Pom-poms',
		group: 'several',
		load: () => import('./assembled/pom-pom').then((m) => m.pomPom)
	},
	{
		id: 'tube-blanket',
		name: 'Blanket of tubes',
		group: 'several',
		load: () => import('./assembled/tube-blanket').then((m) => m.tubeBlanket)
	},
	{
		id: 'cord',
		name: 'Cord or strap',
		group: 'parts',
		load: () => tube(import('./tubes/cord').then((m) => m.cord))
	},
	{
		id: 'free-tube',
		name: 'Free tube',
		group: 'parts',
		load: () => tube(import('./tubes/free-tube').then((m) => m.freeTube))
	}
];

export const entryOf = (id: string): Entry | undefined => RECIPES.find((r) => r.id === id);
/** What a recipe is called; what no recipe here goes by is called that. */
export const nameOf = (id: string): string => entryOf(id)?.name ?? id;

const loaded = new Map<string, AnyRecipe>();

/** A recipe that is loaded; undefined where it was not asked for yet, or there is none such. */
export const recipeOf = (id: string): AnyRecipe | undefined => loaded.get(id);
export const recipeFor = <W extends Options>(options: W): AnyRecipe<W> | undefined =>
	loaded.get(options.recipe) as unknown as AnyRecipe<W> | undefined;

/** Loads a recipe once; undefined where there is none such. @throws where its module cannot be fetched */
export async function loadRecipe(id: string): Promise<AnyRecipe | undefined> {
	const known = loaded.get(id);
	if (known) return known;
	const recipe = (await entryOf(id)?.load()) as AnyRecipe | undefined;
	if (recipe) {
		loaded.set(id, recipe);
		addSchema(id, recipe.options);
		learnSays(recipe.rules);
	}
	return recipe;
}

/** Loads what is named, or all there is. */
export const loadRecipes = (
	ids: Iterable<string> = RECIPES.map((r) => r.id)
): Promise<(AnyRecipe | undefined)[]> => Promise.all([...new Set(ids)].map(loadRecipe));
