import type { Estimate } from './estimate';
import type { QuantityKind } from './units';

/** One value in a line of arithmetic. `own` marks what the maker typed or measured, as against what was worked out. */
export interface Term {
	readonly value: number;
	readonly kind: QuantityKind;
	readonly label: string;
	readonly own: boolean;
}

/** One line of arithmetic: terms with operators between them, ending in the result. */
export type Working = readonly (Term | string)[];

/** A number the maker reads: value with spread, unit kind, and how it came about. */
export interface Figure {
	readonly label: string;
	readonly kind: QuantityKind;
	readonly value: Estimate;
	readonly working: Working;
}

export const own = (value: number, kind: QuantityKind, label: string): Term => ({
	value,
	kind,
	label,
	own: true
});
export const worked = (value: number, kind: QuantityKind, label: string): Term => ({
	value,
	kind,
	label,
	own: false
});

export const figure = (
	label: string,
	kind: QuantityKind,
	value: Estimate,
	working: Working
): Figure => ({ label, kind, value, working });
