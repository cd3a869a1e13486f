import { WorkerFailed } from '$lib/worker/link';

/** What is worked out away from the page: the newest answer, whether one is on its way, and why the last one failed. */
export class Asked<T> {
	value = $state.raw<T | null>(null);
	working = $state(false);
	failure = $state<string | null>(null);
	#tries = $state(0);

	/** `question` is asked again whenever what it reads changes; null asks nothing. */
	constructor(question: () => (() => Promise<T>) | null) {
		$effect(() => {
			void this.#tries;
			const ask = question();
			if (!ask) return;
			let stale = false;
			this.working = true;
			this.failure = null;
			ask().then(
				(value) => {
					if (stale) return;
					this.value = value;
					this.working = false;
				},
				(e: unknown) => {
					if (stale) return;
					this.failure = wordFailure(e);
					this.working = false;
				}
			);
			return () => (stale = true);
		});
	}

	/** Asks the same once more. */
	readonly again = (): void => {
		this.#tries += 1;
	};
}

/** Why something could not be worked out, in a sentence. */
export const wordFailure = (e: unknown): string =>
	e instanceof WorkerFailed
		? 'The part of Tomble that works this out stopped.'
		: `It could not be worked out: ${e instanceof Error ? e.message : String(e)}.`;
