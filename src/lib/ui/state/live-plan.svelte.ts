import type { Bench, Project } from '$lib/core/model/project';
import type { NoPlan, Plan } from '$lib/core/plan';
import { planner } from '$lib/worker/planner';

/** The plan of a project as it is now; recomputed in a worker once it takes longer than a frame. */
export class LivePlan {
	#away = $state.raw<Plan | NoPlan | null>(null);
	#here: Plan | NoPlan | null;

	constructor(project: () => Project, bench: () => Bench) {
		this.#here = $derived(planner.away ? null : planner.now(project(), bench()));
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
		return this.#here ?? this.#away;
	}
}
