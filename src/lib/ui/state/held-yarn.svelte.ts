import { untrack } from 'svelte';
import type { Yarn } from '$lib/core/model/bench';
import { freeBook, type Held } from '$lib/core/order/stock';
import { planner } from '$lib/worker/planner';
import { wordFailure } from './asked.svelte';
import type { Workbench } from './workbench.svelte';

/** While something is being dragged the sums wait, ms. */
const REST_MS = 250;

/** What planned projects hold back, worked out in the worker whenever the bench or a project has come to rest. */
export class HeldYarn {
	/** Null until it is worked out for the first time. */
	list = $state.raw<readonly Held[] | null>(null);
	/** Why it could not be worked out. */
	failure = $state<string | null>(null);
	#tries = $state(0);

	constructor(private readonly workbench: Workbench) {
		$effect(() => {
			const { bench } = workbench;
			void this.#tries;
			const projects = workbench.records.projects.filter((p) => p.holdsYarn && p.used === null);
			let stale = false;
			const timer = setTimeout(
				() => {
					planner
						.ask((worker) => worker.heldBy(projects, bench))
						.then(
							(held) => {
								if (stale) return;
								this.list = held;
								this.failure = null;
							},
							(e: unknown) => {
								if (!stale) this.failure = wordFailure(e);
							}
						);
				},
				// Read aside: what the answer sets must not ask again.
				untrack(() => this.list) === null ? 0 : REST_MS
			);
			return () => {
				stale = true;
				clearTimeout(timer);
			};
		});
	}

	readonly again = (): void => {
		this.#tries += 1;
	};

	/** Grams of a yarn that planned projects leave free. */
	free(yarn: Yarn): number {
		return freeBook(this.workbench.bench.yarns, this.list ?? [])(yarn);
	}
}
