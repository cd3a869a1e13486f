import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	evidenceOf,
	M48,
	machineOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../../tests/support/bench';
import { relative } from '../../quantity/estimate';
import type { Bench } from '../../model/project';
import type { Machine, Yarn } from '../../model/bench';
import { gaugeOf } from './gauge';
import { PRIOR_RELATIVE_SD } from './prior';

interface Asked extends Partial<Bench> {
	machine?: Machine;
	yarn?: Yarn;
	useFresh?: boolean;
}
const gauge = ({ machine = M48, yarn = A, useFresh = false, ...bench }: Asked = {}) =>
	gaugeOf(machine, yarn, benchOf(bench), useFresh);

describe('which measurements drive a plan', () => {
	it('one rested reading: its value, 3 % spread', () => {
		const g = gauge();
		expect(g.stitchesPerCm.mean).toBeCloseTo(1.2, 12);
		expect(g.rowsPerCm.mean).toBeCloseTo(2, 12);
		expect(relative(g.rowsPerCm)).toBeCloseTo(0.03, 12);
		expect(g.rowsPerCm.basis).toBe('measured');
	});

	it('washed readings before rested ones', () => {
		const swatches = [swatchOf(M48, A, [readingOf(12, 20), readingOf(13, 22, 'washed')])];
		expect(gauge({ swatches }).rowsPerCm.mean).toBeCloseTo(2.2, 12);
	});

	it('fresh readings only with consent', () => {
		const swatches = [swatchOf(M48, A, [readingOf(14, 16, 'fresh')])];
		const without = gauge({ swatches });
		expect(without.rowSource).toMatchObject({ kind: 'fresh-unused', readings: 1 });
		expect(without.rowsPerCm.basis).toBe('estimated');
		const with_ = gauge({ swatches, useFresh: true });
		expect(with_.rowsPerCm.mean).toBeCloseTo(1.6, 12);
	});

	it('another colour of the same yarn speaks for this one', () => {
		const g = gauge({ yarn: B });
		expect(g.rowSource).toMatchObject({ kind: 'swatch', otherColour: true });
	});

	it('other strands, other machines, other yarns do not', () => {
		const two = yarnOf('a', { strands: 2 });
		const thick = yarnOf('c', { name: 'Other' });
		expect(gauge({ yarn: two }).rowSource.kind).toBe('prior');
		expect(gauge({ yarn: thick }).rowSource.kind).toBe('prior');
		expect(gauge({ machine: machineOf(46) }).rowSource.kind).toBe('prior');
	});

	it('finished pieces join swatches', () => {
		const evidence = [evidenceOf({ rows: 128, tubeCm: 59, flatWidthCm: null })];
		const [g, swatched] = [gauge({ evidence }), gauge()];
		expect(g.rowsPerCm.basis).toBe('learned');
		const [low, high] = [swatched.rowsPerCm.mean, 128 / 59].sort((a, b) => a - b);
		expect(g.rowsPerCm.mean).toBeGreaterThan(low!);
		expect(g.rowsPerCm.mean).toBeLessThan(high!);
		// No width was measured: the stitches still come from the swatch.
		expect(g.stitchesPerCm.basis).toBe('measured');
	});

	it('a look at once teaches less than one after a rest', () => {
		const off = (state: 'fresh' | 'rested') =>
			Math.abs(
				gauge({ evidence: [evidenceOf({ state, tubeCm: 64 })] }).rowsPerCm.mean -
					gauge().rowsPerCm.mean
			);
		expect(off('fresh')).toBeLessThan(0.7 * off('rested'));
		expect(off('fresh')).toBeGreaterThan(0);
	});
});

describe('without a swatch', () => {
	const g = gauge({ swatches: [] });

	it('a flagged 15 %', () => {
		expect(relative(g.rowsPerCm)).toBeCloseTo(PRIOR_RELATIVE_SD, 12);
		expect(g.rowsPerCm.basis).toBe('estimated');
	});

	// Common practice: two strands of class 1 stand in for a class 4.
	it('two strands of a fine yarn stand in for one of medium', () => {
		const fine = yarnOf('f', { name: 'Fine', metresPer100g: 400, strands: 2 });
		const other = gauge({ swatches: [], yarn: fine });
		expect(other.stitchesPerCm.mean).toBeCloseTo(g.stitchesPerCm.mean, 12);
	});

	it('thicker yarn makes fewer stitches', () => {
		const thick = yarnOf('t', { name: 'Thick', metresPer100g: 100 });
		expect(gauge({ swatches: [], yarn: thick }).stitchesPerCm.mean).toBeLessThan(
			g.stitchesPerCm.mean
		);
	});
});

it('weighed pieces set the yarn in a stitch, each project once', () => {
	const evidence = [
		evidenceOf({ resultId: '1', loopCm: 2.8 }),
		evidenceOf({ resultId: '2', state: 'washed', loopCm: 2.8 }),
		evidenceOf({ resultId: '3', projectId: 'third' as never, loopCm: 3 })
	];
	const g = gauge({ evidence });
	expect(g.loopSource).toEqual({ kind: 'pieces', pieces: 2 });
	expect(g.loopCm.mean).toBeCloseTo(2.9, 12);
});
