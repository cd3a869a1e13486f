import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { harbour } from '../../demo/harbour';
import type { Project } from '../model/project';
import { plan } from '../plan';
import { linesOf, mostOf, planOrder, type OrderLine } from './order';

const { bench, projects } = harbour;
const line = (id: string, wanted: number): OrderLine => {
	const project = projects.find((p) => p.id === `project-${id}`)!;
	const p = plan(project, bench);
	if (!p.ok) throw new Error(id);
	return { project, plan: p, wanted };
};

/** Every way to fill a small order, one by one. */
function allWays(
	demands: readonly { wanted: number; grams: readonly number[] }[],
	have: readonly number[]
): number[][] {
	let ways: number[][] = [[]];
	for (const d of demands)
		ways = ways.flatMap((w) => Array.from({ length: d.wanted + 1 }, (_, n) => [...w, n]));
	return ways.filter((w) =>
		have.every((h, y) => w.reduce((t, n, i) => t + n * demands[i]!.grams[y]!, 0) <= h + 1e-9)
	);
}

describe('the most that can be made', () => {
	it('is the most of all ways there are; of equals, more of what stands first', () => {
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						wanted: fc.integer({ min: 0, max: 4 }),
						grams: fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }))
					}),
					{ minLength: 1, maxLength: 4 }
				),
				fc.tuple(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 0, max: 200 })),
				(demands, have) => {
					const found = mostOf(demands, have);
					const ways = allWays(demands, have);
					const sum = (w: readonly number[]) => w.reduce((t, n) => t + n, 0);
					const most = Math.max(...ways.map(sum));
					const first = ways
						.filter((w) => sum(w) === most)
						.sort((a, b) => a.map((n, i) => b[i]! - n).find((d) => d !== 0) ?? 0)[0]!;
					expect(found).toEqual({ counts: first, best: true });
				}
			),
			{ seed: 91, numRuns: 150 }
		);
	});
	it('stays within its steps however long the order', () => {
		const many = Array.from({ length: 40 }, (_, i) => ({ wanted: 200, grams: [40 + (i % 7)] }));
		const { counts } = mostOf(many, [20_000]);
		expect(counts.reduce((t, n, i) => t + n * many[i]!.grams[0]!, 0)).toBeLessThanOrEqual(20_000);
		expect(counts.reduce((t, n) => t + n, 0)).toBeGreaterThan(300);
	});
});

describe('a stall order', () => {
	const order = planOrder([line('keeper', 2), line('garland', 3), line('seal', 2)], bench.yarns);
	it('adds yarn and hours of all that is wanted', () => {
		const lantern = order.yarns.find((y) => y.yarnId === 'bw-lantern')!;
		const of = (id: string, n: number) =>
			n * (line(id, 0).plan.amounts.find((a) => a.yarnId === 'bw-lantern')?.grams.value.mean ?? 0);
		expect(lantern.need.mean).toBeCloseTo(of('keeper', 2) + of('garland', 3) + of('seal', 2), 6);
		const minutes = (id: string, n: number) => n * line(id, 0).plan.time.value.mean;
		expect(order.crank.mean).toBeCloseTo(
			minutes('keeper', 2) + minutes('garland', 3) + minutes('seal', 2),
			6
		);
		expect(order.byHand.mean).toBeGreaterThan(60);
	});
	it('never promises more than the yarn on hand gives, and says what is missing in balls', () => {
		for (const y of order.yarns) {
			const used = order.possible.reduce((t, n, i) => {
				const one = line(['keeper', 'garland', 'seal'][i]!, 0).plan.amounts.find(
					(a) => a.yarnId === y.yarnId
				);
				return t + n * (one?.grams.value.mean ?? 0);
			}, 0);
			expect(used).toBeLessThanOrEqual(y.have + 1e-6);
			const ball = bench.yarns.find((x) => x.id === y.yarnId)!.ballGrams;
			expect(y.ballsMissing * ball).toBeGreaterThanOrEqual(y.need.mean - y.have - 1e-6);
			expect(y.ballsToBeSure).toBeGreaterThanOrEqual(y.ballsMissing);
			expect(y.enough).toBeGreaterThanOrEqual(0);
			expect(y.enough).toBeLessThanOrEqual(1);
		}
	});
	it('makes what is sure first, then what is tight, and what yarn is short for last; nothing is lost', () => {
		const rank = { sure: 0, tight: 1, short: 2 };
		const ranks = order.batches.map((b) => rank[b.why]);
		expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
		for (const [i, wanted] of [2, 3, 2].entries())
			expect(order.batches.filter((b) => b.line === i).reduce((t, b) => t + b.count, 0)).toBe(
				wanted
			);
	});
	it('of more than there is yarn for, makes the most it can', () => {
		const big = planOrder([line('keeper', 9)], bench.yarns);
		expect(big.possible[0]).toBeLessThan(9);
		expect(big.batches.map((b) => b.why)).toEqual(['tight', 'short']);
		expect(big.yarns.some((y) => y.ballsMissing > 0 && y.enough < 0.05)).toBe(true);
	});
	it('splits yarn held together into what it is made of', () => {
		const warm = bench.yarns.find((y) => y.heldTogether.length > 0)!;
		const keeper = line('first', 1);
		const project = {
			...keeper.project,
			options: { ...keeper.project.options, scheme: { kind: 'one', yarn: warm.id } }
		} as Project;
		const p = plan(project, bench);
		if (!p.ok) throw new Error();
		const o = planOrder([{ project, plan: p, wanted: 1 }], bench.yarns);
		expect(o.yarns.map((y) => y.yarnId).sort()).toEqual(
			warm.heldTogether.map((h) => h.yarnId).sort()
		);
	});
	it('names lines whose project is gone', () => {
		const found = linesOf(
			{
				id: 'o' as never,
				name: 'O',
				createdAt: 0,
				lines: [
					{ projectId: projects[0]!.id, count: 3, made: 1 },
					{ projectId: 'gone' as Project['id'], count: 1, made: 0 }
				],
				note: ''
			},
			projects,
			(p) => {
				const made = plan(p, bench);
				return made.ok ? made : null;
			}
		);
		expect(found.lost).toEqual(['gone']);
		expect(found.lines.map((l) => l.wanted)).toEqual([2]);
	});
});
