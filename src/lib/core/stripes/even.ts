import type { Section } from './stripe-line';

/**
 * Stretches or shrinks to another total, each section by its share: largest remainders, and every section at least a row.
 * Changes the total. Fewer rows than sections cannot be: the total is then as many rows as sections.
 */
export function evenOut(sections: readonly Section[], rows: number): Section[] {
	const wanted = Math.max(sections.length, rows);
	const spare = wanted - sections.length;
	const weights = sections.map((s) => s.rows - 1);
	const sum = weights.reduce((a, b) => a + b, 0);
	const exact = sections.map((_, i) =>
		sum > 0 ? (spare * weights[i]!) / sum : spare / sections.length
	);
	const whole = exact.map(Math.floor);
	const over = wanted - sections.length - whole.reduce((a, b) => a + b, 0);
	const most = exact
		.map((e, i) => ({ i, rest: e - whole[i]! }))
		.sort((a, b) => b.rest - a.rest || a.i - b.i)
		.slice(0, over);
	for (const { i } of most) whole[i]! += 1;
	return sections.map((s, i) => ({ ...s, rows: 1 + whole[i]! }));
}
