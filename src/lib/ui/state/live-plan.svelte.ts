import type { Bench, Project } from '$lib/core/model/project';
import type { NoPlan, Plan } from '$lib/core/plan/types';
import { planner } from '$lib/worker/planner';

/** The plan of a project as it is now; recomputed in a worker once it takes longer than a frame. */
export class LivePlan {
	#away = $state.raw<Plan | NoPlan | null>(null);
	#here: Plan | NoPlan | null;
	readonly #id: () => string;

	constructor(project: () => Project, bench: () => Bench) {
		this.#id = () => project().id;
		this.#here = $derived(planner.away(project()) ? null : planner.now(project(), bench()));
		$effect(() => {
			if (this.#here) return;
			let stale = false;
			void planner.later(project(), bench()).then((p) => {
				if (!stale) this.#away = p;
			});
			return () => (stale = true);
		});
	}

	/** Null only while a first long plan is on its way. */
	get value(): Plan | NoPlan | null {
		// What is still on its way for another project is not this one's.
		return this.#here ?? (this.#away?.projectId === this.#id() ? this.#away : null);
	}
}
