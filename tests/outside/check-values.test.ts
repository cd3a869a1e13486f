import fc from 'fast-check';
import * as statistics from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { USUAL_SHORTENING } from '../../src/lib/core/bench/gauge/pulled';
import { density } from '../../src/lib/core/bench/gauge/density';
import { machine as machineSchema, yarn as yarnSchema } from '../../src/lib/core/model/bench';
import { MACHINE_PRESETS } from '../../src/lib/core/bench/machine/presets';
import { markerPin, weave } from '../../src/lib/core/bench/machine/ring';
import * as units from '../../src/lib/core/quantity/units';
import { asWorn, wornFactor } from '../../src/lib/core/assembly/wear';
import { estimate, exact, quotient, weightedMean } from '../../src/lib/core/quantity/estimate';
import { HEAD_CM, headCm, isBaby } from '../../src/lib/core/bench/size/head';
import {
	MUNDEN_KC,
	MUNDEN_KS,
	MUNDEN_KW,
	mundenLoopCm,
	peirceLoopCm,
	yarnDiameterCm
} from '../../src/lib/core/bench/yarn/loop';
import { effectiveTex, metresPerGram, texFrom } from '../../src/lib/core/bench/yarn/tex';
import { USUAL_METRES_PER_100G, WEIGHT_CLASSES } from '../../src/lib/core/bench/yarn/weight-class';
import {
	A,
	benchOf,
	machineOf,
	planned,
	projectOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../support/bench';
import Qty from 'js-quantities';

describe('definitions', () => {
	// International yard and pound agreement, 1959; reference library: js-quantities.
	it('inch, yard and ounce are the agreed ones', () => {
		expect(units.inchesToCm(1)).toBe(2.54);
		expect(units.yardsToMetres(1)).toBe(0.9144);
		expect(units.ouncesToGrams(1)).toBe(28.349523125);
		expect(units.cmToInches(100)).toBeCloseTo(Qty('100 cm').to('in').scalar, 10);
		expect(units.metresToYards(200)).toBeCloseTo(Qty('200 m').to('yd').scalar, 10);
		expect(units.gramsToOunces(100)).toBeCloseTo(Qty('100 g').to('oz').scalar, 6);
	});

	// ISO 1144: tex is grams per 1000 m.
	it('tex follows from metres per 100 g, and strands add theirs', () => {
		expect(texFrom(200)).toBe(500);
		expect(effectiveTex({ metresPer100g: 400, strands: 2 })).toBe(500);
		expect(metresPerGram({ metresPer100g: 400, strands: 2 })).toBe(2);
	});
});

// Craft Yarn Council, Standard Yarn Weight System, stitches to 4 in (from memory).
it('weight classes carry the published ranges, the thicker the fewer stitches', () => {
	expect(WEIGHT_CLASSES.map((c) => [...c.stitches4in])).toEqual([
		[33, 40],
		[27, 32],
		[23, 26],
		[21, 24],
		[16, 20],
		[12, 15],
		[7, 11],
		[4, 6]
	]);
	for (let c = 1; c < 8; c++)
		expect(USUAL_METRES_PER_100G[c]!).toBeLessThan(USUAL_METRES_PER_100G[c - 1]!);
});

describe('heads', () => {
	// Craft Yarn Council, Standards and Guidelines (from memory).
	// Women and men: from memory, no survey named.
	it('table sizes', () => {
		expect(HEAD_CM).toEqual({
			preemie: 30.5,
			baby: 35.5,
			toddler: 40.5,
			child: 45.5,
			woman: 55.5,
			man: 57.5
		});
	});

	// WHO Child Growth Standards, median head circumference at birth: boys 34.5, girls 33.9 cm (from memory).
	it('a newborn’s head is a baby’s, a yearling’s is not', () => {
		expect(isBaby({ kind: 'measured', cm: 34.5 })).toBe(true);
		expect(isBaby({ kind: 'measured', cm: 33.9 })).toBe(true);
		// 12 months: boys 46.1, girls 44.9.
		expect(isBaby({ kind: 'measured', cm: 44.9 })).toBe(false);
		expect(headCm({ kind: 'measured', cm: 46.1 })).toBe(46.1);
	});
});

describe('the loop', () => {
	// Munden 1959 (from memory): kc 5.0, kw 3.8, ks 19.0 dry relaxed; 5.3, 4.1, 21.6 wet relaxed.
	it('a fabric of loop length l is estimated back as l', () => {
		for (const state of ['rested', 'washed'] as const) {
			const l = 2.7;
			const perCm2 = MUNDEN_KS[state] / l ** 2;
			const rows = MUNDEN_KC[state] / l;
			expect(mundenLoopCm(perCm2 / rows, rows, state).mean).toBeCloseTo(l, 10);
			// The published constants agree with one another to 1 %.
			expect(Math.abs((MUNDEN_KC[state] * MUNDEN_KW[state]) / MUNDEN_KS[state] - 1)).toBeLessThan(
				0.011
			);
		}
	});

	it('rows to stitches come to about 1.3', () => {
		expect(MUNDEN_KC.rested / MUNDEN_KW.rested).toBeCloseTo(1.3, 1);
		expect(MUNDEN_KC.washed / MUNDEN_KW.washed).toBeCloseTo(1.3, 1);
	});

	it('the estimate carries 15 %', () => {
		const l = mundenLoopCm(1.2, 2, 'rested');
		expect(l.sd / l.mean).toBeCloseTo(0.15, 12);
	});
});

describe('a second opinion on the loop (Peirce 1947, from memory)', () => {
	it('l = 2c + w + 5.94 d, by hand', () => {
		// 2 rows and 1.25 stitches to the cm, a yarn of 10 wraps per inch: 2 x 0.5 + 0.8 + 5.94 x 0.254.
		const d = yarnDiameterCm(500, 10, 1);
		expect(d).toBeCloseTo(0.254, 12);
		expect(peirceLoopCm(1.25, 2, d).mean).toBeCloseTo(3.30876, 10);
		expect(peirceLoopCm(1.25, 2, d).sd / 3.30876).toBeCloseTo(0.2, 12);
	});

	it('the diameter from tex lies between those of bulk densities 0.2 and 0.5 g/cm3', () => {
		const at = (density: number) => Math.sqrt((4 * 500e-5) / (Math.PI * density));
		const d = yarnDiameterCm(500, null, 1);
		expect(d).toBeLessThan(at(0.2));
		expect(d).toBeGreaterThan(at(0.5));
	});

	it('two strands are root two as thick', () => {
		expect(yarnDiameterCm(500, 10, 2)).toBeCloseTo(0.254 * Math.SQRT2, 12);
	});
});

describe('readings with spread, against a statistics library', () => {
	it('a weighted mean with weights in whole numbers is that of two samples combined', () => {
		// Weights 4 and 9: sd 1/2 and 1/3.
		const m = weightedMean(
			[
				{ value: 2.1, sd: 1 / 2 },
				{ value: 1.8, sd: 1 / 3 }
			],
			'measured'
		);
		expect(m.mean).toBeCloseTo(statistics.combineMeans(2.1, 4, 1.8, 9), 12);
		expect(m.sd).toBeCloseTo(1 / Math.sqrt(13), 12);
	});

	it('Birge’s ratio is the root of chi squared over n - 1', () => {
		const values = [10, 12, 14];
		const m = weightedMean(
			values.map((value) => ({ value, sd: 1 })),
			'measured'
		);
		expect(m.discord ** 2).toBeCloseTo(statistics.sampleVariance(values), 12);
		expect(m.sd).toBeCloseTo(statistics.sampleStandardDeviation(values) / Math.sqrt(3), 12);
	});

	it('readings of fixed variance that agree never widen the spread; discordant ones do', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.5, max: 5, noNaN: true }),
				fc.integer({ min: 2, max: 20 }),
				(value, n) => {
					const of = (k: number) =>
						weightedMean(
							Array.from({ length: k }, () => ({ value, sd: 0.03 * value })),
							'measured'
						).sd;
					expect(of(n)).toBeLessThan(of(n - 1));
				}
			),
			{ seed: 13 }
		);
		const one = weightedMean([{ value: 2, sd: 0.06 }], 'measured').sd;
		const two = weightedMean(
			[
				{ value: 2, sd: 0.06 },
				{ value: 2.5, sd: 0.06 }
			],
			'measured'
		).sd;
		expect(two).toBeGreaterThan(one);
	});

	it('a quotient’s spread is that of many drawn quotients (first order)', () => {
		let x = 12345;
		const uniform = () => (x = (x * 48271) % 2147483647) / 2147483647;
		const normal = () => statistics.probit(Math.min(0.999999, Math.max(1e-6, uniform())));
		const drawn = Array.from({ length: 40_000 }, () => 128 / (2 * (1 + 0.03 * normal())));
		const q = quotient(exact(128), estimate(2, 0.06, 'measured'));
		expect(q.sd / statistics.standardDeviation(drawn)).toBeCloseTo(1, 1);
		expect(q.mean / statistics.mean(drawn)).toBeCloseTo(1, 2);
	});
});

describe('wear', () => {
	const worn = (round: number) =>
		asWorn(exact(30), {
			circumference: exact(round),
			bodyCm: 56,
			shortening: USUAL_SHORTENING
		});
	// Common practice: length strain is -0.3 x width strain.
	it('a tube stretched by 40 % gets 12 % shorter', () => {
		expect(wornFactor(0.4, USUAL_SHORTENING.mean)).toBeCloseTo(0.88, 12);
		expect(worn(40).mean).toBeCloseTo(26.4, 10);
	});

	it('a loose tube keeps its length and its basis', () => {
		expect(worn(60)).toEqual({ mean: 30, sd: 0, basis: 'measured' });
	});
});

describe('arithmetic of the trade (common practice)', () => {
	it('40 in at 5 rows to the inch is 200 rows; 8.5 in at 8 is 68', () => {
		const perInch = (n: number) => density({ count: n, overCm: 2.54 });
		expect(units.inchesToCm(40) * perInch(5)).toBeCloseTo(200, 10);
		expect(units.inchesToCm(8.5) * perInch(8)).toBeCloseTo(68, 10);
	});

	it('44 stitches in under 30 cm is more than 1.47 to the cm', () => {
		expect(density({ count: 44, overCm: 30 })).toBeCloseTo(1.467, 3);
	});

	it('a lined hat of worsted on a large machine takes about one 100 g ball', () => {
		const p = planned(
			projectOf({ head: { kind: 'table', size: 'woman' }, brim: { turnedUp: true, heightCm: 5 } })
		);
		const grams = p.amounts[0]!.grams.value.mean;
		expect(grams).toBeGreaterThan(60);
		expect(grams).toBeLessThan(130);
	});

	it('an adult’s hat with a deep brim is a tube of about 58 to 60 cm, 110 to 140 rows', () => {
		const p = planned(
			projectOf({ head: { kind: 'measured', cm: 54 }, brim: { turnedUp: true, heightCm: 5 } })
		);
		expect(p.finished.hat.tubeFlat.mean).toBeGreaterThan(56);
		expect(p.finished.hat.tubeFlat.mean).toBeLessThan(62);
		expect(p.pieces[0]!.mainRows).toBeGreaterThanOrEqual(110);
		expect(p.pieces[0]!.mainRows).toBeLessThanOrEqual(140);
	});

	it('a tail to take off is 1.5 to 2 times round the machine', () => {
		const p = planned(projectOf());
		const tail = p.pieces[0]!.tails.find((t) => t.id === 'cast-off')!;
		expect(tail.lengthCm / p.machine.ringCm).toBeGreaterThanOrEqual(1.5);
		expect(tail.lengthCm / p.machine.ringCm).toBeLessThanOrEqual(2);
	});
});

describe('machines', () => {
	it('presets are the usual sizes and stand in the schema', () => {
		expect(MACHINE_PRESETS.map((m) => m.pins)).toEqual([22, 40, 44, 46, 48]);
		for (const m of MACHINE_PRESETS)
			expect(machineSchema.safeParse({ ...m, id: 'x' }).success).toBe(true);
		expect(yarnSchema.safeParse(yarnOf('a')).success).toBe(true);
	});

	it('the marker is the first pin or the last', () => {
		expect(markerPin({ marker: 'first', pins: 46 })).toBe(1);
		expect(markerPin({ marker: 'last', pins: 46 })).toBe(46);
	});

	it('the weave alternates and ends behind on even pins, in front on odd', () => {
		expect(weave(48).steps.at(-1)).toEqual({ pin: 48, side: 'behind' });
		expect(weave(47).steps.at(-1)).toEqual({ pin: 47, side: 'front' });
		expect(weave(47).even).toBe(false);
	});
});

describe('hats of adults', () => {
	// Common practice: not turned, a tube of 52 to 57 cm; turned, 58 to 60 with 23 to 24 cm standing; whatever the ring.
	it.each([40, 44, 46, 48])('keep the two flat rules on %i pins', (pins) => {
		const machine = machineOf(pins);
		const bench = benchOf({
			machines: [machine],
			swatches: [swatchOf(machine, A, [readingOf(12, 20)])]
		});
		for (const size of ['woman', 'man'] as const)
			for (const turnedUp of [false, true]) {
				const p = planned(
					projectOf(
						{ head: { kind: 'table', size }, brim: { turnedUp, heightCm: 6 } },
						{ machineId: machine.id }
					),
					bench
				);
				const tube = p.finished.hat.tubeFlat.mean;
				expect(tube).toBeGreaterThanOrEqual(turnedUp ? 58 : 52);
				expect(tube).toBeLessThanOrEqual(turnedUp ? 60 : 57);
				if (turnedUp) {
					expect(p.finished.hat.layerFlat.mean - 6).toBeGreaterThanOrEqual(23);
					expect(p.finished.hat.layerFlat.mean - 6).toBeLessThanOrEqual(24);
				}
			}
	});
});
