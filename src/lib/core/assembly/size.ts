import type { Figure } from '../quantity/working';

/** A figure the plan predicts and the maker can measure: which it is, and how the thing lies for it. */
export interface Size {
	/** Known by it: it never changes. */
	readonly id: string;
	readonly lies: 'flat' | 'worn' | 'stuffed' | 'hung';
	readonly figure: Figure;
	/** Said, but no matter for a tape: another size says the same, or it is of a thing that was not made. */
	readonly said?: true;
}
export const size = (id: string, figure: Figure, lies: Size['lies'] = 'flat'): Size => ({
	id,
	lies,
	figure
});
/** One that is said only. */
export const saidOnly = (s: Size): Size => ({ ...s, said: true });

/** A size of a plan by its id. @throws RangeError where the plan has none such */
export function sizeOf({ sizes }: { readonly sizes: readonly Size[] }, id: string): Figure {
	const found = sizes.find((s) => s.id === id);
	if (!found) throw new RangeError(`no size ${id}`);
	return found.figure;
}
