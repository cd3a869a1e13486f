import type { EdgeRef } from '$lib/core/assembly/assembly';

/** What picture, tables and lists of one plan point one another at. */
export class Pointing {
	/** The edges of a joint to light up. */
	lit = $state.raw<readonly EdgeRef[]>([]);
	/** The piece or part in hand, by id; empty for the first. */
	piece = $state('');
	/** The measure asked for on the drawing. */
	measure = $state.raw<string | null>(null);

	/** Asked for anew each time, the same one too. */
	ask(measure: string): void {
		this.measure = null;
		queueMicrotask(() => (this.measure = measure));
	}
}
