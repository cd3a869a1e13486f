import { SvelteMap } from 'svelte/reactivity';
import { loadRecipe, recipeOf } from '$lib/core/recipe';

/** By id: whether a recipe has come, or could not be fetched. */
const come = new SvelteMap<string, boolean>();
// Never shown itself.
// eslint-disable-next-line svelte/prefer-svelte-reactivity
const asked = new Map<string, Promise<unknown>>();

function fetchRecipe(id: string): Promise<unknown> {
	const known = asked.get(id);
	if (known) return known;
	const fetched = loadRecipe(id).then(
		() => come.set(id, true),
		() => {
			asked.delete(id);
			come.set(id, false);
		}
	);
	asked.set(id, fetched);
	return fetched;
}

/** Whether a recipe is at hand. It is fetched where it is not: what reads this is worked out again when it has come. */
export function atHand(id: string): boolean {
	const here = come.get(id);
	if (recipeOf(id)) return true;
	if (here === undefined) void fetchRecipe(id);
	return false;
}

/** Whether it was asked for and could not be fetched. */
export const notFetched = (id: string): boolean => come.get(id) === false && !recipeOf(id);

export function fetchAgain(id: string): void {
	come.delete(id);
	void fetchRecipe(id);
}
