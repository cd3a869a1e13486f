import { rowSeconds } from './time';
import { describe, expect, it } from 'vitest';
import { planned, projectOf } from '../../../../tests/support/bench';
import { estimate } from '../quantity/estimate';
import type { RunEvent } from '../model/project';
import { byJoin, byLength, byWeight } from './miscount';
import { minutesSinceRest, paceBySection, paceOf, rowTimes, timeLeft } from './pace';

const plan = planned(projectOf({ length: { by: 'rows', rows: 100 } }));
const piece = { runs: plan.pieces[0]!.runs, gauges: plan.gauges };

describe('some rows off?', () => {
	it('a length off the machine is rows by the gauge: 20 rows in 10 cm, so 25 cm are 50', () => {
		const f = byLength(25, 52, { ...piece, hanging: false });
		expect(f.rows.mean).toBeCloseTo(50, 8);
		// One reading spreads by 3 %, the tape by 0.4 cm: 1.5 and 0.8 rows.
		expect(f.rows.sd).toBeCloseTo(Math.hypot(1.5, 0.8), 6);
		expect(f).toMatchObject({ exact: false, nearest: 50 });
		expect(f.deviations).toBeCloseTo(2 / Math.hypot(1.5, 0.8), 6);
	});

	it('hanging it is longer, and surer nobody is', () => {
		const hanging = byLength(25, 50, { ...piece, hanging: true });
		const off = byLength(25, 50, { ...piece, hanging: false });
		expect(hanging.rows.mean).toBeLessThan(off.rows.mean);
		expect(hanging.rows.sd).toBeGreaterThan(off.rows.sd);
	});

	it('a hem that is hung already hides half its rows from the tape', () => {
		// 40 rows of hem hang 20 high; 15 cm more are 30 rows on top: 25 cm, 70 rows.
		const f = byLength(25, 70, { ...piece, hanging: false, hem: 40 });
		expect(f.rows.mean).toBeCloseTo(70, 8);
	});

	it('longer than the plan it goes on with the last yarn, and offers no row past the end', () => {
		const f = byLength(70, 100, { ...piece, hanging: false });
		expect(f.rows.mean).toBeCloseTo(140, 6);
		expect(f.nearest).toBe(100);
	});

	it('rows since the join are exact', () => {
		expect(byJoin(6, 40, 46, 100)).toMatchObject({ exact: true, nearest: 46, deviations: 0 });
		expect(byJoin(4, 40, 46, 100).deviations).toBe(Infinity);
	});

	it('grams from the ball are rows by the yarn in a row: 20 g at 2 m/g, 0.8 m a row', () => {
		const f = byWeight(20, 50, {
			from: 0,
			metresPerGram: 2,
			metresPerRow: estimate(0.8, 0.04, 'measured'),
			tailMetres: 0.2,
			most: 100
		});
		expect(f.rows.mean).toBeCloseTo((40 - 0.2) / 0.8, 8);
		expect(f.rows.sd).toBeCloseTo(Math.hypot(f.rows.mean * 0.05, 2 / 0.8), 8);
	});
});

const row = (n: number, at: number, piece = 'tube'): RunEvent => ({
	id: `r${piece}${n}`,
	projectId: projectOf().id,
	at,
	n,
	type: 'row',
	piece
});
const steady = (rows: number, ms: number, start = 0) =>
	Array.from({ length: rows }, (_, i) => row(i, start + i * ms));

describe('pace', () => {
	it('is the rows a minute of each section, stops left out', () => {
		const events = [...steady(20, 5000), row(20, 300_000), row(21, 305_000)];
		const [leg] = paceBySection(rowTimes(events, 'tube'), [
			{ kind: 'main', yarn: 0, start: 0, rows: 30, mainBefore: 0 }
		]);
		expect(leg!.rowsPerMinute).toBeCloseTo(12, 8);
		expect(
			paceBySection(rowTimes(steady(2, 5000), 'tube'), [
				{ kind: 'main', yarn: 0, start: 0, rows: 30, mainBefore: 0 }
			])[0]!.rowsPerMinute
		).toBeNull();
	});

	it('an undone row was no row', () => {
		const undo = { ...row(3, 4000), id: 'u', n: 3, type: 'undo' } as RunEvent;
		expect(rowTimes([...steady(3, 1000), undo, row(4, 6000)], 'tube').map((t) => t.row)).toEqual([
			1, 2, 3
		]);
	});

	it('of most makers until the own is known, of earlier runs, then of this one', () => {
		const usual = paceOf([], [], 48);
		expect(usual.mean).toBeCloseTo(1.4 * rowSeconds(48), 9);
		expect(usual.basis).toBe('estimated');
		expect(paceOf([], [], 22).mean).toBeCloseTo(1.4 * 1.9, 9);
		const earlier = [rowTimes(steady(30, 6000), 'tube'), rowTimes(steady(30, 7000), 'tube')];
		const learned = paceOf([], earlier, 48);
		expect(learned).toMatchObject({ mean: 6.5, basis: 'learned' });
		expect(learned.sd).toBeCloseTo(Math.SQRT1_2, 6);
		expect(paceOf(rowTimes(steady(12, 4000), 'tube'), earlier, 48).mean).toBeCloseTo(4, 8);
	});

	it('tells what is left with its spread', () => {
		const left = timeLeft(60, estimate(6, 0.6, 'learned'));
		expect(left).toEqual({ mean: 6, sd: 0.6, basis: 'learned' });
	});
});

describe('breaks', () => {
	it('minutes at the crank add up until there is a rest of five', () => {
		const start = 1_000_000;
		const half = steady(201, 6000, start);
		const end = start + 200 * 6000;
		expect(minutesSinceRest(half, end)).toBeCloseTo(20, 6);
		expect(minutesSinceRest(half, end + 6 * 60_000)).toBe(0);
		const later = end + 400_000;
		expect(minutesSinceRest([...half, ...steady(11, 6000, later)], later + 60_000)).toBeCloseTo(
			1,
			6
		);
	});

	it('a short stop is not cranking for longer than it counts', () => {
		expect(minutesSinceRest([row(0, 0), row(1, 240_000)], 240_000)).toBeCloseTo(2, 8);
	});
});
