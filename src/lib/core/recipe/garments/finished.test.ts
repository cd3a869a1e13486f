import { totalsOf, yarnOfPiece } from '../../plan/totals';
import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	M48,
	projectOf,
	readingOf,
	swatchOf
} from '../../../../../tests/support/bench';
import { knittedRows } from '../../crank/knitted';
import type { RunEvent } from '../../model/project';
import { GARMENTS } from '../../model/kinds';
import type { GarmentOptions } from './options';
import { comesOut, plan, type PlanOf } from '../../plan';
import { garmentDefaults } from './start';
import { edgeAt, heightOf, type Point } from '../../shaping/outline';
import { wordFinding } from '../../finding/says';
import { wordSchedule, wordShapeProblem } from '../../shaping/words';
import { say } from '../../quantity/say';
import { handYarnOf } from '../../technique';
import { wordStep } from '../../technique/say-step';
import { flatOf } from './flat';

const bench = benchOf({
	yarns: [A, B],
	swatches: [swatchOf(M48, A, [readingOf(16, 21)]), swatchOf(M48, B, [readingOf(16, 21)])]
});
const density = { stitchesPerCm: 1.6, rowsPerCm: 2.1 };

function planOf(
	kind: (typeof GARMENTS)[number],
	patch: Partial<GarmentOptions> = {}
): PlanOf<'flat'> {
	const options = { ...garmentDefaults(kind, bench)!, ...patch };
	const p = plan({ ...projectOf(), options }, bench);
	if (!p.ok || !comesOut(p, 'flat')) throw new Error('no garment');
	return p;
}

/** Twice the area of a polygon by its corners (the shoelace formula). */
const area = (points: readonly Point[]): number =>
	Math.abs(
		points.reduce((t, p, i) => {
			const q = points[(i + 1) % points.length]!;
			return t + p.x * q.y - q.x * p.y;
		}, 0) / 2
	);

describe('the finished thing, flat', () => {
	it('is laid from its pieces in true size: bands of colour fill each piece', () => {
		for (const kind of GARMENTS) {
			const options = { ...garmentDefaults(kind, bench)!, yarns: [A.id, B.id], stripes: '6 A 4 B' };
			const { made } = planOf(kind, { yarns: [A.id, B.id], stripes: '6 A 4 B' }).finished;
			const flat = flatOf(options, made, density);
			expect(flat.parts.length).toBeGreaterThan(0);
			for (const part of flat.parts) {
				const bands = part.bands.reduce((t, b) => t + area(b.points), 0);
				expect(Math.abs(bands / area(part.points) - 1)).toBeLessThan(0.02);
			}
		}
	});

	it('a body is as wide flat as half of it is round', () => {
		const p = planOf('vest');
		const options = garmentDefaults('vest', bench)!;
		const flat = flatOf(options, p.finished.made, density);
		expect(2 * (flat.high.x - flat.low.x)).toBeCloseTo(p.finished.body!.chestCm, 6);
		expect(flat.shoulderCm).toBeLessThan(flat.high.y);
	});

	it('a sleeve is as long as it is knitted', () => {
		const options = garmentDefaults('sweater', bench)!;
		const { made } = planOf('sweater').finished;
		const sleeve = flatOf(options, made, density).parts.find((p) => p.piece === 'sleeve')!;
		const [tip, end] = sleeve.points as [Point, Point];
		const drawn = made.drawn.pieces.find((p) => p.id === 'sleeve')!;
		expect(Math.hypot(end.x - tip.x, end.y - tip.y)).toBeCloseTo(heightOf(drawn.outline), 6);
	});
});

describe('yarn and ends', () => {
	it('the pieces’ yarn together is what the plan’s stitches take', () => {
		const p = planOf('cardigan', { yarns: [A.id, B.id], stripes: '20 A 6 B' });
		for (const amount of p.amounts) {
			const stitches = p.pieces.reduce((t, x) => {
				const takes = yarnOfPiece(x, p.yarns).find((y) => y.yarn === amount.yarn);
				return t + (takes?.metres.mean ?? 0) * x.count;
			}, 0);
			const loop = p.gauges[amount.yarn]!.loopCm.mean / 100;
			expect(stitches).toBeCloseTo(amount.stitches * loop, 6);
		}
	});

	it('stripes leave ends, and so many that it is said', () => {
		const striped = planOf('vest', { yarns: [A.id, B.id], stripes: '8 A 8 B' });
		const pieces = striped.pieces.reduce((t, p) => t + p.count, 0);
		const joins = striped.pieces.reduce((t, p) => t + p.count * (p.tails.length - 2), 0);
		expect(joins).toBeGreaterThan(12);
		// Every seam and every edge is worked with a strand of its own.
		const strands = striped.assembly.reduce(
			(t, s) => t + (s.do === 'sew' || s.do === 'crochet-edge' ? s.times : 0),
			0
		);
		expect(strands).toBeGreaterThan(5);
		expect(totalsOf(striped, 'weave').ends.value.mean).toBe(2 * pieces + joins + 2 * strands);
		expect(striped.findings.map((f) => f.code)).toContain('stripe-ends');
		expect(planOf('vest').findings.map((f) => f.code)).not.toContain('stripe-ends');
	});
});

describe('rows really knitted', () => {
	it('are read from the log, of what is off the machine', () => {
		const p = planOf('vest');
		const front = p.pieces.find((x) => x.id === 'front-left')!;
		const event = (n: number, more: object): RunEvent =>
			({ id: `e${n}`, projectId: 'p', at: n, n, piece: 'front-left', ...more }) as RunEvent;
		const to = front.sheet.wasteBefore + front.mainRows - 2;
		const run = [event(0, { type: 'start' }), event(1, { type: 'jump', to })];
		expect(knittedRows(p.pieces, run).size).toBe(0);
		const off = [...run, event(2, { type: 'off' })];
		expect([...knittedRows(p.pieces, off)]).toEqual([['front-left', front.mainRows - 2]]);
	});

	it('are marked at the edge where nothing counts them', () => {
		const p = planOf('vest');
		const back = p.pieces[0]!;
		const marks = back.sheet.events.flatMap((e) => (e.kind === 'mark' ? [e.mainRow] : []));
		const under = p.finished.made.pieces[0]!.parts.find((x) => x.part === 'side')!.rows;
		expect(marks).toContain(under);
		expect(marks).toContain(20);
		const counting = benchOf({ ...bench, machines: [{ ...M48, counter: 'both' }] });
		const counted = plan({ ...projectOf(), options: garmentDefaults('vest', counting)! }, counting);
		expect(counted.ok && counted.pieces[0]!.sheet.events.some((e) => e.kind === 'mark')).toBe(
			false
		);
	});
});

describe('in words', () => {
	it('an edge is told as a maker says it', () => {
		const p = planOf('vest');
		const { schedule } = p.finished.made.pieces[0]!;
		const said = wordSchedule(schedule!.left, 'fashioned');
		expect(said).toMatch(/^chain \d+ off after row \d+, then decrease 1 every 2nd row \d+ times/);
		expect(wordSchedule(schedule!.right, 'fashioned')).toBe('straight');
		const takes = [4, 8, 12, 16, 20, 22, 24].map((row) => ({
			row,
			stitches: 1,
			how: 'single' as const
		}));
		expect(wordSchedule({ ...schedule!.left, takes }, 'fashioned')).toBe(
			'decrease 1 every 4th row 5 times, first after row 4, then every 2nd row twice, first after row 22'
		);
	});

	it('every finding and every step of every garment has its words, with its numbers', () => {
		const context = { units: 'cm' as const, yarnName: () => 'deep water' };
		const odd: Partial<GarmentOptions> = {
			measures: { armhole: 9, neck: 40, length: 12, neckDrop: 2, upperArm: 60, neckOpen: 120 },
			ladderPins: [1, 20],
			alone: [{ piece: 'front-left', measure: 'armhole', cm: 14 }]
		};
		for (const kind of GARMENTS)
			for (const patch of [{}, odd]) {
				const p = planOf(kind, patch);
				for (const f of p.findings) {
					const { what, why } = wordFinding(f, context);
					expect(`${what} ${why}`).not.toMatch(/undefined|NaN|\[object/);
				}
				for (const s of p.steps) {
					const { title, how } = wordStep(s, 'in');
					expect(`${title} ${how}`).not.toMatch(/undefined|NaN|\[object/);
				}
				expect(new Set(p.steps.map((s) => s.id)).size).toBe(p.steps.length);
			}
	});

	it('what was held on waste yarn while shaping is chained off, as many as were held', () => {
		const held = planOf('vest', { shaping: 'held' });
		const steps = held.steps.filter((s) => s.do === 'close-held');
		expect(steps.map((s) => s.name)).toEqual(held.pieces.map((p) => p.name));
		for (const [i, s] of steps.entries())
			expect(s.loops).toBe(
				held.finished.made.pieces[i]!.stitches - held.finished.made.pieces[i]!.schedule!.remaining
			);
		expect(planOf('vest').steps.some((s) => s.do === 'close-held')).toBe(false);
	});

	it('what cannot be shaped says what would be right', () => {
		const options = garmentDefaults('free-garment', bench)!;
		const piece = options.pieces[0]!;
		const widening = {
			...piece,
			left: [
				{ x: 0, y: 0 },
				{ x: -6, y: 38 }
			]
		};
		const p = planOf('free-garment', { pieces: [widening], seams: [] });
		const found = p.findings.find((f) => f.code === 'cannot-shape')!;
		expect(found.severity).toBe('stop');
		expect(wordFinding(found, { units: 'cm', yarnName: () => 'A' }).why).toContain(
			'a panel only narrows'
		);
		expect(wordShapeProblem({ code: 'turns-back', side: 'left', atCm: 3 }, say('cm'))).toContain(
			'3 cm'
		);
	});

	it('a shrug’s cuff is the multiple of 5 nearest to its loops: 45 over 44 (common practice)', () => {
		const M46 = { ...M48, id: 'm46' as typeof M48.id, pins: 46 };
		const on = benchOf({ machines: [M46], swatches: [swatchOf(M46, A, [readingOf(16, 21)])] });
		const options = garmentDefaults('shrug', on)!;
		const p = plan({ ...projectOf(), machineId: M46.id, options }, on);
		if (!p.ok || !comesOut(p, 'flat')) throw new Error('no shrug');
		const [cuff] = p.steps.flatMap((s) => (s.do === 'crochet-edge' ? [s.count] : []));
		expect(cuff).toMatchObject({ stitches: 45, repeat: { of: 5, loops: 44, rounds: 8 } });
		// One plain round and eight of pattern, at both wrists, take nine times the yarn of one.
		const byHand = (rounds: number) =>
			handYarnOf({
				...p,
				joinTails: 'weave',
				assembly: p.assembly.flatMap((s) =>
					s.do === 'crochet-edge' ? [{ ...s, repeat: { ...s.repeat!, rounds } }] : []
				)
			}).reduce((t, y) => t + y.metres, 0);
		expect(byHand(8)).toBeCloseTo(9 * byHand(0), 9);
	});
});

it('the left edge of an outline is where it is asked', () => {
	const edge = [
		{ x: 0, y: 0 },
		{ x: 0, y: 10 },
		{ x: 3, y: 10 },
		{ x: 5, y: 20 }
	];
	expect([0, 5, 10, 15, 20, 30].map((y) => edgeAt(edge, y))).toEqual([0, 0, 3, 4, 5, 5]);
});
