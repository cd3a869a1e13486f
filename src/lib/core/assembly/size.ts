import type { Figure } from '../quantity/working';

/** A figure the plan predicts and the maker can measure: which it is, and how the thing lies for it. */
export interface Size {
	/** Known by it: it never changes. */
	readonly id: string;
	readonly lies: 'flat' | 'worn' | 'stuffed' | 'hung';
	readonly figure: Figure;
}
export const size = (id: string, figure: Figure, lies: Size['lies'] = 'flat'): Size => ({
	id,
	lies,
	figure
});

/** A size of a plan by its id. @throws RangeError where the plan has none such */
export function sizeOf({ sizes }: { readonly sizes: readonly Size[] }, id: string): Figure {
	const found = sizes.find((s) => s.id === id);
	if (!found) throw new RangeError(`no size ${id}`);
	return found.figure;
}
