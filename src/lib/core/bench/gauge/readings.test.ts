import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	A,
	benchOf,
	M48,
	planned,
	projectOf,
	readingOf,
	swatchOf
} from '../../../../../tests/support/bench';
import type { Reading } from '../../model/bench';
import { combine } from '../../quantity/estimate';
import { gaugeOf } from './gauge';
import { wearFrom } from './pulled';
import { outOfLine, settledMeans, spreadWithMore, stateChanges, stateGauge } from './readings';

const named = (id: string, r: Reading): Reading => ({ ...r, id });

describe('readings of one swatch', () => {
	it('what two more readings would bring: ± 1.4 becomes ± 1.0 with two of two', () => {
		const two = combine([1.96, 2.04], 0.03, 'measured');
		expect(spreadWithMore({ ...two, sd: 1.4 }, 2)).toBeCloseTo(1.4 / Math.SQRT2, 12);
	});

	it('more readings that agree never promise a wider spread', () => {
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: 0.5, max: 5, noNaN: true }), { minLength: 1, maxLength: 12 }),
				fc.integer({ min: 1, max: 9 }),
				(values, more) => {
					const now = combine(values, 0.03, 'measured');
					expect(spreadWithMore(now, more)).toBeLessThan(now.sd);
				}
			),
			{ seed: 31 }
		);
	});

	it('the one out of line is pointed out, by side, and none is removed', () => {
		const readings = [
			named('a', readingOf(12, 20)),
			named('b', readingOf(12.1, 20.2)),
			named('c', readingOf(11.9, 24)),
			named('w', readingOf(14, 30, 'washed'))
		];
		expect(outOfLine(readings, 'rested').map((o) => [o.readingId, o.side])).toEqual([
			['c', 'rows']
		]);
		expect(outOfLine(readings, 'rested')[0]!.share).toBeCloseTo(24 / 20.1 - 1, 12);
		expect(stateGauge(readings, 'rested')!.rowsPerCm!.n).toBe(3);
	});

	it('of rows alone, or stitches alone, count where they were taken', () => {
		const rows = { ...readingOf(12, 20), id: 'rows', stitches: null };
		const stitches = { ...readingOf(14, 20), id: 'stitches', rows: null };
		const both = stateGauge([rows, stitches, readingOf(12, 22)], 'rested')!;
		expect(both.rowsPerCm!.mean).toBeCloseTo(2.1, 9);
		expect(both.rowsPerCm!.n).toBe(2);
		expect(both.stitchesPerCm!.mean).toBeCloseTo(1.3, 9);
		expect(stateGauge([rows], 'rested')!.stitchesPerCm).toBeNull();
		// What needs both sides leaves them out.
		expect(settledMeans([rows, stitches])).toBeUndefined();
		expect(settledMeans([rows, readingOf(12, 20)])!.n).toBe(1);
		const [change] = stateChanges([rows, readingOf(12.5, 16, 'fresh')]);
		expect(change!.width).toBeNull();
		expect(change!.length!.mean).toBeCloseTo(16 / 20 - 1, 9);
	});

	it('of two nobody can say which is out of line', () => {
		expect(outOfLine([readingOf(12, 20), readingOf(12, 30)], 'rested')).toEqual([]);
	});

	it('readings a few per cent apart are in line', () => {
		const readings = [readingOf(12, 20), readingOf(12.3, 20.5), readingOf(11.8, 19.6)];
		expect(outOfLine(readings, 'rested')).toEqual([]);
	});

	it('changes from state to state are in width and length, the way they happen', () => {
		const [rest, wash] = stateChanges([
			readingOf(12, 22, 'washed'),
			readingOf(12, 20, 'rested'),
			readingOf(12.5, 16, 'fresh')
		]);
		expect([rest!.from, rest!.to]).toEqual(['fresh', 'rested']);
		expect(rest!.length!.mean).toBeCloseTo(16 / 20 - 1, 12);
		expect(rest!.width!.mean).toBeCloseTo(12.5 / 12 - 1, 12);
		// Both readings of a tape have their share in the spread: of one each it is the root of two.
		const one = rest!.length!.sd / (rest!.length!.mean + 1);
		expect(one / Math.SQRT2).toBeCloseTo(
			rest!.width!.sd / (rest!.width!.mean + 1) / Math.SQRT2,
			12
		);
		const [twice] = stateChanges([
			readingOf(12, 20, 'rested'),
			readingOf(12, 20, 'rested'),
			readingOf(12.5, 16, 'fresh'),
			readingOf(12.5, 16, 'fresh')
		]);
		expect(rest!.length!.sd / twice!.length!.sd).toBeCloseTo(Math.SQRT2, 9);
		expect(wash!.length!.mean).toBeCloseTo(20 / 22 - 1, 12);
		expect(wash!.width!.mean).toBeCloseTo(0, 12);
		expect(stateChanges([readingOf(12, 20)])).toEqual([]);
	});

	it('pulled readings are of no settled state', () => {
		expect(settledMeans([readingOf(8, 26, 'pulled'), readingOf(8, 20, 'fresh')])).toBeUndefined();
	});
});

describe('a pulled reading', () => {
	// Pulled 40 % wider the rows close up by 10 %: 0.25 shorter for each wider.
	const readings = [readingOf(14, 18), readingOf(10, 20, 'pulled')];

	it('sets stretch and shortening', () => {
		const wear = wearFrom(readings)!;
		expect(wear.pulledTo!.mean).toBeCloseTo(0.4, 12);
		expect(wear.shortening.mean).toBeCloseTo(0.25, 12);
		expect(wear.shortening.basis).toBe('measured');
	});

	it('its spread is that of its tape measures, by a numerical derivative', () => {
		const of = (s: number, r: number) => {
			const w = wearFrom([readingOf(14, 18), readingOf(s, r, 'pulled')])!;
			return w.shortening.mean;
		};
		const h = 1e-5;
		const byS = ((of(10 * (1 + h), 20) - of(10 * (1 - h), 20)) / (2 * h)) * 0.015 * Math.SQRT2;
		const byR = ((of(10, 20 * (1 + h)) - of(10, 20 * (1 - h))) / (2 * h)) * 0.015 * Math.SQRT2;
		expect(wearFrom(readings)!.shortening.sd).toBeCloseTo(Math.hypot(byS, byR), 6);
	});

	it('never drives a size, and does drive the length as worn', () => {
		const bench = benchOf({ swatches: [swatchOf(M48, A, readings)] });
		expect(gaugeOf(M48, A, bench).rowsPerCm.mean).toBeCloseTo(1.8, 12);
		const hat = planned(projectOf({ length: { by: 'rows', rows: 100 } }), bench).finished.hat;
		const strain = 57.5 / (48 / 1.4) - 1;
		expect(hat.layerWorn.mean).toBeCloseTo((50 / 1.8) * (1 - 0.25 * strain), 10);
	});

	it('hardly pulled says nothing, and alone says nothing', () => {
		expect(wearFrom([readingOf(14, 18), readingOf(13.8, 18, 'pulled')])).toBeUndefined();
		expect(wearFrom([readingOf(10, 20, 'pulled')])).toBeUndefined();
	});
});
