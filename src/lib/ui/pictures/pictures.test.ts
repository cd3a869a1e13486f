import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bandPath, domeProfile, headPath } from '$lib/core/thing/dome';
import { lyingStitchPath, rulerStep, stitchPath, ticks } from './stitches';

const length = fc.double({ min: 2, max: 60, noNaN: true });
const radius = fc.double({ min: 4, max: 13, noNaN: true });

describe('the outline of a hat', () => {
	it('goes from the lower edge to a point at the crown, never wider than the head', () => {
		fc.assert(
			fc.property(length, radius, (cm, r) => {
				const p = domeProfile(cm, r);
				expect(p.at(0).up).toBeCloseTo(0, 6);
				expect(p.at(cm).half).toBeLessThan(r * 0.05);
				for (let s = 0; s <= cm; s += cm / 20) expect(p.at(s).half).toBeLessThanOrEqual(r + 1e-9);
			}),
			{ seed: 20 }
		);
	});

	it('is as long along its surface as the hat', () => {
		fc.assert(
			fc.property(length, radius, (cm, r) => {
				const p = domeProfile(cm, r);
				let walked = 0;
				const N = 2000;
				for (let i = 1; i <= N; i++) {
					const a = p.at((cm * (i - 1)) / N);
					const b = p.at((cm * i) / N);
					walked += Math.hypot(b.half - a.half, b.up - a.up);
				}
				expect(walked / cm).toBeGreaterThan(0.98);
				expect(walked / cm).toBeLessThan(1.02);
			}),
			{ seed: 21, numRuns: 30 }
		);
	});

	it('draws bands without NaN, even of no height', () => {
		fc.assert(
			fc.property(length, radius, fc.double({ min: 0, max: 1, noNaN: true }), (cm, r, share) => {
				const p = domeProfile(cm, r);
				const placing = { cx: 100, crownY: 10, px: 10, out: 0.4 };
				expect(bandPath(p, cm * share, cm, placing)).not.toMatch(/NaN|undefined/);
				expect(bandPath(p, cm, cm, placing)).not.toMatch(/NaN|undefined/);
			}),
			{ seed: 22 }
		);
		expect(headPath({ cx: 1, topY: 2, radiusPx: 3, heightPx: 4 })).not.toMatch(/NaN/);
	});
});

describe('rulers', () => {
	it('step by 1, 2 or 5 times a power of ten, as close as the ticks may stand', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.05, max: 60, noNaN: true }),
				fc.double({ min: 5, max: 80, noNaN: true }),
				(px, least) => {
					const step = rulerStep(px, least);
					expect(step * px).toBeGreaterThanOrEqual(least - 1e-9);
					expect([1, 2, 5]).toContain(Number(String(step)[0]));
					if (step > 1) expect((step / 2.5) * px).toBeLessThan(least + 1e-9);
				}
			),
			{ seed: 23 }
		);
	});

	it('have a tick at 0 and none past the end', () => {
		expect(ticks(10, 5)).toEqual([0, 5, 10]);
		expect(ticks(9.99, 5)).toEqual([0, 5]);
	});
});

it('a stitch is two mirrored legs, standing or lying', () => {
	expect(stitchPath(10, 8).match(/M/g)).toHaveLength(2);
	expect(lyingStitchPath(10, 8).match(/M/g)).toHaveLength(2);
});
