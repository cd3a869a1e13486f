import { describe, expect, it } from 'vitest';
import { everyChange } from '../../../../tests/support/changes';
import { benchWith, everyStart, RINGS, withWaste } from '../../../../tests/support/every';
import { SEEDED_MS, seededProjects } from '../../../../tests/support/some-options';
import { tokensOf } from '../../../../tests/support/tokens';
import { ToldAtTheTable } from '../../../../tests/support/told-at-the-table';
import type { Bench, Project } from '../model/project';
import { plan, type Plan } from '../plan';
import { wordStep } from './say-step';

/** What a step says, without the names of its pieces: they are the maker's and may hold numbers. */
function said(p: Plan, text: string): string {
	const names = [...new Set(p.pieces.map((x) => x.name))]
		.filter((name) => /\d/.test(name))
		.sort((a, b) => b.length - a.length);
	return names.reduce(
		(t, name) => t.replaceAll(name, '').replaceAll(name.toLowerCase(), ''),
		// Estimates come with their spread, whose size `quantity` has tests for.
		text.replace(/± [\d.]+/g, '(spread)')
	);
}

/** An estimate is said to as many digits as its spread has. */
const near = (said: readonly string[], is: readonly string[]): boolean => {
	const cm = (t: readonly string[]) => t.map((x) => Number(x.slice(3))).sort((a, b) => a - b);
	const [a, b] = [cm(said), cm(is)];
	return (
		a.length === b.length &&
		a.every((x, i) => Math.abs(x / b[i]! - 1) < 0.012 || Math.abs(x - b[i]!) < 0.06)
	);
};

/** Reads every sentence at the table back, and holds what it states to fabric, assembly and table. */
class Reading {
	plans = 0;
	sentences = 0;
	facts = 0;
	readonly wrong: string[] = [];
	readonly unasserted = new Set<string>();

	read(what: string, project: Project, bench: Bench): void {
		const p = plan(project, bench);
		if (!p.ok || p.findings.some((f) => f.severity === 'stop')) return;
		this.plans += 1;
		const told = new ToldAtTheTable(p);
		for (const s of p.steps) {
			const { title, how } = wordStep(s, 'cm');
			const states = tokensOf(said(p, `${title}. ${how}`), [])
				.map((t) => (t.startsWith('in ') ? `number ${t.slice(3)}` : t))
				// All of them, by whatever they are called.
				.map((t) => (['rest', 'block'].includes(s.do) ? t.replace(/^\w+/, 'all') : t))
				.sort();
			const is = told.of(s)?.sort();
			this.sentences += 1;
			this.facts += states.length;
			if (is && !(s.do === 'measure-tube' ? near(states, is) : states.join() === is.join()))
				this.wrong.push(
					`${what}: "${title}. ${how}" states ${states.join(', ')}; it is ${is.join(', ')}`
				);
		}
		for (const kind of told.unasserted) this.unasserted.add(kind);
	}
	holds(least: number): void {
		expect(this.wrong.slice(0, 10)).toEqual([]);
		expect([...this.unasserted]).toEqual([]);
		expect(this.plans).toBeGreaterThan(least);
		process.stdout.write(
			`read at the table: ${this.plans} plans, ${this.sentences} sentences, ${this.facts} facts, each asserted\n`
		);
	}
}

describe('what is said at the table is what lies on it', () => {
	it('as every recipe begins, on every ring, with every school of waste', () => {
		const reading = new Reading();
		for (const [start, end] of [
			[0, 0],
			[4, 0],
			[5, 5]
		] as const)
			for (const b of everyStart(
				withWaste(start, end),
				RINGS.map((pins) => benchWith(pins))
			))
				reading.read(`${b.what} on ${b.pins}`, b.project, b.bench);
		reading.holds(100);
	}, 60_000);

	it('with each single option set to each of its values', () => {
		const reading = new Reading();
		for (const pins of [22, 48]) {
			const bench = benchWith(pins);
			for (const c of everyChange(bench))
				reading.read(`${c.recipe} on ${pins}, ${c.key ?? 'as it begins'}`, c.project, bench);
		}
		reading.holds(500);
	}, 120_000);

	it(
		'and for anything that can be set, seeds 1 to 200; in the long form 2,000 a family',
		() => {
			const reading = new Reading();
			for (const some of seededProjects(200)) reading.read(some.what, some.project, some.bench);
			reading.holds(50);
		},
		SEEDED_MS
	);
});
