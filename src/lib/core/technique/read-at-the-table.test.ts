import { describe, expect, it } from 'vitest';
import { readEverywhere, type Sentence } from '../../../../tests/support/reading';
import { tokensOf } from '../../../../tests/support/tokens';
import { ToldAtTheTable } from '../../../../tests/support/told-at-the-table';
import type { Plan } from '../plan';
import { wordStep } from './say-step';

/** What a step says, without the names of its pieces: they are the maker's and may hold numbers and colours. */
function said(p: Plan, text: string): string {
	const names = [...new Set(p.pieces.map((x) => x.name))]
		.filter((name) => /\d/.test(name) || p.yarns.some((y) => name.includes(y.colourName)))
		.sort((a, b) => b.length - a.length);
	return names.reduce(
		(t, name) => t.replaceAll(name, '').replaceAll(name.toLowerCase(), ''),
		// Estimates come with their spread, whose size `quantity` has tests for.
		text.replace(/± [\d.]+/g, '(spread)')
	);
}

/** An estimate is said to as many digits as its spread has. */
const near = (states: readonly string[], is: readonly string[]): boolean => {
	const cm = (t: readonly string[]) => t.map((x) => Number(x.slice(3))).sort((a, b) => a - b);
	const [a, b] = [cm(states), cm(is)];
	return (
		a.length === b.length &&
		a.every((x, i) => Math.abs(x / b[i]! - 1) < 0.012 || Math.abs(x - b[i]!) < 0.06)
	);
};

const unasserted = new Set<string>();

function* atTheTable(p: Plan): Generator<Sentence> {
	const told = new ToldAtTheTable(p);
	for (const s of p.steps) {
		const { title, how } = wordStep(s, 'cm');
		const names = p.yarns.map((y) => y.colourName);
		const states = tokensOf(said(p, `${title}. ${how}`), names)
			// `500 in the middle` is no length.
			.map((t) => (t.startsWith('in ') ? `number ${t.slice(3)}` : t))
			// All of them, by whatever they are called.
			.map((t) => (['rest', 'block'].includes(s.do) ? t.replace(/^\w+/, 'all') : t))
			.sort();
		const is = told.of(s)?.sort() ?? null;
		const text = `"${title}. ${how}"`;
		yield s.do === 'measure-tube' && is
			? { text, states, is, same: near(states, is) }
			: { text, states, is };
	}
	for (const kind of told.unasserted) unasserted.add(kind);
}

describe('what is said at the table is what lies on it', () => {
	readEverywhere('table', atTheTable);
	it('every kind of work is asserted', () => {
		expect([...unasserted]).toEqual([]);
	});
});
