import { gaugeBook, type GaugeBook } from './bench/gauge/book';
import type { Bench, HatProject, Project } from './model/project';
import { counsel } from './plan/counsel';
import { works } from './plan/works';
import { makePlan } from './plan/make';
import type { AsKnitted, HatPlan, NoPlan, Plan } from './plan/types';

export type { PlannedPiece } from './crank/piece';
export type {
	AsKnitted,
	FlagsPlan,
	GarmentPlan,
	HatPlan,
	NoPlan,
	Plan,
	ThingPlan,
	TubePlan
} from './plan/types';

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
): HatPlan | NoPlan;
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
	return makePlan(project, bench, { asKnitted, book, works, counsel });
}
