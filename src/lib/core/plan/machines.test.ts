import { describe, expect, it } from 'vitest';
import { harbour } from '../../demo/harbour';
import { gaugeBook } from '../bench/gauge/book';
import { gaugeFor } from '../bench/gauge/gauge';
import type { Evidence } from '../model/project';
import { crankTime, PRIOR_RELATIVE_SD, PRIOR_SECONDS_PER_ROW } from '../crank/time';
import { yarnAmount } from '../crank/amount';

const { bench } = harbour;
const [small, big] = bench.machines as [(typeof bench.machines)[0], (typeof bench.machines)[0]];
const yarn = bench.yarns.find((y) => y.id === 'bw-foam')!;
const book = gaugeBook(bench);
const gauge = (machine: typeof big) => gaugeFor({ machine, yarn, book, useFresh: false });

const amount = (more: Partial<Parameters<typeof yarnAmount>[0]>) =>
	yarnAmount({
		yarn: 0,
		of: yarn,
		stitchesOn: [],
		handMetres: 0,
		runs: [],
		tails: [],
		pins: big.pins,
		castOnMetres: 0,
		...more
	});

describe('yarn over several machines', () => {
	it('is each machine’s stitches by its own loop, and errs alike on all', () => {
		const on = [
			{ gauge: gauge(big), stitches: 5000 },
			{ gauge: gauge(small), stitches: 1200 }
		];
		const { metres, stitches } = amount({ stitchesOn: on });
		const alone = on.map((s) => amount({ stitchesOn: [s] }).metres.value);
		expect(stitches).toBe(6200);
		expect(metres.value.mean).toBeCloseTo(alone[0]!.mean + alone[1]!.mean, 9);
		expect(metres.value.sd).toBeCloseTo(alone[0]!.sd + alone[1]!.sd, 9);
		const by = on.reduce((t, s) => t + (s.stitches * s.gauge.loopCm.mean) / 100, 0);
		expect(metres.value.mean).toBeCloseTo(by, 9);
	});
	it('takes what is worked by hand on top, with a spread of its own', () => {
		const knitted = amount({ stitchesOn: [{ gauge: gauge(big), stitches: 5000 }] }).metres.value;
		const both = amount({
			stitchesOn: [{ gauge: gauge(big), stitches: 5000 }],
			handMetres: 10
		}).metres.value;
		expect(both.mean - knitted.mean).toBeCloseTo(10, 9);
		expect(both.sd - knitted.sd).toBeCloseTo(1.5, 9);
	});
	it('by hand alone needs no gauge, and opens to one line of arithmetic', () => {
		const a = amount({ handMetres: 12.2 });
		expect(a.metres.value).toEqual({
			mean: 12.2,
			sd: expect.closeTo(1.83, 9) as number,
			basis: 'estimated'
		});
		expect(a.metres.working).toHaveLength(1);
		expect(a.grams.value.mean).toBeCloseTo((12.2 / yarn.metresPer100g) * 100, 9);
		expect(a.runsOutAtRow).toBeNull();
	});
});

describe('time over several machines', () => {
	const timed = (machineId: string, minutes: number, rows: number): Evidence => ({
		resultId: `r-${machineId}`,
		projectId: `p-${machineId}` as Evidence['projectId'],
		projectName: 'Hat',
		machineId: machineId as Evidence['machineId'],
		yarnId: yarn.id,
		strands: 1,
		state: 'rested',
		pins: 48,
		rows,
		tubeCm: null,
		flatWidthCm: null,
		loopCm: null,
		minutes
	});
	it('is each machine’s rows at its own pace, learned where it was timed', () => {
		const evidence = [timed(small.id, 10, 100)];
		const t = crankTime(
			[
				{ rows: 60, machineId: small.id },
				{ rows: 100, machineId: big.id }
			],
			evidence
		);
		const mean = (60 * 6) / 60 + (100 * PRIOR_SECONDS_PER_ROW) / 60;
		expect(t.value.mean).toBeCloseTo(mean, 9);
		// What is only supposed of one machine is supposed of the whole.
		expect(t.value.basis).toBe('estimated');
		expect(t.working.filter((x) => typeof x !== 'string')).toHaveLength(4);
	});
	it('of one machine is as it ever was', () => {
		const t = crankTime([{ rows: 120, machineId: big.id }], []);
		expect(t.value.mean).toBeCloseTo((120 * PRIOR_SECONDS_PER_ROW) / 60, 9);
		expect(t.value.sd / t.value.mean).toBeCloseTo(PRIOR_RELATIVE_SD, 9);
	});
	it('of nothing to crank is nothing', () => {
		expect(crankTime([{ rows: 0, machineId: big.id }], []).value.mean).toBe(0);
	});
});
