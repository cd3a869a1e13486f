import { SvelteMap } from 'svelte/reactivity';
import type { Offer } from '$lib/core/gallery/offer';
import type { Bench } from '$lib/core/model/project';
import { RECIPES } from '$lib/core/recipe';
import type { Prefer } from '$lib/core/recipe/begin';
import { planner } from '$lib/worker/planner';

/** What each recipe would begin as, worked out one after another away from the page. */
export class Offers {
	readonly #found = new SvelteMap<string, Offer | null>();
	/** Nothing could be worked out: the worker was refused, or broke. */
	failed = $state(false);
	/** What is asked for now: what comes late for something else is left. */
	#asked = 0;

	/** Undefined while it is on its way; null where it cannot be made. */
	of(id: string): Offer | null | undefined {
		return this.#found.get(id);
	}
	get all(): readonly Offer[] {
		return [...this.#found.values()].filter((o) => o !== null);
	}

	/** Works everything out anew, in the order of the list. What was found stands until the next of it has come. */
	async ask(bench: Bench, prefer: Prefer, ids: readonly string[] = RECIPES.map((r) => r.id)) {
		const asked = ++this.#asked;
		for (const id of ids) {
			const offer = await planner.offer(id, bench, prefer).catch(() => undefined);
			if (this.#asked !== asked) return;
			this.failed = offer === undefined;
			if (offer === undefined) return;
			this.#found.set(id, offer);
		}
	}
}
