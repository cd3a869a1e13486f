import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	machineOf,
	M48,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../../tests/support/bench';
import { metresPerRow, rowsLeft, shareBalls, takeOffTailCm } from '../gauge/ball';
import { expectedSlot } from '../machine/slot';
import type { Yarn, YarnTest } from '../../model/bench';
import { estimate, exact } from '../../quantity/estimate';
import { holdTogether, workingClass } from './held-together';
import { pairsForTex } from './pairs';
import { gramsOnHand, partsOf, splitGrams } from './parts';
import { divideCake, phaseRows, phaseRuns, phasesShown } from './phases';
import { effectiveTex, texFrom, twistKey } from './tex';
import { contradictions, testsOf, verdicts } from './trials';
import { classOfTex, texOfClass } from './weight-class';

const lookupIn = (yarns: readonly Yarn[]) => (id: string) => yarns.find((y) => y.id === id);
const id = (s: string) => s as Yarn['id'];

describe('strands held together', () => {
	const thin = yarnOf('thin', {
		name: 'Thin',
		metresPer100g: 400,
		gramsOnHand: 100,
		weightClass: 1
	});
	const thick = yarnOf('thick', {
		name: 'Thick',
		metresPer100g: 200,
		gramsOnHand: 60,
		fibres: [{ fibre: 'cotton', percent: 100 }],
		strength: 'weak',
		stretch: 'little',
		surface: 'fuzzy',
		wash: 'hand',
		dry: 'flat'
	});
	const both = holdTogether(id('both'), [
		{ yarn: { ...thin, wash: 'machine-40', dry: 'tumble' }, strands: 1 },
		{ yarn: thick, strands: 1 }
	]);

	it('tex adds up (ISO 1144)', () => {
		expect(effectiveTex(both)).toBeCloseTo(texFrom(400) + texFrom(200), 10);
	});

	// Common practice: two strands of class 1 stand in for a class 4.
	it('two strands of class 1 work as class 4', () => {
		expect(workingClass(holdTogether(id('x'), [{ yarn: thin, strands: 2 }]))).toBe(4);
	});

	it('one yarn doubled keeps its name, so that its own swatches speak for it', () => {
		const doubled = holdTogether(id('x'), [{ yarn: thin, strands: 2 }]);
		expect(twistKey(doubled)).toBe(twistKey(thin));
		expect(doubled).toMatchObject({ strands: 2, gramsOnHand: 100 });
	});

	it('fibre goes by weight, care by the most delicate, strength by the strongest', () => {
		expect(both.fibres).toEqual([
			{ fibre: 'cotton', percent: 66.7 },
			{ fibre: 'wool', percent: 33.3 }
		]);
		expect(both).toMatchObject({
			strength: 'strong',
			surface: 'fuzzy',
			stretch: 'little',
			wash: 'hand'
		});
	});

	it('what is on hand is what the scarcest part allows', () => {
		// A third of the weight is thin: 60 g of thick go with 30 g of thin.
		expect(both.gramsOnHand).toBeCloseTo(90, 10);
		const less = lookupIn([{ ...thin, gramsOnHand: 10 }, thick]);
		expect(gramsOnHand(both, less)).toBeCloseTo(30, 10);
		expect(gramsOnHand(both, lookupIn([thin]))).toBe(0);
	});

	it('grams split over the parts and add up again', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 1000, noNaN: true }), (grams) => {
				const parts = splitGrams(both, grams, lookupIn([thin, thick]));
				expect(parts.reduce((t, p) => t + p.grams, 0)).toBeCloseTo(grams, 8);
			}),
			{ seed: 3 }
		);
		expect(partsOf(A, lookupIn([A]))).toEqual([{ yarn: A, strands: 1 }]);
	});

	it('pairs for a wanted tex: all of them and no others, nearest first, against looking at every pair', () => {
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 60, max: 800 }), { minLength: 1, maxLength: 25 }),
				fc.integer({ min: 0, max: 7 }),
				(metres, weightClass) => {
					const yarns = metres.map((m, i) => yarnOf(`y${i}`, { metresPer100g: m }));
					const wanted = texOfClass(weightClass);
					const all = yarns.flatMap((a, i) =>
						yarns.slice(i).map((b) => Math.log((effectiveTex(a) + effectiveTex(b)) / wanted))
					);
					const near = all
						.map(Math.abs)
						.filter((off) => off <= 0.2)
						.sort((a, b) => a - b);
					const found = pairsForTex(yarns, wanted, 1000).map((p) => Math.abs(p.off));
					expect(found).toHaveLength(near.length);
					found.forEach((off, i) => expect(off).toBeCloseTo(near[i]!, 9));
				}
			),
			{ seed: 5, numRuns: 200 }
		);
	});

	it('a pair gives the metres that both have, and half of a yarn with itself', () => {
		const [pair] = pairsForTex([thin], texOfClass(4), 5);
		expect(pair!.metres).toBeCloseTo(200, 10);
		expect(pairsForTex([{ ...thin, gramsOnHand: 0 }], texOfClass(4), 5)).toEqual([]);
	});
});

describe('weight classes', () => {
	it('every class is that of its own usual tex', () => {
		for (let c = 0; c <= 7; c++) expect(classOfTex(texOfClass(c))).toBe(c);
	});
});

describe('the slot to start with', () => {
	it('small for light, the middle for worsted, large for thick (common practice)', () => {
		const slot = (metresPer100g: number) =>
			expectedSlot(M48, yarnOf('x', { metresPer100g }), [], []).slot;
		expect([slot(400), slot(200), slot(80)]).toEqual([1, 2, 3]);
		expect(expectedSlot(machineOf(22, { slots: 0 }), A, [], []).slot).toBe(0);
	});

	it('the maker’s own swatch of a like yarn speaks before the usual', () => {
		const near = yarnOf('near', { name: 'Near', metresPer100g: 210 });
		const swatch = swatchOf(M48, near, [readingOf(12, 20)], { slot: 3 });
		expect(expectedSlot(M48, A, [swatch], [near])).toEqual({ slot: 3, like: near });
		expect(expectedSlot(machineOf(46), A, [swatch], [near]).like).toBeNull();
	});
});

describe('rows in a ball', () => {
	const perRow = estimate(1.344, 0.04, 'measured');

	it('metres in a row are pins x loop length', () => {
		expect(metresPerRow(M48, { loopCm: exact(2.8) }).mean).toBeCloseTo(1.344, 12);
	});

	it('100 g of 200 m give 148 whole rows and what is over', () => {
		const left = rowsLeft(100, A, perRow);
		expect(left).toMatchObject({ metres: 200, rows: 148 });
		expect(left.overMetres).toBeCloseTo(200 - 148 * 1.344, 10);
		expect(left.safeRows).toBeLessThan(left.rows);
	});

	it('rows x metres per row never exceed the ball, tails included', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 2000, noNaN: true }),
				fc.double({ min: 0.05, max: 8, noNaN: true }),
				fc.double({ min: 0, max: 20, noNaN: true }),
				(grams, perRow, reserve) => {
					const left = rowsLeft(grams, A, estimate(perRow, perRow * 0.1, 'estimated'), reserve);
					expect(left.rows * perRow).toBeLessThanOrEqual(Math.max(0, left.metres - reserve));
					expect(left.safeRows).toBeLessThanOrEqual(left.rows);
					expect(left.rows).toBeGreaterThanOrEqual(0);
				}
			),
			{ seed: 11, numRuns: 500 }
		);
	});

	// Common practice: 1.5 to 2 times round the machine.
	it('a tail for taking off', () => {
		expect(takeOffTailCm({ ringCm: 98 })).toEqual([147, 196]);
	});

	it('part balls over stripes run out at the end of a row, spread as evenly as can be', () => {
		const balls = [
			{ yarn: A, grams: 30, perRow },
			{ yarn: B, grams: 17, perRow }
		];
		for (let repeats = 1; repeats <= 8; repeats++) {
			const shared = shareBalls(balls, repeats)!;
			expect(shared.stripes).toHaveLength(2 * repeats);
			for (const ball of [0, 1]) {
				const rows = shared.stripes.filter((s) => s.ball === ball).map((s) => s.rows);
				expect(Math.max(...rows) - Math.min(...rows)).toBeLessThanOrEqual(1);
				const used = rows.reduce((a, b) => a + b, 0) * perRow.mean + 0.4 * repeats;
				expect(used).toBeLessThanOrEqual(balls[ball]!.grams * 2);
				expect(used + shared.overMetres[ball]!).toBeCloseTo(balls[ball]!.grams * 2, 8);
			}
		}
		expect(shareBalls(balls, 60)).toBeUndefined();
		expect(shareBalls([], 1)).toBeUndefined();
	});
});

describe('long-phase yarn', () => {
	const cake = yarnOf('cake', {
		phases: [
			{ colour: '#111111', colourName: 'dark', metres: 40 },
			{ colour: '#888888', colourName: 'mid', metres: 20 },
			{ colour: '#eeeeee', colourName: 'light', metres: 60 }
		]
	});

	it('a phase covers its length / (pins x loop length) rows', () => {
		const rows = phaseRows(cake, metresPerRow(M48, { loopCm: exact(2.5) }));
		expect(rows.map((r) => r.rows.mean)).toEqual([40 / 1.2, 20 / 1.2, 60 / 1.2]);
	});

	it('fewer pins stretch a phase over more rows, so fewer colours show in the same rows', () => {
		expect(phasesShown(phaseRuns(cake, 1.2, 40))).toBe(2);
		expect(phasesShown(phaseRuns(cake, 0.55, 40))).toBe(1);
		expect(phaseRuns(A, 1.2, 40)).toEqual([]);
	});

	it('the runs lie end to end over all rows, and each row has the colour it begins in', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.2, max: 30, noNaN: true }),
				fc.integer({ min: 1, max: 200 }),
				(metresInRow, rows) => {
					const runs = phaseRuns(cake, metresInRow, rows);
					expect(runs[0]!.from).toBe(0);
					expect(runs.at(-1)!.to).toBe(rows);
					runs.slice(1).forEach((r, i) => expect(r.from).toBe(runs[i]!.to));
					for (const r of runs) {
						const at = (r.from * metresInRow) % 120;
						const phase = at < 40 ? 0 : at < 60 ? 1 : 2;
						// At a boundary rounding may fall either way.
						if (Math.min(...[0, 40, 60, 120].map((b) => Math.abs(at - b))) > 1e-6)
							expect(r.phase).toBe(phase);
					}
				}
			),
			{ seed: 23 }
		);
	});

	it('divided for stripes of 10 rows: where each colour ends and the pieces it gives', () => {
		expect(divideCake(cake, 1.2, 10)).toEqual([
			{ atMetres: 40, phase: 0, pieces: 3 },
			{ atMetres: 60, phase: 1, pieces: 1 },
			{ atMetres: 120, phase: 2, pieces: 5 }
		]);
	});
});

describe('yarn tests', () => {
	let n = 0;
	const test = (patch: Partial<YarnTest> = {}): YarnTest => ({
		id: `t${n}` as YarnTest['id'],
		machineId: M48.id,
		yarnId: A.id,
		strands: 1,
		slot: 2,
		hand: 'none',
		rows: 20,
		faults: { dropped: 0, tuck: 0, split: 0, unseated: 0 },
		verdict: 'runs',
		at: n++,
		note: '',
		...patch
	});

	it('a new one that says the opposite of an old one is a contradiction, with what was set differently', () => {
		const old = test({ verdict: 'fails', slot: 1 });
		const now = test({ slot: 3 });
		expect(contradictions(now, A, [old, now], [A])).toEqual([{ old, differs: ['slot'] }]);
	});

	it('another colour of the same yarn counts; other machines and strands do not; care contradicts nothing', () => {
		const now = test();
		const other = (patch: Partial<YarnTest>) =>
			contradictions(now, A, [test({ verdict: 'fails', ...patch })], [A, B]).length;
		expect(other({ yarnId: B.id })).toBe(1);
		expect(other({ machineId: machineOf(22).id })).toBe(0);
		expect(other({ strands: 2 })).toBe(0);
		expect(other({ verdict: 'care' })).toBe(0);
	});

	it('the newest verdict of each machine stands, and says if older ones disputed it', () => {
		const tests = [
			test({ verdict: 'fails' }),
			test(),
			test({ machineId: machineOf(22).id, verdict: 'care' })
		];
		expect(verdicts(tests).map((v) => [v.machineId, v.verdict, v.tests, v.disputed])).toEqual([
			['m48', 'runs', 2, true],
			['m22', 'care', 1, false]
		]);
		expect(testsOf(A, tests, [A]).map((t) => t.at)).toEqual(
			tests.map((t) => t.at).sort((a, b) => b - a)
		);
	});
});
