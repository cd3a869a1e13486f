import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { A, B, planned, projectOf } from '../../../../tests/support/bench';
import { schemeArb } from '../../../../tests/support/arbitrary';
import { tuckTube, type FaceBand } from './tucked-tube';

const hat = (liningExtraRows: number, rows: number, turnedUp = false) =>
	planned(
		projectOf({
			scheme: { kind: 'outer-lining', outer: A.id, lining: B.id, liningExtraRows },
			length: { by: 'rows', rows },
			brim: { turnedUp, heightCm: 5 }
		})
	);

describe('the fold', () => {
	// Common practice: 65 + 70, fold at 67.5; the last 2.5 rows of the outer face have the lining's colour.
	it('65 + 70: a lip of 2.5 rows on the outer face', () => {
		const p = hat(5, 135);
		expect(p.finished.tucked.foldRow).toBe(67.5);
		expect(p.finished.tucked.outerLip).toEqual({ yarn: 1, from: 0, to: 2.5 });
		expect(p.finished.tucked.boundaryOnFold).toBe(false);
		expect(p.finished.hat.peekCm).toBeCloseTo((2.5 / 2) * p.finished.hat.wornFactor, 10);
	});

	it('the lip is hidden under a turned-up brim', () => {
		expect(hat(5, 135, true).finished.hat.peekCm).toBe(0);
		expect(hat(5, 135, true).finished.hat.brim.every((b) => b.yarn === 1)).toBe(true);
	});

	// Common practice: 70 + 70, the boundary is on the fold itself.
	it('70 + 70: the boundary is on the fold', () => {
		const p = hat(0, 140);
		expect(p.finished.tucked.boundaryOnFold).toBe(true);
		expect(p.finished.tucked.outerLip).toBeNull();
	});

	it('an outer longer than the lining shows on the lining', () => {
		const p = hat(-6, 134, true);
		expect(p.finished.tucked.liningLip).toEqual({ yarn: 0, from: 0, to: 3 });
		expect(p.finished.hat.peekCm).toBeGreaterThan(0);
	});

	// A brute-force model: walk the tube in quarter rows and lay each on the face it ends up on.
	it('lays every part of every row where a row-by-row walk lays it', () => {
		fc.assert(
			fc.property(schemeArb, fc.integer({ min: 8, max: 200 }), (scheme, rows) => {
				const p = planned(projectOf({ scheme, length: { by: 'rows', rows } }));
				const { runs } = p.pieces[0]!;
				const fold = rows / 2;
				const yarnAt = (face: readonly FaceBand[], d: number) =>
					face.find((b) => d > b.from && d < b.to)?.yarn;
				for (let q = 0.125; q < rows; q += 0.25) {
					const yarn = runs.find((r) => q >= r.from && q < r.to)!.yarn;
					const face = q < fold ? p.finished.tucked.outer : p.finished.tucked.lining;
					if (Math.abs(q - fold) > 0.01) expect(yarnAt(face, Math.abs(q - fold))).toBe(yarn);
				}
			}),
			{ seed: 10, numRuns: 40 }
		);
	});

	it('both faces are as long as half the tube', () => {
		fc.assert(
			fc.property(schemeArb, fc.integer({ min: 8, max: 400 }), (scheme, rows) => {
				const { tucked } = planned(projectOf({ scheme, length: { by: 'rows', rows } })).finished;
				const span = (f: readonly FaceBand[]) => f.reduce((t, b) => t + b.to - b.from, 0);
				expect(span(tucked.outer)).toBeCloseTo(rows / 2, 10);
				expect(span(tucked.lining)).toBeCloseTo(rows / 2, 10);
			}),
			{ seed: 11, numRuns: 100 }
		);
	});

	it('a piece that is not tucked has no fold', () => {
		expect(tuckTube([{ from: 0, to: 10, yarn: 0 }], [], 'tube')).toBeUndefined();
	});

	it('with the cast-on end inside, the faces change places', () => {
		const runs = [
			{ from: 0, to: 4, yarn: 0 },
			{ from: 4, to: 10, yarn: 1 }
		];
		const tuck = (inner: 'cast-on' | 'cast-off') =>
			tuckTube(runs, [{ do: 'tuck', piece: 't', atRow: 5, inner }], 't')!;
		expect(tuck('cast-on').outer).toEqual(tuck('cast-off').lining);
	});
});

describe('on the head', () => {
	it('what is seen fills the height without gaps', () => {
		fc.assert(
			fc.property(
				schemeArb,
				fc.boolean(),
				fc.integer({ min: 60, max: 160 }),
				(scheme, turnedUp, rows) => {
					const { hat: h } = planned(
						projectOf({ scheme, length: { by: 'rows', rows }, brim: { turnedUp, heightCm: 5 } })
					).finished;
					const seen = [...h.brim, ...h.body].sort((a, b) => a.fromCm - b.fromCm);
					expect(seen[0]!.fromCm).toBeCloseTo(0, 8);
					expect(seen.at(-1)!.toCm).toBeCloseTo(h.heightWorn.mean, 8);
					for (let i = 1; i < seen.length; i++)
						expect(seen[i]!.fromCm).toBeCloseTo(seen[i - 1]!.toCm, 8);
				}
			),
			{ seed: 12, numRuns: 100 }
		);
	});
});
