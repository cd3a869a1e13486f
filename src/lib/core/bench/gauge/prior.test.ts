import { Matrix, solve } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import {
	A,
	benchOf,
	M48,
	machineOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../../tests/support/bench';
import { relative } from '../../quantity/estimate';
import { gaugeOf } from './gauge';
import { PRIOR, PRIOR_RELATIVE_SD } from './prior';

const M46 = machineOf(46);
const other = (key: string, metresPer100g = 200) =>
	yarnOf(key, { name: `Yarn ${key}`, metresPer100g });
const NEW = other('new');

/** A bench on which each yarn came out `share` denser than the prior. */
const measured = (list: [machine: typeof M48, key: string, share: number][]) => {
	const yarns = [NEW, ...new Set(list.map(([, k]) => k))].map((k) =>
		typeof k === 'string' ? (k === 'new' ? NEW : other(k)) : k
	);
	return benchOf({
		machines: [M48, M46],
		yarns,
		swatches: list.map(([m, key, share]) =>
			swatchOf(
				m,
				yarns.find((y) => y.id === key)!,
				[readingOf(PRIOR.stitchesPerCm * 10 * (1 + share), PRIOR.rowsPerCm * 10 * (1 + share))]
			)
		)
	});
};
const predicted = (bench: ReturnType<typeof benchOf>, yarn = NEW, machine = M48) =>
	gaugeOf(machine, yarn, bench).rowsPerCm;

describe('a gauge nobody measured', () => {
	it('with nothing measured at all is the prior, with its 15 %', () => {
		const p = predicted(measured([]));
		expect(p.mean).toBeCloseTo(PRIOR.rowsPerCm, 12);
		expect(relative(p)).toBeCloseTo(PRIOR_RELATIVE_SD, 12);
		expect(p.basis).toBe('estimated');
	});

	it('leans towards what the same machine made of other yarns, and its band narrows, but stays honest', () => {
		const one = predicted(measured([[M48, 'x', 0.1]]));
		const four = predicted(
			measured([
				[M48, 'x', 0.1],
				[M48, 'y', 0.1],
				[M48, 'z', 0.1],
				[M48, 'w', 0.1]
			])
		);
		expect(one.mean).toBeGreaterThan(PRIOR.rowsPerCm);
		expect(four.mean).toBeGreaterThan(one.mean);
		expect(four.mean).toBeLessThan(PRIOR.rowsPerCm * 1.1);
		expect(relative(four)).toBeLessThan(relative(one));
		expect(relative(one)).toBeLessThan(PRIOR_RELATIVE_SD);
		// However many other yarns there are, this one has never been seen.
		expect(relative(four)).toBeGreaterThan(0.11);
	});

	it('leans harder on the same yarn from another machine than on other yarns from there', () => {
		const same = measured([[M46, 'new', 0.1]]);
		const others = measured([[M46, 'x', 0.1]]);
		expect(predicted(same).mean).toBeGreaterThan(predicted(others).mean);
		expect(relative(predicted(same))).toBeLessThan(relative(predicted(others)));
	});

	it('one swatch: the closed form of one observation', () => {
		// Covariance of the shares maker + machine over variance + reading noise; log 1.1 departs.
		const v = 0.15 ** 2;
		const k = v * (0.16 + 0.22);
		const noisy = v + 0.03 ** 2;
		const p = predicted(measured([[M48, 'x', 0.1]]));
		expect(Math.log(p.mean / PRIOR.rowsPerCm)).toBeCloseTo((k / noisy) * Math.log(1.1), 10);
		expect(relative(p) ** 2).toBeCloseTo(v - k ** 2 / noisy, 10);
	});

	it('three swatches: as a general linear solver has it', () => {
		const list: [typeof M48, string, number][] = [
			[M48, 'x', 0.1],
			[M46, 'x', -0.05],
			[M46, 'new', 0.2]
		];
		const v = 0.15 ** 2;
		const key = [...list, [M48, 'new', 0] as const];
		const cov = key.map(([ma, ya], i) =>
			key.map(([mb, yb], j) => {
				const machine = ma === mb ? 0.22 : 0;
				const yarn = ya === yb ? 0.46 : 0;
				const both = machine && yarn ? 0.16 : 0;
				return v * (0.16 + machine + yarn + both) + (i === j && i < 3 ? 0.03 ** 2 : 0);
			})
		);
		const K = new Matrix(cov.slice(0, 3).map((r) => r.slice(0, 3)));
		const k = cov[3]!.slice(0, 3);
		const weights = solve(K, Matrix.columnVector(k)).to1DArray();
		const mean = weights.reduce((t, w, i) => t + w * Math.log(1 + list[i]![2]), 0);
		const variance = v - weights.reduce((t, w, i) => t + w * k[i]!, 0);
		const p = predicted(measured(list));
		expect(Math.log(p.mean / PRIOR.rowsPerCm)).toBeCloseTo(mean, 10);
		expect(relative(p) ** 2).toBeCloseTo(variance, 10);
	});

	it('a yarn doubled is another fabric: one strand of it tells only half of what it is', () => {
		const single = measured([[M48, 'new', 0.1]]);
		const doubled = predicted(single, { ...NEW, strands: 2 });
		// Covariance of one observation: maker + machine + the yarn's half; as the closed form above.
		const v = 0.15 ** 2;
		const k = v * (0.16 + 0.22 + 0.23);
		expect(relative(doubled) ** 2).toBeCloseTo(v - k ** 2 / (v + 0.03 ** 2), 10);
		expect(relative(doubled)).toBeGreaterThan(0.1);
		expect(gaugeOf(M48, { ...NEW, strands: 2 }, single).rowSource).toMatchObject({ ofYarn: 1 });
	});

	it('says what it leaned on', () => {
		const bench = measured([
			[M48, 'x', 0.1],
			[M46, 'new', 0.1]
		]);
		expect(gaugeOf(M48, NEW, bench).rowSource).toEqual({ kind: 'prior', onMachine: 1, ofYarn: 1 });
	});

	it('thickness still counts: half the tex, root two as many rows', () => {
		const bench = { ...measured([[M48, 'x', 0.1]]) };
		const thin = predicted(bench, other('thin', 400));
		expect(thin.mean / predicted(bench).mean).toBeCloseTo(Math.SQRT2, 12);
	});

	it('fresh readings teach it nothing', () => {
		const fresh = benchOf({ swatches: [swatchOf(M48, A, [readingOf(20, 30, 'fresh')])] });
		expect(predicted(fresh).mean).toBeCloseTo(PRIOR.rowsPerCm, 12);
	});
});
