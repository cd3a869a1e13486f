import type { FinishedOf } from './recipe/finished';
import { sizeOf } from './assembly/size';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { projectArb } from '../../../tests/support/arbitrary';
import {
	A,
	B,
	benchOf,
	evidenceOf,
	M48,
	planned,
	projectOf,
	readingOf,
	swatchOf
} from '../../../tests/support/bench';
import { plan } from './plan';
import { wordFinding } from './finding/says';
import { wordLoopSource, wordSource } from './words/sources';

/** Every number anywhere in plain data. */
function* numbers(value: unknown): Generator<number> {
	if (typeof value === 'number') yield value;
	else if (Array.isArray(value)) for (const v of value) yield* numbers(v);
	else if (value && typeof value === 'object') yield* numbers(Object.values(value));
}

describe('for anything a maker can set, on any machine', () => {
	it('there is a plan of whole rows with no NaN, or a finding that says stop', () => {
		fc.assert(
			fc.property(projectArb, ({ project, bench }) => {
				const p = plan(project, bench);
				expect([...numbers(p)].every(Number.isFinite)).toBe(true);
				if (!p.ok) return expect(p.findings.some((f) => f.severity === 'stop')).toBe(true);
				const piece = p.pieces[0]!;
				if (piece.mainRows === 0)
					return expect(p.findings.some((f) => f.severity === 'stop')).toBe(true);
				expect(piece.sections.reduce((t, s) => t + s.rows, 0)).toBe(piece.mainRows);
				expect(piece.runs.every((r) => Number.isInteger(r.from) && r.to > r.from)).toBe(true);
				// Yarn adds up: every stitch of the fabric is some yarn's.
				const stitches = p.amounts.reduce((t, a) => t + a.stitches, 0);
				expect(stitches).toBe(piece.mainRows * p.machine.pins);
				for (const f of p.findings) {
					const w = wordFinding(f, { units: 'in', yarnName: () => 'yarn' });
					expect(w.what + w.why).not.toMatch(/undefined|NaN|–/);
				}
			}),
			{ seed: 14, numRuns: 300 }
		);
	});

	it('the same project planned twice is the same, and the plan is plain data', () => {
		fc.assert(
			fc.property(projectArb, ({ project, bench }) => {
				const p = plan(project, bench);
				expect(plan(project, bench)).toEqual(p);
				expect(JSON.parse(JSON.stringify(p))).toEqual(p);
			}),
			{ seed: 15, numRuns: 40 }
		);
	});

	it('planning changes neither project nor bench', () => {
		const project = projectOf({
			scheme: { kind: 'outer-lining', outer: A.id, lining: B.id, liningExtraRows: 6 }
		});
		const bench = benchOf();
		const before = JSON.stringify([project, bench]);
		plan(project, bench);
		expect(JSON.stringify([project, bench])).toBe(before);
	});
});

describe('spread', () => {
	it('of one reading is 3 % of the tube; of four what pieces differ by, and little more', () => {
		const tube = (n: number) => {
			const readings = Array.from({ length: n }, () => readingOf(12, 20));
			return planned(projectOf(), benchOf({ swatches: [swatchOf(M48, A, readings)] })).finished.hat
				.tubeFlat;
		};
		expect(tube(1).sd / tube(1).mean).toBeCloseTo(0.03, 10);
		// 2 % from piece to piece, and a quarter of the variance that one reading adds.
		expect(tube(4).sd / tube(4).mean).toBeCloseTo(Math.hypot(0.02, Math.sqrt(0.0005) / 2), 10);
	});

	it('of a maker with no swatch is the flagged 15 %, and it is said which swatch would narrow it', () => {
		const p = planned(projectOf(), benchOf({ swatches: [] }));
		expect(p.finished.hat.tubeFlat.sd / p.finished.hat.tubeFlat.mean).toBeCloseTo(0.15, 10);
		expect(p.finished.hat.tubeFlat.basis).toBe('estimated');
		const f = p.findings.find((x) => x.code === 'no-swatch')!;
		expect(wordFinding(f, { units: 'cm', yarnName: () => '' }).why).toMatch(/40 rows of tube/);
	});

	it('as worn carries the shortening’s own doubt and is an estimate', () => {
		const p = planned(projectOf());
		expect(p.finished.hat.layerWorn.basis).toBe('estimated');
		expect(p.finished.hat.layerWorn.sd / p.finished.hat.layerWorn.mean).toBeGreaterThan(0.03);
	});
});

describe('as knitted', () => {
	it('plans the size of the rows really made', () => {
		const p = plan<FinishedOf<'worn'>>(projectOf(), benchOf(), { rows: 101 });
		expect(p.ok && p.pieces[0]!.mainRows).toBe(101);
		expect(p.ok && p.finished.hat.tubeFlat.mean).toBeCloseTo(50.5, 10);
	});
});

describe('each number opens to its arithmetic', () => {
	it('the terms of the tube’s length give the length', () => {
		const p = planned(projectOf());
		const terms = sizeOf(p, 'tube-flat').working.filter((t) => typeof t !== 'string');
		expect(terms[0]!.value / terms[1]!.value).toBeCloseTo(p.finished.hat.tubeFlat.mean, 10);
		expect(terms[1]!.own).toBe(true);
	});

	it('the yarn’s terms give its metres', () => {
		const a = planned(projectOf()).amounts[0]!;
		const [stitches, loop, tails] = a.metres.working.filter((t) => typeof t !== 'string');
		expect((stitches!.value * loop!.value) / 100 + tails!.value).toBeCloseTo(
			a.metres.value.mean,
			8
		);
	});
});

it('says where the gauge comes from', () => {
	const source = (bench = benchOf()) =>
		wordSource(planned(projectOf(), bench).gauges[0]!.rowSource);
	expect(source()).toBe('1 reading, rested');
	expect(source(benchOf({ swatches: [] }))).toMatch(/^predicted/);
	expect(source(benchOf({ evidence: [evidenceOf()] }))).toBe(
		'learned from Earlier hat and 1 reading (rested)'
	);
	expect(source(benchOf({ swatches: [swatchOf(M48, A, [readingOf(12, 20, 'fresh')])] }))).toMatch(
		/consent/
	);
	expect(wordLoopSource(planned(projectOf()).gauges[0]!.loopSource)).toMatch(/estimated/);
	expect(wordLoopSource({ kind: 'weighed', readings: 1 })).toMatch(/^from a counted swatch/);
	expect(wordLoopSource({ kind: 'weighed', readings: 2 })).toMatch(/^from 2 counted swatches/);
});
