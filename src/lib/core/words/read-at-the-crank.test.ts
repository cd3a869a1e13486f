import { describe, expect, it } from 'vitest';
import { everyChange } from '../../../../tests/support/changes';
import { benchWith, everyStart, RINGS, withWaste } from '../../../../tests/support/every';
import { OffTheRing } from '../../../../tests/support/off-the-ring';
import { SEEDED_MS, seededProjects } from '../../../../tests/support/some-options';
import { tokensOf } from '../../../../tests/support/tokens';
import {
	RAVEL_NAME,
	ToldAtTheCrank,
	WASTE_NAME
} from '../../../../tests/support/told-at-the-crank';
import type { Bench, Project } from '../model/project';
import { plan } from '../plan';
import { eventContext } from './context';
import { wordEvent } from './events';

/** Reads every sentence at the crank back, and holds what it states to the fabric. */
class Reading {
	plans = 0;
	sentences = 0;
	facts = 0;
	readonly wrong: string[] = [];

	read(what: string, project: Project, made: Bench): void {
		// Names that no sentence has for another reason.
		const bench = {
			...made,
			yarns: made.yarns.map((y, i) => ({ ...y, colourName: `hue${'abcdefghijklmnop'[i] ?? i}` }))
		};
		const p = plan(project, bench);
		if (!p.ok || p.findings.some((f) => f.severity === 'stop')) return;
		this.plans += 1;
		const yarns = [...p.yarns.map((y) => y.colourName), WASTE_NAME, RAVEL_NAME];
		for (const piece of p.pieces) {
			const told = new ToldAtTheCrank(p, piece, new OffTheRing(piece.program, piece.machine));
			for (const e of piece.sheet.events) {
				const { title, how, also = '' } = wordEvent(e, eventContext(p, piece.machine, 'cm'));
				const said = tokensOf(`${title}. ${how} ${also}`, yarns);
				const is = told.of(e);
				this.sentences += 1;
				this.facts += said.length;
				// One stitch alone is at either edge.
				const same = (fact: string, i: number) =>
					fact === is[i] || (is[i] === 'edge of one' && fact.startsWith('edge '));
				if (said.length !== is.length || !said.every(same))
					this.wrong.push(
						`${what}, ${piece.name}, after row ${e.after}: "${title}. ${how}" states ${said.join(', ')}; it is ${is.join(', ')}`
					);
			}
		}
	}
	holds(least: number): void {
		expect(this.wrong.slice(0, 10)).toEqual([]);
		expect(this.plans).toBeGreaterThan(least);
		process.stdout.write(
			`read at the crank: ${this.plans} plans, ${this.sentences} sentences, ${this.facts} facts, each asserted\n`
		);
	}
}

describe('what is said at the crank is what the machine has', () => {
	it('as every recipe begins, on every ring, with every school of waste', () => {
		const reading = new Reading();
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
