import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { benchOf, projectOf } from '../../../../tests/support/bench';
import { HATS, TUBES } from '../../core/model/kinds';
import { plan, type PlanOf } from '../../core/plan';
import type { Project } from '../../core/model/project';
import { rowPlaces } from '../../core/plan/places';
import { planStages } from '$lib/core/thing/plan-stages';
import { recipeOf } from '../../core/recipe';
import type { Options } from '../../core/model/options';
import type { Stage, StageInput } from '../../core/assembly/stage';
import { stagesOf } from '../../core/assembly/stages';

const T = 'tube';
const input = (patch: Partial<StageInput>): StageInput => ({
	runs: [{ from: 0, to: 80, yarn: 0 }],
	rowsPerCm: [2],
	widthCm: 20,
	assembly: [],
	brimCm: 0,
	hangs: 'cast-on-up',
	...patch
});
const extent = (s: Stage, of: 'x' | 'y') => {
	const all = s.rungs.flatMap((r) => [r.a[of], r.b[of]]);
	return { from: Math.min(...all), to: Math.max(...all) };
};
const size = (s: Stage) => {
	const [x, y] = [extent(s, 'x'), extent(s, 'y')];
	return { wide: x.to - x.from, high: y.to - y.from };
};

describe('the tube step by step', () => {
	it('comes off the machine in its own proportion, hanging or lying', () => {
		expect(size(stagesOf(input({}))[0]!)).toEqual({ wide: 20, high: 40 });
		expect(size(stagesOf(input({ hangs: 'lying' }))[0]!)).toEqual({ wide: 40, high: 20 });
	});

	it('tucked it is half as tall, with the lining behind and its inside out', () => {
		const [, tucked] = stagesOf(
			input({ assembly: [{ do: 'tuck', piece: T, atRow: 40, inner: 'cast-off' }] })
		);
		expect(size(tucked!)).toEqual({ wide: 20, high: 20 });
		const lining = tucked!.bands.filter((_, i) => tucked!.rungs[i]!.row >= 40);
		expect(lining.every((b) => b.layer < 0 && !b.faceOut)).toBe(true);
	});

	it('a brim turned up by 5 cm takes them off the height, the lining in front', () => {
		const stages = stagesOf(
			input({
				brimCm: 5,
				assembly: [
					{ do: 'tuck', piece: T, atRow: 40, inner: 'cast-off' },
					{ do: 'turn-up', piece: T, heightCm: 5 }
				]
			})
		);
		expect(size(stages.at(-1)!).high).toBeCloseTo(15, 8);
		const brim = stages.at(-1)!.bands.filter((b) => b.layer === 2);
		expect(brim.length).toBeGreaterThan(0);
		expect(brim.every((b) => b.faceOut)).toBe(true);
	});

	it('a hem of 40 rows takes 20 rows off the height (common practice: 65 rows stand 45 high)', () => {
		const stages = stagesOf(
			input({
				runs: [{ from: 0, to: 65, yarn: 0 }],
				assembly: [{ do: 'hem', piece: T, rows: 40 }],
				hangs: 'cast-on-down'
			})
		);
		expect(size(stages[1]!).high).toBeCloseTo(45 / 2, 8);
	});

	it('a gathered end is a point on a quarter circle: its arc is as long as the rows in it', () => {
		const [, s] = stagesOf(input({ assembly: [{ do: 'gather', piece: T, edge: 'cast-on' }] }));
		const pole = s!.rungs[0]!;
		expect(pole.b.x - pole.a.x).toBeCloseTo(0, 8);
		// Half the width is the radius; rows up to its quarter arc lie on it.
		const arc = (20 * Math.PI) / 4;
		const along = s!.rungs
			.filter((r) => r.row / 2 <= arc + 1e-3)
			.map((r) => ({ x: r.b.x - 10, y: r.b.y }));
		let length = 0;
		for (let i = 1; i < along.length; i++)
			length += Math.hypot(along[i]!.x - along[i - 1]!.x, along[i]!.y - along[i - 1]!.y);
		expect(length).toBeCloseTo(arc, 1);
		expect(size(s!).wide).toBeCloseTo(20, 8);
	});

	it('a ring is as far round as the tube is long; with a half turn its edges cross at the front', () => {
		const ring = (twist: boolean) =>
			stagesOf(input({ hangs: 'lying', assembly: [{ do: 'join-ring', piece: T, twist }] })).at(-1)!;
		expect(size(ring(false)).wide).toBeCloseTo(40 / Math.PI, 1);
		const widths = ring(true).rungs.map((r) => r.b.y - r.a.y);
		expect(Math.min(...widths)).toBeLessThan(0.5);
		expect(Math.max(...widths)).toBeCloseTo(20, 8);
	});
});

describe('of every recipe', () => {
	const plans = [...HATS, ...TUBES].map((id) => {
		const options = recipeOf(id)!.defaults(benchOf())! as Options;
		const project: Project = { ...projectOf(), options };
		const p = plan(project, benchOf());
		if (!p.ok || p.finished.kind === 'flags') throw new Error(`no plan of ${id}`);
		return [id, p] as readonly [string, PlanOf<'worn'> | PlanOf<'tube'>];
	});

	it.each(plans)(
		'%s: rungs and bands match from stage to stage, each step is in the list',
		(_, p) => {
			const stages = planStages(p);
			expect(stages[0]!.finish).toBeNull();
			for (const s of stages.slice(1)) expect(s.finish).not.toBeNull();
			for (const s of stages) {
				expect(s.rungs.map((r) => r.row)).toEqual(stages[0]!.rungs.map((r) => r.row));
				expect(s.bands).toHaveLength(s.rungs.length - 1);
				expect(JSON.stringify(s)).not.toContain('null,"y"');
				for (const r of s.rungs)
					for (const v of [r.a.x, r.a.y, r.b.x, r.b.y]) expect(Number.isFinite(v)).toBe(true);
				for (const t of s.trims)
					for (const q of t.points) expect(Number.isFinite(q.x + q.y)).toBe(true);
			}
		}
	);

	it.each(plans)(
		'%s: the finished picture has every row in the layer where the fold puts it',
		(_, p) => {
			const last = planStages(p).at(-1)!;
			const places = rowPlaces(p);
			if (
				p.finished.kind === 'tube' &&
				p.assembly.some((s) => s.do === 'join-ring' || s.do === 'hook-ends')
			)
				return;
			for (const [i, b] of last.bands.entries()) {
				const middle = (last.rungs[i]!.row + last.rungs[i + 1]!.row) / 2;
				const place = places[Math.floor(middle)]!;
				// Next to a fold half a row may lie on the other side of it.
				const near = [-1, 1].some((d) => places[Math.floor(middle) + d]?.layer !== place.layer);
				if (!near) expect([b.layer, b.faceOut]).toEqual([place.layer, place.faceOut]);
			}
		}
	);
});

it('any tube on any lengths: nothing is lost or bent past its size', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 6, max: 500 }),
			fc.double({ min: 2, max: 60, noNaN: true }),
			fc.subarray(['cast-on', 'cast-off'] as const),
			(rows, widthCm, edges) => {
				const stages = stagesOf(
					input({
						runs: [{ from: 0, to: rows, yarn: 0 }],
						widthCm,
						assembly: edges.map((edge) => ({ do: 'gather' as const, piece: T, edge }))
					})
				);
				for (const s of stages) {
					expect(size(s).wide).toBeLessThanOrEqual(widthCm + 1e-9);
					expect(size(s).high).toBeLessThanOrEqual(rows / 2 + 1e-9);
				}
			}
		),
		{ seed: 71, numRuns: 200 }
	);
});
