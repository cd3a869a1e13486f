import { expect, it } from 'vitest';
import type { Bench, Project } from '../../src/lib/core/model/project';
import { plan, type Plan } from '../../src/lib/core/plan';
import { everyChange, gatheredOtherwise } from './changes';
import { benchWith, everyStart, RINGS, withWaste } from './every';
import { SEEDED_MS, seededProjects } from './some-options';
import type { Token } from './tokens';

/** A sentence with what it states, and what it should; null where nobody knows. */
export interface Sentence {
	readonly text: string;
	readonly states: readonly Token[];
	readonly is: readonly Token[] | null;
	/** Whether they are the same; one by one where left out. */
	readonly same?: boolean;
}

const alike = ({ states, is, same }: Sentence): boolean =>
	is === null ||
	(same ?? (states.length === is.length && states.every((fact, i) => fact === is[i])));

/** Stops that follow one another, and gaps. */
const BROKEN = /[,;:] ?[.,;:]|\.\.| {2}/;

/** Reads every sentence of plans back, and holds all that it states to what is there. */
class Reading {
	plans = 0;
	sentences = 0;
	facts = 0;
	readonly wrong: string[] = [];

	constructor(
		readonly where: string,
		readonly sentencesOf: (p: Plan) => Iterable<Sentence>
	) {}

	read(what: string, project: Project, made: Bench): void {
		// Names that no sentence has for another reason.
		const named = (i: number) => `hue${'abcdefghijklmnop'[i] ?? i}`;
		const yarns = made.yarns.map((y, i) => ({ ...y, colourName: named(i) }));
		const p = plan(project, { ...made, yarns });
		if (!p.ok || p.findings.some((f) => f.severity === 'stop')) return;
		this.plans += 1;
		for (const said of this.sentencesOf(p)) {
			this.sentences += 1;
			this.facts += said.states.length;
			if (BROKEN.test(said.text)) this.wrong.push(`${what}, ${said.text} is no sentence`);
			if (!alike(said))
				this.wrong.push(
					`${what}, ${said.text} states ${said.states.join(', ')}; it is ${said.is?.join(', ')}`
				);
		}
	}
	holds(least: number): void {
		expect(this.wrong.slice(0, 10)).toEqual([]);
		expect(this.plans).toBeGreaterThan(least);
		process.stdout.write(
			`read at the ${this.where}: ${this.plans} plans, ${this.sentences} sentences, ${this.facts} facts, each asserted\n`
		);
	}
}

/** Tests that read every sentence of every plan there is to be thought of. */
export function readEverywhere(where: string, sentencesOf: (p: Plan) => Iterable<Sentence>): void {
	const begin = () => new Reading(where, sentencesOf);
	it('as every recipe begins, on every ring, with every school of waste', () => {
		const reading = begin();
		for (const [start, end] of [
			[0, 0],
			[4, 0],
			[5, 5]
		] as const)
			for (const b of everyStart(
				withWaste(start, end),
				RINGS.map((pins) => benchWith(pins, pins === 40 ? 2 : 1))
			))
				reading.read(`${b.what} on ${b.pins}`, b.project, b.bench);
		reading.holds(100);
	}, 60_000);

	it('with each single option set to each of its values', () => {
		const reading = begin();
		for (const pins of [22, 48]) {
			const bench = benchWith(pins);
			for (const c of everyChange(bench))
				reading.read(`${c.recipe} on ${pins}, ${c.key ?? 'as it begins'}`, c.project, bench);
			for (const { what, project } of everyStart(withWaste(pins > 40 ? 4 : 0, 0), [bench]))
				for (const p of gatheredOtherwise(project, bench))
					reading.read(`${what} on ${pins}, gathered otherwise`, p, bench);
		}
		reading.holds(500);
	}, 120_000);

	it(
		'and for anything that can be set, seeds 1 to 200; in the long form 2,000 a family',
		() => {
			const reading = begin();
			for (const some of seededProjects(200)) reading.read(some.what, some.project, some.bench);
			reading.holds(50);
		},
		SEEDED_MS
	);
}
