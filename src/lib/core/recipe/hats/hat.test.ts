import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	M48,
	machineOf,
	planned,
	projectOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../../tests/support/bench';
import { schemeArb } from '../../../../../tests/support/arbitrary';
import { hatOptions, type LinedHatOptions } from './options';
import { plan } from '../../plan';
import { HAT_KINDS } from './kinds';
import { hatRecipe } from './hat';
import { hatSections } from './sections';
import { RECIPES, recipeFor } from '..';

const twoColour = (liningExtraRows: number) =>
	({ kind: 'outer-lining', outer: A.id, lining: B.id, liningExtraRows }) as const;

describe('sections', () => {
	it('sum to the rows, whatever the scheme', () => {
		fc.assert(
			fc.property(schemeArb, fc.integer({ min: 0, max: 700 }), (scheme, rows) => {
				const sections = hatSections(scheme, rows);
				expect(sections.reduce((t, s) => t + s.rows, 0)).toBe(rows);
				expect(sections.every((s) => s.rows >= 0 && Number.isInteger(s.rows))).toBe(true);
			}),
			{ seed: 8, numRuns: 300 }
		);
	});

	// Common practice: outer 65 + lining 70 = 135.
	it('135 rows with a lining 5 longer are 65 and 70', () => {
		expect(hatSections(twoColour(5), 135).map((s) => s.rows)).toEqual([65, 70]);
	});

	// Common practice: 40 + 30 + 40 = 110, a false brim 15 rows high, about 55 cm of tube at 2 rows/cm.
	it('a false brim of 30 in 110 rows is 40, 30, 40', () => {
		const scheme = { kind: 'false-brim', main: A.id, brim: B.id, brimRows: 30 } as const;
		expect(hatSections(scheme, 110)).toEqual([
			{ yarn: 0, rows: 40 },
			{ yarn: 1, rows: 30 },
			{ yarn: 0, rows: 40 }
		]);
		const p = planned(projectOf({ scheme, length: { by: 'rows', rows: 110 } }));
		expect(p.finished.hat.tubeFlat.mean).toBeCloseTo(55, 10);
		expect(p.finished.tucked.outer[0]).toEqual({ yarn: 1, from: 0, to: 15 });
		expect(p.pieces[0]!.sections.map((s) => s.running)).toEqual([40, 70, 110]);
		expect(p.pieces[0]!.sections.map((s) => s.zeroed)).toEqual([40, 30, 40]);
	});
});

it('the sections open to their arithmetic', () => {
	const terms = (scheme: Parameters<typeof hatSections>[0], rows: number) =>
		planned(projectOf({ scheme, length: { by: 'rows', rows } }))
			.pieces[0]!.sectionsWorking.filter((t) => typeof t !== 'string')
			.map((t) => t.value);
	expect(terms(twoColour(5), 135)).toEqual([135, 5, 65, 70]);
	expect(terms({ kind: 'false-brim', main: A.id, brim: B.id, brimRows: 30 }, 110)).toEqual([
		110, 30, 40
	]);
	expect(terms({ kind: 'stripes', yarns: [A.id, B.id], stripeRows: 5 }, 100)).toEqual([100, 5, 20]);
	expect(terms({ kind: 'one', yarn: A.id }, 100)).toEqual([]);
});

describe('any one figure set, the others follow', () => {
	it('a length gives whole rows that give the length back within a row', () => {
		fc.assert(
			fc.property(
				fc.constantFrom('layer' as const, 'tube' as const),
				fc.constantFrom('flat' as const, 'worn' as const),
				fc.double({ min: 16, max: 70, noNaN: true }),
				schemeArb,
				(by, as, cm, scheme) => {
					const p = planned(projectOf({ length: { by, as, cm }, scheme }));
					const flat =
						by === 'layer' ? p.finished.hat.layerFlat.mean : p.finished.hat.tubeFlat.mean;
					const got = as === 'flat' ? flat : flat * p.finished.hat.wornFactor;
					// Two rows of 0.5 cm is the step that keeps the sections whole.
					expect(Math.abs(got - cm)).toBeLessThanOrEqual(0.5 + 1e-9);
				}
			),
			{ seed: 9, numRuns: 150 }
		);
	});

	it('rows set are kept exactly', () => {
		expect(planned(projectOf({ length: { by: 'rows', rows: 123 } })).pieces[0]!.mainRows).toBe(123);
	});

	it('a child’s fit covers 0.40 of the head, and the brim besides', () => {
		const plain = planned(projectOf({ head: { kind: 'measured', cm: 50 } }));
		expect(plain.finished.hat.heightWorn.mean).toBeCloseTo(20, 0);
		const brim = planned(
			projectOf({ head: { kind: 'measured', cm: 50 }, brim: { turnedUp: true, heightCm: 6 } })
		);
		expect(brim.finished.hat.layerWorn.mean).toBeCloseTo(26, 0);
		expect(brim.finished.hat.heightWorn.mean).toBeCloseTo(20, 0);
	});

	it('an adult’s rows out of the flat rules are said, with the rows that bring it back', () => {
		const at = (rows: number, turnedUp: boolean) =>
			planned(
				projectOf({
					head: { kind: 'table', size: 'woman' },
					length: { by: 'rows', rows },
					brim: { turnedUp, heightCm: 6 }
				})
			).findings.find((f) => f.code === 'short' || f.code === 'long');
		// 2 rows to the cm: 52 to 57 cm of tube are 104 to 114 rows; 58 to 60 with the brim 116 to 120.
		expect(at(96, false)).toMatchObject({ code: 'short', rows: 110 });
		expect(at(126, false)).toMatchObject({ code: 'long', rows: 110 });
		for (const rows of [104, 108, 114]) expect(at(rows, false)).toBeUndefined();
		expect(at(108, true)).toMatchObject({ code: 'short', rows: 118 });
		for (const rows of [116, 118, 120]) expect(at(rows, true)).toBeUndefined();
	});

	it('a lining of another gauge takes its own rows into the length', () => {
		const other = yarnOf('b', { name: 'Other' });
		const bench = benchOf({
			yarns: [A, other],
			swatches: [swatchOf(M48, A, [readingOf(12, 20)]), swatchOf(M48, other, [readingOf(12, 25)])]
		});
		const p = planned(
			projectOf({ scheme: twoColour(6), length: { by: 'tube', as: 'flat', cm: 60 } }),
			bench
		);
		const [outer, lining] = p.pieces[0]!.sections;
		expect(lining!.rows - outer!.rows).toBe(6);
		expect(Math.abs(outer!.rows / 2 + lining!.rows / 2.5 - 60)).toBeLessThan(0.5);
	});
});

it('the defaults of any bench with a yarn stand in the schema and plan', () => {
	for (const kind of Object.values(HAT_KINDS)) {
		const recipe = hatRecipe(kind);
		const options = recipe.defaults(benchOf())!;
		expect(hatOptions(options.recipe).parse(options)).toEqual(options);
		expect(recipe.defaults(benchOf({ yarns: [] }))).toBeUndefined();
		expect(recipeFor(options)!.id).toBe(kind.id);
		expect(RECIPES.map((r) => r.id)).toContain(kind.id);
		const p = plan(projectOf(options), benchOf());
		expect(p.ok && p.finished.kind).toBe('worn');
	}
});

it('a corner-top hat is closed flat through four layers, its stripes of 5 rows (common practice)', () => {
	const p = plan(projectOf(hatRecipe(HAT_KINDS['corner-hat']).defaults(benchOf())!), benchOf());
	if (!p.ok) throw new Error('no plan');
	expect(p.steps.find((s) => s.do === 'close-crown')).toMatchObject({ loops: 48, how: 'slip' });
	expect(p.pieces[0]!.runs[0]).toMatchObject({ from: 0, to: 5 });
	expect(p.steps.map((s) => s.do)).not.toContain('gather');
});

it('a very small hat on 22 pins in light yarn has 60 or 65 rows (common practice), and comes off for sleep', () => {
	const m22 = machineOf(22);
	const bench = benchOf({ machines: [m22], swatches: [swatchOf(m22, A, [readingOf(12, 20)])] });
	const options = hatRecipe(HAT_KINDS['tiny-hat']).defaults(bench)!;
	const p = plan(projectOf(options, { machineId: m22.id }), bench);
	if (!p.ok) throw new Error('no plan');
	expect(p.pieces[0]!.mainRows).toBeGreaterThanOrEqual(58);
	expect(p.pieces[0]!.mainRows).toBeLessThanOrEqual(67);
	expect(p.steps.at(-1)).toMatchObject({ caution: 'baby-sleep' });
});

it('by the yarn on hand a hat is as long as it lasts, whole on both faces, and two rows more might not', () => {
	for (const [scheme, odd] of [
		[{ kind: 'one', yarn: A.id }, 0],
		[{ kind: 'outer-lining', outer: A.id, lining: B.id, liningExtraRows: 5 }, 1]
	] as const) {
		const bench = benchOf({ yarns: [yarnOf('a', { gramsOnHand: 40 }), B] });
		const at = (length: LinedHatOptions['length']) => planned(projectOf({ scheme, length }), bench);
		const p = at({ by: 'yarn' });
		const rows = p.pieces[0]!.mainRows;
		expect(rows % 2).toBe(odd);
		expect(p.findings.map((f) => f.code)).not.toContain('yarn-short');
		const more = at({ by: 'rows', rows: rows + 30 }).findings.find((f) => f.code === 'yarn-short');
		expect(more?.fix?.options).toMatchObject({ length: { by: 'yarn' } });
	}
});

it('each kind of hat says on which machines it is usual', () => {
	const m22 = machineOf(22);
	const bench = benchOf({ machines: [m22], swatches: [swatchOf(m22, A, [readingOf(12, 20)])] });
	const codesOf = (id: keyof typeof HAT_KINDS) => {
		const options = hatRecipe(HAT_KINDS[id]).defaults(bench)!;
		return plan(projectOf(options, { machineId: m22.id }), bench).findings.map((f) => f.code);
	};
	expect(codesOf('lined-hat')).toContain('unusual-pins');
	expect(codesOf('tiny-hat')).not.toContain('unusual-pins');
});
