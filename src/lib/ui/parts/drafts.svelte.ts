import { getContext, onDestroy, onMount, setContext, untrack } from 'svelte';
import { SvelteMap } from 'svelte/reactivity';

export interface Draft {
	readonly typed: string;
	/** Why it cannot be read. */
	readonly problem: string;
}
/** What was typed into a field that has closed since, and could not be read: it is kept with its sentence until it is mended. */
export class Drafts {
	readonly #kept = new SvelteMap<string, Draft>();

	of(key: string): Draft | undefined {
		return this.#kept.get(key);
	}
	keep(key: string, draft: Draft | null): void {
		if (draft) this.#kept.set(key, draft);
		else this.#kept.delete(key);
	}
}

const KEY = Symbol('drafts');
export const provideDrafts = (): Drafts => setContext(KEY, new Drafts());
/** Those of the view around; undefined where it keeps none. */
export const useDrafts = (): Drafts | undefined => getContext<Drafts | undefined>(KEY);

/**
 * For a field that may close over something that cannot be read: what was typed under its name before, and, when it goes, what
 * then stands in it is kept there. While it is open it speaks for itself. Nothing happens where no name is given.
 */
export function drafted(name: string | undefined, now: () => Draft | null): string | undefined {
	const drafts = useDrafts();
	if (!drafts || name === undefined) return undefined;
	onMount(() => drafts.keep(name, null));
	onDestroy(() => drafts.keep(name, now()));
	return untrack(() => drafts.of(name)?.typed);
}
