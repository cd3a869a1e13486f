import { DRIES, FIBRES, WASHES } from '../../src/lib/core/model/kinds';
import fc from 'fast-check';
import { CLOSINGS, HATS, WASTE_WITH } from '../../src/lib/core/model/kinds';
import type { LinedHatOptions } from '../../src/lib/core/recipe/hats/options';
import { HEAD_SIZES } from '../../src/lib/core/model/kinds';
import type { Machine, Swatch, Yarn } from '../../src/lib/core/model/bench';
import type { Bench } from '../../src/lib/core/model/project';
import { A, B, machineOf, projectOf, readingOf, swatchOf, yarnOf } from './bench';

/** Anything a maker could set, in range, on any machine of 16 to 100 pins. */

const cm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

export const headArb: fc.Arbitrary<LinedHatOptions['head']> = fc.oneof(
	fc.record({ kind: fc.constant('table' as const), size: fc.constantFrom(...HEAD_SIZES) }),
	fc.record({ kind: fc.constant('measured' as const), cm: cm(20, 80) })
);

export const lengthArb: fc.Arbitrary<LinedHatOptions['length']> = fc.oneof(
	fc.constantFrom({ by: 'fit' as const }, { by: 'yarn' as const }),
	fc.record({
		by: fc.constant('layer' as const),
		cm: cm(3, 80),
		as: fc.constantFrom('flat' as const, 'worn' as const)
	}),
	fc.record({
		by: fc.constant('tube' as const),
		cm: cm(6, 160),
		as: fc.constantFrom('flat' as const, 'worn' as const)
	}),
	fc.record({ by: fc.constant('rows' as const), rows: fc.integer({ min: 8, max: 600 }) })
);

export const schemeArb: fc.Arbitrary<LinedHatOptions['scheme']> = fc.oneof(
	fc.constant({ kind: 'one' as const, yarn: A.id }),
	fc.record({
		kind: fc.constant('outer-lining' as const),
		outer: fc.constant(A.id),
		lining: fc.constant(B.id),
		liningExtraRows: fc.integer({ min: -20, max: 40 })
	}),
	fc.record({
		kind: fc.constant('false-brim' as const),
		main: fc.constant(A.id),
		brim: fc.constant(B.id),
		brimRows: fc.integer({ min: 2, max: 200 })
	}),
	fc.record({
		kind: fc.constant('stripes' as const),
		yarns: fc.constantFrom<(typeof A.id)[]>(
			[A.id, B.id],
			[B.id, A.id, A.id],
			[A.id, B.id, A.id, B.id, A.id]
		),
		stripeRows: fc.integer({ min: 1, max: 100 })
	})
);

export const optionsArb: fc.Arbitrary<LinedHatOptions> = fc.record({
	recipe: fc.constantFrom(...HATS),
	head: headArb,
	visibleCm: fc.option(cm(5, 60), { nil: null }),
	length: lengthArb,
	brim: fc.record({ turnedUp: fc.boolean(), heightCm: cm(1, 20) }),
	scheme: schemeArb,
	closing: fc.constantFrom(...CLOSINGS),
	wasteStart: fc.integer({ min: 0, max: 20 }),
	wasteWith: fc.constantFrom(...WASTE_WITH),
	wasteEnd: fc.constantFrom(0, 2, 5, 10),
	joinTails: fc.constantFrom('tie' as const, 'weave' as const)
});

export const machineArb: fc.Arbitrary<Machine> = fc
	.record({
		pins: fc.integer({ min: 16, max: 100 }),
		marker: fc.constantFrom('first' as const, 'last' as const),
		counter: fc.constantFrom('none' as const, 'tube' as const, 'both' as const),
		ringCm: cm(5, 400),
		clearanceCm: cm(2, 200)
	})
	.map(({ pins, ...rest }) => machineOf(pins, rest));

const yarnPatch = fc.record({
	metresPer100g: cm(10, 2000),
	weightClass: fc.integer({ min: 0, max: 7 }),
	gramsOnHand: cm(0, 1000),
	ballGrams: cm(5, 500),
	strength: fc.constantFrom('strong' as const, 'weak' as const)
});

/** A bench with one machine and the two yarns, with or without readings for either. */
export const benchArb: fc.Arbitrary<Bench> = fc
	.record({
		machine: machineArb,
		a: yarnPatch,
		b: yarnPatch,
		readings: fc.array(
			fc.tuple(
				cm(2, 80),
				cm(2, 80),
				fc.constantFrom('fresh' as const, 'rested' as const, 'washed' as const)
			),
			{ maxLength: 5 }
		)
	})
	.map(({ machine, a, b, readings }): Bench => {
		const yarns: Yarn[] = [yarnOf('a', a), yarnOf('b', b)];
		const swatches: Swatch[] = readings.length
			? [
					swatchOf(
						machine,
						yarns[0]!,
						readings.map(([s, r, state]) => readingOf(s, r, state))
					)
				]
			: [];
		return { machines: [machine], yarns, swatches, tests: [], evidence: [] };
	});

export const projectArb = fc
	.record({ options: optionsArb, bench: benchArb, useFresh: fc.boolean() })
	.map(({ options, bench, useFresh }) => ({
		project: projectOf(options, { machineId: bench.machines[0]!.id, useFresh }),
		bench
	}));

const nameArb = fc
	.string({ minLength: 1, maxLength: 40, unit: 'grapheme' })
	.map((s) => s.trim())
	.filter((s) => s !== '' && s.length <= 80);
const colourArb = fc
	.integer({ min: 0, max: 0xffffff })
	.map((n) => `#${n.toString(16).padStart(6, '0')}`);
const tenths = (min: number, max: number) =>
	fc.integer({ min: min * 10, max: max * 10 }).map((n) => n / 10);

/** Any single yarn a bench can hold. */
export const yarnArbitrary: fc.Arbitrary<Yarn> = fc.record({
	id: fc.uuid().map((s) => s as Yarn['id']),
	name: nameArb,
	colourName: nameArb,
	colour: colourArb,
	weightClass: fc.integer({ min: 0, max: 7 }),
	metresPer100g: tenths(10, 2000),
	fibres: fc.uniqueArray(
		fc.record({ fibre: fc.constantFrom(...FIBRES), percent: tenths(1, 100) }),
		{ minLength: 1, maxLength: 6, selector: (f) => f.fibre }
	),
	gramsOnHand: tenths(0, 5000),
	ballGrams: tenths(5, 2000),
	strands: fc.integer({ min: 1, max: 4 }),
	strength: fc.constantFrom('strong', 'weak'),
	surface: fc.constantFrom('smooth', 'fuzzy'),
	stretch: fc.constantFrom('stretchy', 'little'),
	wrapsPerInch: fc.option(tenths(3, 100)),
	wash: fc.constantFrom(...WASHES),
	dry: fc.constantFrom(...DRIES),
	phases: fc.array(fc.record({ colour: colourArb, colourName: nameArb, metres: tenths(1, 400) }), {
		maxLength: 4
	}),
	heldTogether: fc.constant([]),
	cutFrom: fc.constant(null)
});
