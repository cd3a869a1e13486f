import { gaugeBook, type GaugeBook } from './bench/gauge/book';
import type { Bench, Project } from './model/project';
import { makePlan } from './plan/make';
import type { AsKnitted, NoPlan, Plan } from './plan/types';
import type { Finished } from './recipe/finished';
import { entryOf, loadRecipe, recipeFor } from './recipe';

export type { PlannedPiece } from './crank/piece';
export { comesOut } from './plan/types';
export type { AsKnitted, NoPlan, Plan, PlanOf, AssembledPlan } from './plan/types';

/**
 * The front door: from what the maker chose and what the bench knows to everything that follows.
 * `book` may be given where many plans are made of one bench; it must be of that bench.
 * Who knows the recipe may say what comes of it (`plan<FinishedOf<'worn'>>`).
 * Its recipe has to be loaded (`loadRecipe`): else it says that, and nothing more.
 * Pure and deterministic. Where it cannot plan it says why in findings; it never throws on valid data.
 */
export function plan<F extends Finished = Finished>(
	project: Project,
	bench: Bench,
	asKnitted?: AsKnitted,
	book: GaugeBook = gaugeBook(bench)
): Plan<F> | NoPlan {
	const recipe = recipeFor(project.options);
	return recipe
		? (makePlan(project, bench, recipe, { asKnitted, book, counsel: true }) as Plan<F> | NoPlan)
		: notLoaded(project);
}

/** Its pieces, sizes and sums without a word of counsel: for a shelf of plans. */
export function planBare(project: Project, bench: Bench, book: GaugeBook): Plan | NoPlan {
	const recipe = recipeFor(project.options);
	return recipe ? makePlan(project, bench, recipe, { book, counsel: false }) : notLoaded(project);
}

const notLoaded = ({ id, options }: Project): NoPlan => ({
	ok: false,
	why: entryOf(options.recipe) ? 'not-loaded' : 'unknown',
	projectId: id,
	findings: []
});

/** Plans when its recipe is at hand: it is fetched where it is not. */
export async function planLater(project: Project, bench: Bench): Promise<Plan | NoPlan> {
	await loadRecipe(project.options.recipe);
	return plan(project, bench);
}
