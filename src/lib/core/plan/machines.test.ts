import { describe, expect, it } from 'vitest';
import { harbour } from '../../demo/harbour';
import { gaugeBook } from '../bench/gauge/book';
import { gaugeFor } from '../bench/gauge/gauge';
import type { Evidence } from '../model/project';
import { crankTime, PRIOR_RELATIVE_SD, rowSeconds, type Cranked } from '../crank/time';
import type { Machine } from '../model/bench';
import { tubeProgram, type Program } from '../program/program';
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
		state: 'rested',
		pins: 48,
		rows,
		on: [],
		sizes: [],
		minutes,
		usualMinutes: null
	});
	const rows = (machine: Machine, n: number, count = 1): Cranked => ({
		program: tubeProgram({ sections: [{ yarn: 0, rows: n }], wasteStart: 0, wasteEnd: 0 }),
		count,
		machine
	});
	const seconds = (p: Cranked) => 60 * crankTime([p], []).value.mean;

	it('is each machine’s work at its own pace, learned where it was timed', () => {
		const evidence = [{ ...timed(small.id, 10, 100), usualMinutes: 5 }];
		const [a, b] = [rows(small, 60), rows(big, 100)];
		const t = crankTime([a, b], evidence);
		expect(60 * t.value.mean).toBeCloseTo(2 * seconds(a) + seconds(b), 6);
		// What is only supposed of one machine is supposed of the whole.
		expect(t.value.basis).toBe('estimated');
	});
	it('learns from rows and pins where no plan said what is usual', () => {
		const usual = (1.15 * 100 * rowSeconds(48)) / 60;
		const t = crankTime([rows(big, 120)], [timed(big.id, usual * 1.5, 100)]);
		expect(t.value.mean).toBeCloseTo((1.5 * seconds(rows(big, 120))) / 60, 6);
		expect(t.value.basis).toBe('learned');
	});
	it('goes with the stitches of a row, what is cast on and what is taken off', () => {
		const t = crankTime([rows(big, 120)], []);
		const n = big.pins;
		expect(60 * t.value.mean).toBeCloseTo(120 * rowSeconds(n) + n * 0.6 + n * 0.7, 6);
		expect(t.value.sd / t.value.mean).toBeCloseTo(PRIOR_RELATIVE_SD, 9);
		expect(seconds(rows(big, 120, 3))).toBeCloseTo(3 * seconds(rows(big, 120)), 6);
	});
	it('counts what the hands do at the crank', () => {
		const n = 20;
		const on = { id: 'm', pins: n };
		const timeOf = (program: Program) => seconds({ program, count: 1, machine: on });
		const start: Program = [{ op: 'cast-on', method: 'weave', yarn: 0 }];
		const row = rowSeconds(n);
		const bare = timeOf(start);
		expect(timeOf([...start, { op: 'join', yarn: 1 }])).toBeCloseTo(bare + 20, 6);
		expect(timeOf([...start, { op: 'hang-hem', row: 0 }])).toBeCloseTo(bare + row + n * 2.5, 6);
		expect(timeOf([...start, { op: 'cast-off', edge: 'low', count: 4 }])).toBeCloseTo(bare + 12, 6);
		const panel: Program = [...start, { op: 'work', as: 'panel', by: 'hand' }];
		expect(timeOf([...panel, { op: 'rows', count: 1 }])).toBeCloseTo(bare + 1.5 * row + 1.5, 6);
		const narrowed: Program = [
			...panel,
			{ op: 'decrease', edge: 'low', way: 'double', edgeStitches: 1 },
			{ op: 'rows', count: 1 }
		];
		expect(timeOf(narrowed)).toBeCloseTo(bare + 20 + (1.5 * row * (n - 2)) / n + 1.5, 6);
		const floats: Program = [
			...start,
			{ op: 'extend', pin: 3, columns: 6 },
			{ op: 'rows', count: 2 },
			{ op: 'latch-extension', pin: 3 },
			{ op: 'rows', count: 1 }
		];
		expect(timeOf(floats)).toBeCloseTo(bare + 3 * row + 10, 6);
	});
	it('of nothing to crank is nothing', () => {
		expect(crankTime([], []).value.mean).toBe(0);
	});
});
