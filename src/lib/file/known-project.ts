import { project } from '../core/model/project';
import { entryOf, RECIPES } from '../core/recipe';

/** A project of a recipe that there is; its options are held to that recipe's own once it is loaded. */
export const knownProject = project.superRefine(({ options: { recipe } }, ctx) => {
	if (entryOf(recipe)) return;
	ctx.addIssue({
		code: 'invalid_value',
		values: RECIPES.map((r) => r.id),
		path: ['options', 'recipe'],
		input: recipe
	});
});
