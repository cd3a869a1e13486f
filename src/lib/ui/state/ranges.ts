import { inRange } from '$lib/core/quantity/parse';
import type { Result } from '$lib/core/quantity/problem';
import { shownUnit } from '$lib/core/quantity/print';
import type { QuantityKind, Units } from '$lib/core/quantity/units';

/** Checks a metric value against a metric range, with the message in the maker's unit. */
export function between(kind: QuantityKind, units: Units, min: number, max: number) {
	const { unit, factor } = shownUnit(kind, units);
	return (r: Result<number>): Result<number> => {
		if (!r.ok) return r;
		const checked = inRange(r.value * factor, { min: min * factor, max: max * factor, unit });
		return checked.ok ? r : checked;
	};
}

export const lengthBetween = (units: Units, min: number, max: number) =>
	between('length', units, min, max);
