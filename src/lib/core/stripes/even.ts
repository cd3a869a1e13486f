import { entryAt } from '../quantity/sure';
import type { Section } from './sections';

/**
 * Stretches or shrinks to another total, each section by its share, and every section at least a row. What does not come out
 * whole is spread as evenly as can be: each boundary goes to the row nearest its share of the way, so that equal stripes
 * differ by at most one, and any so many of them in a row by no more (Euclidean rhythm, Bjorklund). Changes the total. Fewer
 * rows than sections cannot be: the total is then as many rows as sections.
 */
export function evenOut(sections: readonly Section[], rows: number): Section[] {
	const wanted = Math.max(sections.length, rows);
	const spare = wanted - sections.length;
	const weights = sections.map((s) => s.rows - 1);
	const sum = weights.reduce((a, b) => a + b, 0);
	const share = (i: number) =>
		sum > 0 ? (spare * entryAt(weights, i)) / sum : spare / Math.max(1, sections.length);
	let exact = 0;
	let given = 0;
	return sections.map((s, i) => {
		exact += share(i);
		// The last boundary is the end itself, whatever the sum of shares was rounded to.
		const upTo = i === sections.length - 1 ? spare : Math.round(exact);
		const here = upTo - given;
		given = upTo;
		return { ...s, rows: 1 + here };
	});
}
