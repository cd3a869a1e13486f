import * as Comlink from 'comlink';
import { dequal } from 'dequal/lite';
import type { Order } from '../core/model/order';
import type { Bench, Project } from '../core/model/project';
import { linesOf, planOrder } from '../core/order/order';
import { plan, planBare, planLater } from '../core/plan';
import { schemaOf } from '../core/model/options';
import { gaugeBook } from '../core/bench/gauge/book';
import { asLogged } from '../core/crank/as-logged';
import { loadRecipe, loadRecipes } from '../core/recipe';
import type { Prefer } from '../core/recipe/begin';
import { offerOf, type Offer } from '../core/gallery/offer';
import { thingOf, type Thing } from '../core/thing/thing';
import type { NoPlan, Plan } from '../core/plan/types';
import { heldBy, leftOf } from '../core/order/stock';
import { longestTubes, makeWith } from '../core/substitute/make-with';
import { substitutesFor } from '../core/substitute/rank';

/** An order with the plans of its projects, and what others hold, made here: what comes back is figures alone. */
function stallOrder(order: Order, projects: readonly Project[], bench: Bench) {
	const { lines, lost } = linesOf(order, projects, (p) => {
		const made = plan(p, bench);
		return made.ok ? made : null;
	});
	const others = projects.filter((p) => !order.lines.some((l) => l.projectId === p.id));
	return {
		lost,
		lines: lines.map((l) => ({ projectId: l.project.id, wanted: l.wanted })),
		plan: planOrder(lines, leftOf(bench.yarns, heldBy(others, bench)))
	};
}
export type StallOrder = ReturnType<typeof stallOrder>;

const recipesOf = (projects: readonly Project[]) =>
	loadRecipes(projects.map((p) => p.options.recipe));

let known: Bench | undefined;
/** The bench as it came before, where this is the same: what was sorted and learned of it stands. */
function asBefore(bench: Bench): Bench {
	if (!known || !dequal(known, bench)) known = bench;
	return known;
}

/** Core behind a worker: for what takes longer than a frame. Recipes are loaded as they are asked for. */
const api = {
	plan: (project: Project, bench: Bench) => planLater(project, asBefore(bench)),
	/** A plan for the shelf, without counsel. @throws where its options do not read */
	bare: async (project: Project, bench: Bench) => {
		await recipesOf([project]);
		schemaOf(project.options.recipe)?.parse(project.options);
		const same = asBefore(bench);
		return planBare(project, same, gaugeBook(same));
	},
	/** A plan for the shelf with the thing that comes of it, drawn here. @throws where its options do not read */
	card: async (
		project: Project,
		bench: Bench
	): Promise<{ plan: Plan | NoPlan; thing: Thing | null }> => {
		const made = await api.bare(project, bench);
		return { plan: made, thing: made.ok ? thingOf(made, project.options) : null };
	},
	/** What a recipe would begin as; null where it cannot. */
	offer: async (id: string, bench: Bench, prefer: Prefer): Promise<Offer | null> => {
		const recipe = await loadRecipe(id);
		const same = asBefore(bench);
		return recipe ? offerOf(recipe, same, gaugeBook(same), prefer) : null;
	},
	/** A bench with what planned projects leave free of its yarns. */
	free: async (projects: readonly Project[], bench: Bench): Promise<Bench> => {
		await recipesOf(projects);
		return { ...bench, yarns: leftOf(bench.yarns, heldBy(projects, bench)) };
	},
	/** What a plan knows of a result and the maker did not measure; null where it cannot be planned any more. */
	asLogged: async (project: Project, bench: Bench, rowsKnitted: number) => {
		const made = await planLater(project, bench);
		return made.ok ? asLogged(made.pieces, rowsKnitted) : null;
	},
	stallOrder: async (order: Order, projects: readonly Project[], bench: Bench) => {
		await recipesOf(projects);
		return stallOrder(order, projects, bench);
	},
	heldBy: async (projects: readonly Project[], bench: Bench) => {
		await recipesOf(projects);
		return heldBy(projects, bench);
	},
	longestTubes: async (...asked: Parameters<typeof longestTubes>) => {
		await loadRecipes(['lined-hat']);
		return longestTubes(...asked);
	},
	makeWith: async (...asked: Parameters<typeof makeWith>) => {
		await loadRecipes(['lined-hat']);
		return makeWith(...asked);
	},
	substitutesFor: async (question: Parameters<typeof substitutesFor>[0]) => {
		await loadRecipes();
		return substitutesFor(question);
	}
};
export type PlanWorker = typeof api;
Comlink.expose(api);
