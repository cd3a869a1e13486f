import type { Bench, Project } from '$lib/core/model/project';
import type { NoPlan, Plan } from '$lib/core/plan/types';
import { planner } from '$lib/worker/planner';
import { Asked, wordFailure } from './asked.svelte';
import { atHand, fetchAgain, notFetched } from './recipes.svelte';

type Planned = Plan | NoPlan;

/** The plan of a project as it is now; recomputed in a worker once it takes longer than a frame. */
export class LivePlan {
	readonly #away: Asked<Planned>;
	readonly #here: { readonly plan: Planned | null; readonly failure: string | null };
	readonly #project: () => Project;

	constructor(project: () => Project, bench: () => Bench) {
		this.#project = project;
		this.#here = $derived.by(() => {
			const { recipe } = project().options;
			// Made in the worker too, what it says is said by rules that come with the recipe.
			if (!atHand(recipe))
				return {
					plan: null,
					failure: notFetched(recipe) ? 'What it is made by could not be fetched.' : null
				};
			if (planner.away) return { plan: null, failure: null };
			try {
				return { plan: planner.now(project(), bench()), failure: null };
			} catch (e) {
				return { plan: null, failure: wordFailure(e) };
			}
		});
		this.#away = new Asked(() => {
			const [asked, on] = [project(), bench()];
			return planner.away ? () => planner.later(asked, on) : null;
		});
	}

	/** Null only while a first plan is on its way, or where it failed. */
	get value(): Planned | null {
		// What is still on its way for another project is not this one's.
		const away = this.#away.value;
		const { id, options } = this.#project();
		return this.#here.plan ?? (away?.projectId === id && atHand(options.recipe) ? away : null);
	}

	/** Why there is no plan as things are now; null where there is, or one is on its way. */
	get failure(): string | null {
		return this.#here.failure ?? this.#away.failure;
	}

	readonly again = (): void => {
		const { recipe } = this.#project().options;
		if (notFetched(recipe)) fetchAgain(recipe);
		else this.#away.again();
	};
}
