import { inRange, parseGrams, parseYarnMetres } from '$lib/core/quantity/parse';
import { good, type Result } from '$lib/core/quantity/problem';
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

/** Yarn on a label, m in 100 g: `210 m`, or with the ball's own weight `105 m / 50 g`. */
export const labelMetres = (units: Units) => {
	const fits = between('yarn', units, 10, 2000);
	return (typed: string): Result<number> => {
		const [length, mass] = typed.split(/\/|per/i);
		const m = parseYarnMetres(length ?? '', units);
		if (!m.ok || mass === undefined) return fits(m);
		const g = parseGrams(mass);
		return g.ok ? fits(good((m.value / g.value) * 100)) : g;
	};
};

export const lengthBetween = (units: Units, min: number, max: number) =>
	between('length', units, min, max);
