import { expect, it } from 'vitest';
import { A, benchOf, evidenceOf, M48, readingOf, swatchOf } from '../../../../tests/support/bench';
import { harbour } from '../../demo/harbour';
import { gaugeOf } from '../bench/gauge/gauge';
import { faultsByPin, foretoldAndMeasured, gaugeOverTime } from './seen';

it('a gauge over time has what each thing alone says, and what was known with it and all before', () => {
	const evidence = [63, 61, 62].map((tubeCm, i) =>
		evidenceOf({ resultId: `r${i}`, projectId: `p${i}` as never, tubeCm })
	);
	const bench = benchOf({ swatches: [swatchOf(M48, A, [readingOf(12, 20)])], evidence });
	// Logged in another order than they stand.
	const results = [3, 1, 2].map((at, i) => ({ id: `r${i}`, at, sizes: [] }) as never);
	const seen = gaugeOverTime({ machine: M48, yarn: A }, 'rows', bench, results);
	expect(seen.map((s) => s.resultId)).toEqual(['r1', 'r2', 'r0']);
	expect(seen.map((s) => s.density)).toEqual([120 / 61, 120 / 62, 120 / 63]);
	const spreads = seen.map((s) => s.known.sd / s.known.mean);
	expect(spreads[2]).toBeLessThan(spreads[0]!);
	expect(seen[2]!.known.mean).toBeCloseTo(gaugeOf(M48, A, bench).rowsPerCm.mean, 10);
	const across = gaugeOverTime({ machine: M48, yarn: A }, 'stitches', bench, results);
	expect(across.map((s) => s.density)).toEqual([1.2, 1.2, 1.2]);
});

it('what was foretold and measured stands in the order of time, with what was marked odd', () => {
	const seen = foretoldAndMeasured(harbour.projects, harbour.results);
	expect(seen.length).toBeGreaterThan(5);
	expect(seen.map((s) => s.at)).toEqual(seen.map((s) => s.at).toSorted((a, b) => a - b));
	expect(seen.filter((s) => s.odd).map((s) => s.name)).toEqual(['Matchbox pouch']);
	for (const s of seen) expect(Math.abs(s.measured / s.foretold - 1) < 0.15 || s.odd).toBe(true);
});

it('faults are counted at their pins; what is off the ring is passed over', () => {
	expect(faultsByPin([1, 4, 4, 9, 0], 6)).toEqual([1, 0, 0, 2, 0, 0]);
});
