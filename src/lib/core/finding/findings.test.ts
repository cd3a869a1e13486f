import { toFinding } from './to-finding';
import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	codes,
	evidenceOf,
	M48,
	machineOf,
	planned,
	projectOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../tests/support/bench';
import type { Swatch } from '../model/bench';
import type { Bench } from '../model/project';
import type { LinedHatOptions } from '../recipe/hats/options';
import { plan } from '../plan';
import { wordFinding } from '../finding/says';
import { wordFix } from '../finding/fix';
import type { FindingCode } from './finding';
import { luminance } from '../bench/yarn/colour';

const two = (liningExtraRows: number) =>
	({ kind: 'outer-lining', outer: A.id, lining: B.id, liningExtraRows }) as const;
const withReadings = (...r: ReturnType<typeof readingOf>[]): Bench =>
	benchOf({ swatches: [swatchOf(M48, A, r)] });
const withYarn = (patch: Parameters<typeof yarnOf>[1]): Bench =>
	benchOf({ yarns: [yarnOf('a', patch), B] });

/** Two settled readings of a usual gauge: the plain case in which nothing is said. */
const QUIET = withReadings(readingOf(12, 20), readingOf(12, 20.2));

type Case = [FindingCode, Partial<LinedHatOptions>, Bench];
const CASES: Case[] = [
	['no-swatch', {}, benchOf({ swatches: [] })],
	['fresh-only', {}, withReadings(readingOf(12, 20, 'fresh'))],
	['one-reading', {}, benchOf()],
	['discord', {}, withReadings(readingOf(12, 18), readingOf(12, 22))],
	[
		'odd-gauge',
		{},
		benchOf({
			swatches: [
				// Stitches and rows swapped in the one the plan uses.
				swatchOf(M48, A, [readingOf(20, 12), readingOf(20, 12)]),
				swatchOf(M48, yarnOf('x'), [readingOf(12, 20)]),
				swatchOf(M48, yarnOf('y'), [readingOf(12, 19)])
			]
		})
	],
	['too-tight', { head: { kind: 'measured', cm: 80 } }, withReadings(readingOf(15, 20))],
	['tight', { head: { kind: 'measured', cm: 70 } }, QUIET],
	['loose', { head: { kind: 'table', size: 'toddler' } }, QUIET],
	['short', { length: { by: 'rows', rows: 80 } }, QUIET],
	['long', { length: { by: 'rows', rows: 160 } }, QUIET],
	[
		'brim-too-high',
		{ brim: { turnedUp: true, heightCm: 15 }, length: { by: 'rows', rows: 100 } },
		QUIET
	],
	['lining-lip', { scheme: two(5) }, QUIET],
	['outer-peeks', { scheme: two(-6), brim: { turnedUp: true, heightCm: 5 } }, QUIET],
	['boundary-on-fold', { scheme: two(0) }, QUIET],
	[
		'stripe-cut',
		{
			scheme: { kind: 'stripes', yarns: [A.id, B.id], stripeRows: 7 },
			length: { by: 'rows', rows: 101 }
		},
		QUIET
	],
	['yarn-short', {}, withYarn({ gramsOnHand: 40 })],
	['thick-yarn', {}, withYarn({ weightClass: 5 })],
	['weak-yarn', {}, withYarn({ strength: 'weak' })],
	['cotton', {}, withYarn({ fibres: [{ fibre: 'cotton', percent: 100 }] })],
	[
		'gauges-differ',
		{ scheme: two(6) },
		benchOf({
			yarns: [A, yarnOf('b', { name: 'Other' })],
			swatches: [swatchOf(M48, A, [readingOf(12, 20)]), swatchOf(M48, B, [readingOf(14, 20)])]
		})
	],
	[
		'light-lining',
		{ scheme: two(6) },
		benchOf({ yarns: [yarnOf('a', { colour: '#112233' }), yarnOf('b', { colour: '#f4f0e0' })] })
	],
	['baby', { head: { kind: 'table', size: 'baby' } }, QUIET],
	['short-waste', { wasteStart: 2 }, QUIET],
	['clog', { length: { by: 'rows', rows: 300 } }, QUIET],
	['no-counter', {}, benchOf({ machines: [machineOf(48, { counter: 'none' })] })],
	[
		'section-vanishes',
		{
			scheme: { kind: 'false-brim', main: A.id, brim: B.id, brimRows: 200 },
			length: { by: 'rows', rows: 60 }
		},
		QUIET
	],
	['cannot-knit', { wasteEnd: 1 }, QUIET]
];

describe('each judgement', () => {
	it.each(CASES)('%s is made where it is due', (code, options, bench) => {
		const p = planned(projectOf(options), bench);
		expect(codes(p)).toContain(code);
		const f = p.findings.find((x) => x.code === code)!;
		const words = wordFinding(f, { units: 'cm', yarnName: (i) => p.yarns[i]!.colourName });
		expect(`${words.what} ${words.why}`).not.toMatch(/undefined|NaN/);
		expect(words.what).toMatch(/\.$/);
		for (const x of [f.fix, f.or]) if (x) expect(wordFix(x, 'cm').length).toBeGreaterThan(5);
	});

	it('a plain hat from two agreeing readings calls for none', () => {
		expect(codes(planned(projectOf(), QUIET))).toEqual([]);
	});

	it('a lip hidden by the turned-up brim is not spoken of', () => {
		const p = planned(projectOf({ scheme: two(5), brim: { turnedUp: true, heightCm: 5 } }), QUIET);
		expect(codes(p)).not.toContain('lining-lip');
	});

	it('yarn that just covers the mean is flagged with the chance of running out', () => {
		const need = planned(projectOf(), QUIET).amounts[0]!.grams.value;
		const bench = { ...QUIET, yarns: [yarnOf('a', { gramsOnHand: need.mean + need.sd * 0.5 }), B] };
		const f = planned(projectOf(), bench).findings.find((x) => x.code === 'yarn-close');
		// The upper tail of the normal distribution beyond half a standard deviation is 0.3085 (tables).
		expect(f?.code === 'yarn-close' && f.chance).toBeCloseTo(0.3085, 3);
	});

	it('missing machines and yarns stop the plan and lose nothing', () => {
		const noMachine = plan(projectOf(), benchOf({ machines: [] }));
		expect(noMachine.ok).toBe(false);
		expect(codes(noMachine)).toEqual(['machine-missing']);
		const noYarn = plan(projectOf({ scheme: two(6) }), benchOf({ yarns: [A] }));
		expect(codes(noYarn)).toEqual(['yarn-missing']);
	});

	it('consent to fresh readings is still spoken of', () => {
		const bench = withReadings(readingOf(12, 20, 'fresh'));
		const p = planned(projectOf({}, { useFresh: true }), bench);
		expect(codes(p)).toContain('fresh-used');
		expect(codes(p)).not.toContain('fresh-only');
	});

	it('finished pieces that disagree are named as such', () => {
		const evidence = [100, 130].map((rows) =>
			evidenceOf({ resultId: `${rows}`, projectId: `${rows}` as never, rows })
		);
		const f = planned(projectOf(), benchOf({ evidence })).findings.find(
			(x) => x.code === 'discord'
		);
		expect(f).toMatchObject({ learned: true, readings: 2 });
	});
});

describe('accepting', () => {
	const options = { scheme: two(5) };
	it('quiets a finding by its key, and only that one', () => {
		const f = planned(projectOf(options), QUIET).findings.find((x) => x.code === 'lining-lip')!;
		const p = planned(projectOf(options, { accepted: [f.key] }), QUIET);
		expect(p.findings.filter((x) => x.accepted).map((x) => x.code)).toEqual(['lining-lip']);
	});

	it('does not work on a stop', () => {
		const wide = toFinding(
			{
				body: { code: 'panel-too-wide', stitches: 60, most: 44 },
				severity: 'stop',
				where: { at: 'size' }
			},
			['panel-too-wide@size']
		);
		expect(wide.accepted).toBe(false);
	});

	it('holds when the row moves with the plan', () => {
		const bench = withYarn({ gramsOnHand: 40 });
		const key = planned(projectOf(), bench).findings.find((x) => x.code === 'yarn-short')!.key;
		const p = planned(projectOf({ length: { by: 'rows', rows: 130 } }, { accepted: [key] }), bench);
		expect(p.findings.find((x) => x.code === 'yarn-short')!.accepted).toBe(true);
	});
});

it('the gravest come first', () => {
	const rank = { stop: 0, warn: 1, tip: 2 };
	const swatches: Swatch[] = [swatchOf(M48, A, [readingOf(12, 20, 'fresh')])];
	const p = planned(
		projectOf({ head: { kind: 'table', size: 'baby' } }),
		benchOf({ swatches, machines: [machineOf(48, { counter: 'none' })] })
	);
	const ranks = p.findings.map((f) => rank[f.severity]);
	expect(ranks).toEqual(ranks.toSorted((a, b) => a - b));
});

// WCAG 2.2: relative luminance of white is 1, of black 0, of pure green 0.7152.
it('luminance is that of the accessibility guidelines', () => {
	expect(luminance('#ffffff')).toBeCloseTo(1, 10);
	expect(luminance('#000000')).toBe(0);
	expect(luminance('#00ff00')).toBeCloseTo(0.7152, 10);
});
