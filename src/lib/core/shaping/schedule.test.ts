import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MACHINE_PRESETS } from '../bench/machine/presets';
import { panelPins } from '../bench/machine/panel';
import type { Machine } from '../model/bench';
import { SHAPINGS } from '../model/kinds';
import { yarnRuns, stitchesInRow } from '../simulate/fabric';
import { simulate } from '../simulate/simulate';
import { isSpare } from '../program/program';
import { mirrored, rectangle, upsideDown, widthAt, type Outline } from './outline';
import { panelProgram } from './program';
import { mirroredSchedule, scheduleOf, stitchesByRow, type ShapeRules } from './schedule';

const density = { stitchesPerCm: 1.8, rowsPerCm: 2.4 };
const rules: ShapeRules = {
	shaping: 'fashioned',
	edgeStitches: 1,
	seam: { left: 1, right: 1 },
	yarnAt: 'right'
};
const big = {
	...MACHINE_PRESETS[4]!,
	id: 'm',
	turns: 'clockwise',
	handPanels: 'cross',
	edgeRule: 'under-bar'
} as unknown as Machine;

/** An outline that narrows on both sides, by points that climb, in whole millimetres as a maker types them. */
const mm = (x: number): number => Math.round(10 * x) / 10;
const outlines: fc.Arbitrary<Outline> = fc
	.record({
		width: fc.double({ min: 8, max: 24, noNaN: true }),
		height: fc.double({ min: 4, max: 40, noNaN: true }),
		left: fc.array(
			fc.tuple(
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true })
			),
			{ maxLength: 4 }
		),
		right: fc.array(
			fc.tuple(
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true })
			),
			{ maxLength: 4 }
		)
	})
	.map(({ width: w, height: h, left, right }) => {
		const [width, height] = [mm(w), mm(h)];
		const edge = (steps: [number, number][], from: number, inward: number) => {
			const ys = steps.map(([y]) => mm(y * height)).sort((a, b) => a - b);
			const xs = steps.map(([, x]) => mm((x * width) / 2)).sort((a, b) => a - b);
			const points = ys.map((y, i) => ({ x: from + inward * xs[i]!, y }));
			return [{ x: from, y: 0 }, ...points, { x: points.at(-1)?.x ?? from, y: height }];
		};
		return { left: edge(left, 0, 1), right: edge(right, width, -1) };
	});

describe('a piece in whole stitches and rows', () => {
	it('is run by the simulated machine just as it is scheduled, or says why not', () => {
		fc.assert(
			fc.property(
				outlines,
				fc.constantFrom(...SHAPINGS),
				fc.constantFrom('left' as const, 'right' as const),
				fc.constantFrom('clockwise' as const, 'anticlockwise' as const),
				fc.integer({ min: 0, max: 5 }),
				(outline, shaping, yarnAt, turns, wasteStart) => {
					const found = scheduleOf(outline, density, { ...rules, shaping, yarnAt });
					if (!found.ok) {
						expect(['too-narrow', 'crosses', 'empty']).toContain(found.problem.code);
						return;
					}
					const s = found.schedule;
					const machine = { ...big, turns };
					const program = panelProgram(s, {
						machine,
						turn: 'switch',
						wasteStart,
						sections: [{ yarn: 0, rows: s.rows }],
						wasteEnd: 0
					});
					const fits = s.stitches <= panelPins(machine, 'switch', s.stitches).most;
					const { fabric, faults } = simulate(program, machine);
					if (!fits) {
						expect(faults[0]?.code).toMatch(/past-stop|no-such-pin/);
						return;
					}
					expect(faults).toEqual([]);
					const main = yarnRuns(fabric).find((r) => !isSpare(r.yarn))!;
					expect(main.to - main.from).toBe(s.rows);
					expect(s.rows % 2).toBe(0);
					const knitted = Array.from({ length: s.rows }, (_, r) =>
						stitchesInRow(fabric, main.from + r)
					);
					expect(knitted).toEqual(stitchesByRow(s));
					expect(s.parts.find((p) => p.side === 'bottom')!.stitches).toBe(s.stitches - 2);
				}
			)
		);
	});

	it('mirrors stitch by stitch, with a waste row more or less', () => {
		fc.assert(
			fc.property(outlines, fc.constantFrom(...SHAPINGS), (outline, shaping) => {
				const a = scheduleOf(outline, density, { ...rules, shaping, yarnAt: 'right' });
				const b = scheduleOf(mirrored(outline), density, { ...rules, shaping, yarnAt: 'left' });
				expect(b.ok).toBe(a.ok);
				if (!a.ok || !b.ok) return;
				const sorted = (s: typeof a.schedule) => ({
					...s,
					parts: s.parts.toSorted((x, y) => x.side.localeCompare(y.side))
				});
				expect(sorted(b.schedule)).toEqual(sorted(mirroredSchedule(a.schedule)));
				if (a.schedule.stitches > 44) return;
				const knit = (s: typeof a.schedule) =>
					simulate(
						panelProgram(s, {
							machine: big,
							turn: 'switch',
							wasteStart: 4,
							sections: [{ yarn: 0, rows: s.rows }],
							wasteEnd: 0
						}),
						big
					).fabric;
				const [one, other] = [knit(a.schedule), knit(b.schedule)];
				expect(Math.abs(one.rows - other.rows)).toBe(1);
				const row = (f: typeof one, r: number) =>
					[...f.pin.slice(f.rowStart[r], f.rowStart[r + 1])].sort((x, y) => x - y);
				const low = panelPins(big, 'switch', a.schedule.stitches).from;
				for (let r = 1; r <= a.schedule.rows; r++)
					expect(row(other, other.rows - r)).toEqual(
						row(one, one.rows - r)
							.map((p) => 2 * low + a.schedule.stitches - 1 - p)
							.reverse()
					);
			})
		);
	});

	it('does not change when gauge and outline are scaled together', () => {
		fc.assert(
			fc.property(outlines, fc.constantFrom(0.5, 2, 2.54, 10), (outline, k) => {
				const scaled: Outline = {
					left: outline.left.map((p) => ({ ...p, x: p.x * k, y: p.y * k })),
					right: outline.right.map((p) => ({ ...p, x: p.x * k, y: p.y * k }))
				};
				const a = scheduleOf(outline, density, rules);
				const b = scheduleOf(
					scaled,
					{ stitchesPerCm: density.stitchesPerCm / k, rowsPerCm: density.rowsPerCm / k },
					rules
				);
				expect(b.ok).toBe(a.ok);
				if (!a.ok || !b.ok) return;
				const counts = (s: typeof a.schedule) => ({
					...s,
					left: s.left.takes,
					right: s.right.takes,
					parts: s.parts.map(({ cm: _cm, ...p }) => p)
				});
				expect(counts(b.schedule)).toEqual(counts(a.schedule));
			})
		);
	});

	it('counts named stretches: 40 in at 5 rows to the inch are 200 rows (common practice)', () => {
		const found = scheduleOf(
			rectangle(20, 40 * 2.54),
			{ stitchesPerCm: 1.5, rowsPerCm: 5 / 2.54 },
			rules
		);
		expect(found.ok && found.schedule.rows).toBe(200);
		expect(found.ok && found.schedule.stitches).toBe(32);
		expect(
			found.ok && found.schedule.parts.map((p) => [p.part, p.side, p.rows, p.stitches])
		).toEqual([
			['side', 'left', 200, 0],
			['side', 'right', 200, 0],
			['top', 'top', 0, 30],
			['hem', 'bottom', 0, 30]
		]);
	});

	it('shapes an armhole: a group at once, then one every other row, then straight', () => {
		const found = scheduleOf(
			{
				left: [
					{ x: 0, y: 0, part: 'side' },
					{ x: 0, y: 20, part: 'armhole' },
					{ x: 4 / 1.8, y: 20, part: 'armhole' },
					{ x: 4 / 1.8, y: 20 + 1 / 2.4, part: 'armhole' },
					{ x: 9 / 1.8, y: 20 + 11 / 2.4, part: 'armhole' },
					{ x: 9 / 1.8, y: 40 }
				],
				right: [
					{ x: 20, y: 0, part: 'centre' },
					{ x: 20, y: 40 }
				],
				top: 'shoulder'
			},
			density,
			{ ...rules, yarnAt: 'left' }
		);
		if (!found.ok) throw new Error(found.problem.code);
		const { takes } = found.schedule.left;
		expect(takes[0]).toEqual({ row: 48, stitches: 4, how: 'group' });
		expect(takes.slice(1)).toHaveLength(5);
		expect(new Set(takes.slice(2).map((t, i) => t.row - takes[i + 1]!.row))).toEqual(new Set([2]));
		const armhole = found.schedule.parts.find((p) => p.part === 'armhole')!;
		expect([armhole.stitches, armhole.rows]).toEqual([9, 48]);
		expect(found.schedule.remaining).toBe(36 + 2 - 9);
	});

	it('refuses what widens, says where, and takes it from the other end', () => {
		const sleeve: Outline = {
			left: [
				{ x: 4, y: 0 },
				{ x: 0, y: 40 }
			],
			right: [
				{ x: 16, y: 0 },
				{ x: 20, y: 40 }
			]
		};
		const up = scheduleOf(sleeve, density, rules);
		expect(up.ok).toBe(false);
		expect(!up.ok && up.problem).toMatchObject({ code: 'widens', side: 'left', atCm: 40 });
		const down = scheduleOf(upsideDown(sleeve), density, rules);
		expect(down.ok && down.schedule.stitches).toBe(38);
		expect(widthAt(upsideDown(sleeve), 0)).toBe(20);
	});

	it('refuses a point that no hand could work', () => {
		const flag: Outline = {
			left: [
				{ x: 0, y: 0 },
				{ x: 10, y: 20 }
			],
			right: [
				{ x: 20, y: 0 },
				{ x: 10, y: 20 }
			]
		};
		const found = scheduleOf(flag, density, { ...rules, seam: { left: 0, right: 0 } });
		expect(found.ok).toBe(false);
		expect(!found.ok && found.problem.code).toBe('too-narrow');
	});
});
