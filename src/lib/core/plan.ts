import { gaugeBook, type GaugeBook } from './bench/gauge/book';
import type { Bench, HatProject, Project } from './model/project';
import { makePlan } from './plan/make';
import type { AsKnitted, NoPlan, Plan, PlanOf } from './plan/types';
import { recipeFor } from './recipe/registry';

export type { PlannedPiece } from './crank/piece';
export { comesOut, isThingPlan } from './plan/types';
export type { AsKnitted, NoPlan, Plan, PlanOf, ThingPlan } from './plan/types';

/**
 * The front door: from what the maker chose and what the bench knows to everything that follows.
 * `book` may be given where many plans are made of one bench; it must be of that bench.
 * Pure and deterministic. Where it cannot plan it says why in findings; it never throws on valid data.
 */
export function plan(
	project: HatProject,
	bench: Bench,
	asKnitted?: AsKnitted,
	book?: GaugeBook
): PlanOf<'worn'> | NoPlan;
export function plan(
	project: Project,
	bench: Bench,
	asKnitted?: AsKnitted,
	book?: GaugeBook
): Plan | NoPlan;
export function plan(
	project: Project,
	bench: Bench,
	asKnitted?: AsKnitted,
	book: GaugeBook = gaugeBook(bench)
): Plan | NoPlan {
	return makePlan(project, bench, recipeFor(project.wish), { asKnitted, book, counsel: true });
}

/** Its pieces, sizes and sums without a word of counsel: for a shelf of plans. */
export const planBare = (project: Project, bench: Bench, book: GaugeBook): Plan | NoPlan =>
	makePlan(project, bench, recipeFor(project.wish), { book, counsel: false });
