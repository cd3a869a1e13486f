import { describe, expect, it } from 'vitest';
import {
	A,
	benchOf,
	evidenceOf,
	M48,
	machineOf,
	readingOf,
	swatchOf
} from '../../../../../tests/support/bench';
import type { LoopReading } from '../../model/bench';
import { relative } from '../../quantity/estimate';
import { mundenLoopCm } from '../yarn/loop';
import { gaugeOf } from './gauge';

const unravelled = (rows: number, metres: number, id = 'u'): LoopReading => ({
	id,
	by: 'unravelled',
	rows,
	stitches: 48,
	metres
});
const weighed = (grams: number, stitches: number): LoopReading => ({
	id: 'w',
	by: 'weighed',
	grams,
	stitches
});
const withLoops = (loops: LoopReading[], machine = M48) =>
	swatchOf(machine, A, [readingOf(12, 20)], { loops, id: `s-${machine.id}` as never });
const gauge = (loops: LoopReading[], evidence = benchOf().evidence) =>
	gaugeOf(M48, A, benchOf({ swatches: [withLoops(loops)], evidence }));

describe('the yarn in one stitch', () => {
	it('from unravelled rows: 4 rows of 48 that give 5.376 m are 2.8 cm', () => {
		const g = gauge([unravelled(4, 5.376)]);
		expect(g.loopCm.mean).toBeCloseTo(2.8, 12);
		expect(relative(g.loopCm)).toBeCloseTo(0.015, 12);
		expect(g.loopSource).toEqual({ kind: 'unravelled', readings: 1, rows: 4 });
	});

	it('more rows weigh more: four rows count as four readings of one', () => {
		const g = gauge([unravelled(4, 5.376, 'a'), unravelled(1, 1.44, 'b')]);
		expect(g.loopCm.mean).toBeCloseTo((2.8 * 4 + 3) / 5, 12);
	});

	it('from a weighed counted swatch: 40 rows of 48 that weigh 27 g at 2 m a gram', () => {
		const g = gauge([weighed(27, 1920)]);
		expect(g.loopCm.mean).toBeCloseTo((27 * 2 * 100) / 1920, 12);
		// Half a gram of 27, and 3 % of the label.
		expect(relative(g.loopCm)).toBeCloseTo(Math.hypot(0.5 / 27, 0.03), 12);
	});

	it('takes the measured one of least spread, and keeps the others as opinions', () => {
		const g = gauge([unravelled(2, 2.8), weighed(27, 1920)], [evidenceOf({ loopCm: 2.75 })]);
		expect(g.loopSource.kind).toBe('unravelled');
		expect(g.loopOpinions.map((o) => o.source.kind)).toEqual([
			'unravelled',
			'pieces',
			'weighed',
			'munden',
			'peirce'
		]);
	});

	it('unmeasured: Munden, with Peirce as a second opinion within their spreads', () => {
		const g = gauge([]);
		expect(g.loopSource).toEqual({ kind: 'munden' });
		const [munden, peirce] = g.loopOpinions;
		expect(Math.abs(munden!.loopCm.mean - peirce!.loopCm.mean)).toBeLessThan(
			Math.hypot(munden!.loopCm.sd, peirce!.loopCm.sd)
		);
	});

	it('measured on one machine it is carried to another by the maker’s own constant', () => {
		const M22 = machineOf(22);
		const bench = benchOf({
			machines: [M48, M22],
			swatches: [withLoops([unravelled(4, 5.376)]), swatchOf(M22, A, [readingOf(14, 24)])]
		});
		const g = gaugeOf(M22, A, bench);
		expect(g.loopSource).toEqual({ kind: 'elsewhere', swatches: 1 });
		expect(g.loopCm.mean).toBeCloseTo(2.8 * Math.sqrt((12 * 20) / (14 * 24)), 12);
		expect(relative(g.loopCm)).toBeCloseTo(Math.hypot(0.015, 0.05), 12);
		expect(g.loopCm.basis).toBe('estimated');
		// Tighter than the published constant alone allows.
		expect(relative(g.loopCm)).toBeLessThan(relative(mundenLoopCm(1.4, 2.4, 'rested')));
	});

	it('a swatch with loop readings alone has no gauge of its own', () => {
		const bench = benchOf({ swatches: [{ ...withLoops([unravelled(4, 5.376)]), readings: [] }] });
		const g = gaugeOf(M48, A, bench);
		expect(g.rowSource.kind).toBe('prior');
		expect(g.loopSource.kind).toBe('unravelled');
	});
});
