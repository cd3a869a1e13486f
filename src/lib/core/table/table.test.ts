import { describe, expect, it } from 'vitest';
import { SEEDED_MS, seededProjects } from '../../../../tests/support/some-options';
import { everyChange, gatheredOtherwise } from '../../../../tests/support/changes';
import { benchWith, everyStart } from '../../../../tests/support/every';
import type { Bench, Project } from '../model/project';
import { wordFinding } from '../finding/says';
import { plan, type Plan } from '../plan';
import { doneAtTheTable, handEndsOf } from '../technique';
import type { TableFault } from './hands';

const tailsOf = (p: Plan): 'tie' | 'weave' =>
	p.steps.some((s) => s.do === 'join-tails' && s.how === 'weave') ? 'weave' : 'tie';
function tableOf(p: Plan) {
	const laid = { assembly: p.assembly, pieces: p.pieces, joinTails: tailsOf(p) };
	return { ...laid, joints: p.joints, handEnds: handEndsOf(laid) };
}
const said = (f: TableFault) =>
	`${f.code}: ${f.do ?? 'at the end'}${f.piece ? `, ${f.piece}` : ''}${f.at ? `, ${f.at}` : ''}`;

/** Runs plans at the table and counts them; what the ring cannot knit never comes to it. */
class Proof {
	plans = 0;
	steps = 0;
	readonly found: string[] = [];

	run(what: string, project: Project, bench: Bench): void {
		const p = plan(project, bench);
		if (!p.ok || p.pieces.some((x) => x.mainRows === 0)) return;
		this.plans += 1;
		this.steps += p.steps.length;
		const { faults, woven } = doneAtTheTable(tableOf(p));
		// Each piece that cannot be put together is named, and no other.
		const named = p.findings.flatMap((f) =>
			f.code === 'cannot-be-done' && f.where.at === 'piece' ? [f.where.piece] : []
		);
		expect(named.sort()).toEqual([...new Set(faults.map((f) => f.piece ?? ''))].sort());
		// Seams of a free garment are the maker's own: what is wrong with them is a finding.
		const free = project.options.recipe === 'free-garment';
		for (const f of faults)
			if (!free || !['sewn-twice', 'no-such-edge'].includes(f.code))
				this.found.push(`${what}: ${said(f)}`);
		const weave = p.steps.find((s) => s.do === 'weave-in');
		const ends = weave?.do === 'weave-in' ? weave.ends : 0;
		if (ends !== woven) this.found.push(`${what}: says ${ends} ends where there are ${woven}`);
	}
	holds(least: number): void {
		expect(this.found.slice(0, 20)).toEqual([]);
		expect(this.plans).toBeGreaterThan(least);
		process.stdout.write(`at the table: ${this.plans} plans, ${this.steps} steps\n`);
	}
}

describe('done in its order, a plan leaves nothing live, hanging or open', () => {
	it('as every recipe begins, on six rings', () => {
		const proof = new Proof();
		const benches = [16, 22, 32, 40, 48, 72].map((pins) => benchWith(pins));
		for (const b of everyStart((p) => p, benches))
			for (const p of [b.project, ...gatheredOtherwise(b.project, b.bench)])
				proof.run(`${b.what} on ${b.pins}`, p, b.bench);
		proof.holds(450);
	});

	it('with each single option set to each of its values', () => {
		const proof = new Proof();
		for (const pins of [22, 48]) {
			const bench = benchWith(pins);
			for (const c of everyChange(bench))
				proof.run(`${c.recipe} on ${pins}, ${c.key ?? 'as it begins'}`, c.project, bench);
		}
		proof.holds(1000);
	}, 60_000);

	it('with every pair of waste, closing, turn and tails', () => {
		const proof = new Proof();
		const bench = benchWith(48);
		const WAYS: Record<string, readonly unknown[]> = {
			wasteStart: [0, 4, 5],
			wasteWith: ['yarn', 'rag', 'ravel'],
			wasteEnd: [0, 4],
			closing: ['gather', 'zip', 'slip', 'three-needle', 'loop'],
			turn: ['switch', 'hand'],
			joinTails: ['tie', 'weave']
		};
		const ways = Object.entries(WAYS);
		for (const b of everyStart((p) => p, [bench]))
			for (const [i, [one, these]] of ways.entries())
				for (const [other, those] of ways.slice(i + 1)) {
					if (!(one in b.project.options) || !(other in b.project.options)) continue;
					for (const x of these)
						for (const y of those) {
							const options = { ...b.project.options, [one]: x, [other]: y };
							proof.run(`${b.what}, ${one} ${x}, ${other} ${y}`, { ...b.project, options }, bench);
						}
				}
		proof.holds(1500);
	}, 60_000);

	it(
		'and for anything that can be set, seeds 1 to 300; in the long form 2,000 a family',
		() => {
			const proof = new Proof();
			for (const { what, project, bench } of seededProjects(300))
				proof.run(`${what}, ${project.options.recipe}`, project, bench);
			proof.holds(150);
		},
		SEEDED_MS
	);
});

describe('what cannot be done is found', () => {
	const bench = benchWith(48);
	const planOf = (recipe: string): Plan => {
		const begun = everyStart((p) => p, [bench]).find((b) => b.what === recipe)!;
		const p = plan(begun.project, bench);
		if (!p.ok) throw new Error(recipe);
		return p;
	};
	const codes = (p: Plan, change: (a: Plan['assembly']) => Plan['assembly']) =>
		doneAtTheTable({ ...tableOf(p), assembly: change(p.assembly) }).faults.map((f) => f.code);

	it('a row that is never closed, and an end that is never woven in', () => {
		const p = planOf('vest');
		expect(codes(p, (a) => a)).toEqual([]);
		expect(codes(p, (a) => a.filter((s) => s.do !== 'close-row'))).toContain('row-left-live');
		expect(codes(p, (a) => a.filter((s) => s.do !== 'weave-in'))).toContain('end-left');
	});

	it('a sleeve sewn by an edge that stands on its needle; a piece blocked while it can run, or after it is sewn', () => {
		const p = planOf('sweater');
		const late = (a: Plan['assembly']) => [
			...a.filter((s) => s.do !== 'close-row'),
			...a.filter((s) => s.do === 'close-row')
		];
		expect(codes(p, late)).toContain('row-live');
		const blockedLast = (a: Plan['assembly']) => [
			...a.filter((s) => s.do !== 'block'),
			...a.filter((s) => s.do === 'block')
		];
		expect(codes(p, blockedLast)).toContain('blocked-late');
		expect(codes(p, blockedLast)).toContain('not-blocked');
	});

	it('a tail that is shorter than what is to be done with it', () => {
		for (const recipe of ['lined-hat', 'scarf', 'vest', 'ball', 'cord', 'bunting']) {
			const p = planOf(recipe);
			const cut = (share: number) => {
				const pieces = p.pieces.map((x) => ({
					...x,
					tails: x.tails.map((t) => ({ ...t, lengthCm: t.lengthCm * share }))
				}));
				const laid = { ...tableOf(p), pieces };
				return doneAtTheTable({ ...laid, handEnds: handEndsOf(laid) }).faults.map((f) => f.code);
			};
			expect(cut(1), recipe).toEqual([]);
			expect(cut(0.25), recipe).toContain('tail-short');
		}
		// A thread through every loop is at least as long as they lie, and a chain three times that (common practice).
		const panel = planOf('rectangle').pieces[0]!;
		const wide = panel.stitches.last / panel.gauges[0]!.stitchesPerCm.mean;
		const bound = panel.tails.find((t) => t.use === 'bind')!;
		expect(bound.lengthCm).toBeGreaterThan(3 * wide);
	});

	it('a tail worked with twice, a row closed twice, a seam sewn twice', () => {
		const hat = planOf('lined-hat');
		const twice = (kind: string) => (a: Plan['assembly']) =>
			a.flatMap((s) => (s.do === kind ? [s, s] : [s]));
		expect(codes(hat, twice('gather'))).toEqual(
			expect.arrayContaining(['tail-gone', 'row-not-live'])
		);
		expect(codes(planOf('vest'), twice('sew'))).toContain('sewn-twice');
	});

	it('a tube measured when it is folded already, stuffing with no way in, a pom-pom never wound', () => {
		const hat = planOf('lined-hat');
		const last = (kind: string) => (a: Plan['assembly']) => [
			...a.filter((s) => s.do !== kind),
			...a.filter((s) => s.do === kind)
		];
		expect(codes(hat, last('measure-tube'))).toContain('measured-late');
		expect(codes(planOf('ball'), last('stuff'))).toContain('no-way-in');
		expect(codes(planOf('pom-pom'), (a) => a.filter((s) => s.do !== 'wind'))).toContain(
			'nothing-wound'
		);
	});

	it('and said: a seam that a maker asks for twice', () => {
		const begun = everyStart((p) => p, [bench]).find((b) => b.what === 'free-garment')!;
		const { seams } = begun.project.options as unknown as { seams: object[] };
		expect(seams.length).toBeGreaterThan(0);
		const twice = { ...begun.project.options, seams: [...seams, ...seams] };
		const p = plan({ ...begun.project, options: twice }, bench);
		const found = p.findings.filter((f) => f.code === 'cannot-be-done');
		expect(found.map((f) => f.severity)).toContain('warn');
		expect(wordFinding(found[0]!, { units: 'cm', yarnName: () => 'yarn' }).why).toMatch(
			/more often/
		);
	});
});
