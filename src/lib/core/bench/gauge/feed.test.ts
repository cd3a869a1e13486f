import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	M48,
	machineOf,
	projectOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../../tests/support/bench';
import { seeded } from '../../../../../tests/support/random';
import { asFed } from '../../learn/fed';
import { forecastOf } from '../../learn/forecast';
import type { Fed } from '../../model/bench';
import type { Bench, Evidence, RunEvent } from '../../model/project';
import { plan } from '../../plan';
import { relative } from '../../quantity/estimate';
import { wordSource } from '../../words/sources';
import { gaugeBook } from './book';
import { fedApart } from './feed';
import { gaugeFor } from './gauge';

const at = (slot: number, hand: Fed['hand'] = 'none'): Fed => ({ slot, hand });
const machine = { ...M48, slots: 3 };
const gauge = (bench: Bench, yarn = A, fed?: Fed) =>
	gaugeFor({
		machine,
		yarn,
		book: gaugeBook(bench),
		useFresh: false,
		...(fed ? { fed } : {})
	});
const swatch = (yarn: typeof A, rows: number, fed: Fed, id: string) => ({
	...swatchOf(M48, yarn, [readingOf(12, rows)], { id: id as never }),
	...fed
});
/** A tube knitted in some way of feeding, that came out `ratio` times as long as two rows to the cm have it. */
const tube = (i: number, yarn: typeof A, fed: Fed, ratio: number): Evidence => ({
	resultId: `r${i}`,
	projectId: `p${i}` as never,
	projectName: `thing ${i}`,
	machineId: M48.id,
	pins: 48,
	rows: 100,
	state: 'rested',
	on: [
		{
			machineId: M48.id,
			yarnId: yarn.id,
			strands: 1,
			stitchesPerCm: 1.2,
			rowsPerCm: 2,
			loopCm: null,
			fed
		}
	],
	sizes: [{ id: 'length', ratio, sd: 0.006, by: [{ on: 0, stitches: 0, rows: -1 }] }],
	minutes: null,
	usualMinutes: null
});

describe('how yarn is fed', () => {
	it('is compared as far as both say it: a slot by its steps, a hand that is not noted by nothing', () => {
		const terms = (a: Fed, b: Fed) => fedApart(M48.id, 'rows', a, b).map((t) => t.times);
		expect(terms(at(2), at(2))).toEqual([]);
		expect(terms(at(1), at(3))).toEqual([2]);
		expect(terms(at(2, 'none'), at(2, 'crossed'))).toEqual([]);
		expect(terms(at(2, 'light'), at(2, 'crossed'))).toEqual([1]);
		expect(terms(at(0), at(2)).sort()).toEqual([-1, 2]);
		expect(fedApart(M48.id, 'rows', undefined, at(1))).toEqual([]);
	});

	it('what one slot taught is carried to another with a wider band, and said', () => {
		const bench = benchOf({ machines: [machine], swatches: [swatch(A, 20, at(2), 's2')] });
		const [here, there] = [gauge(bench, A, at(2)), gauge(bench, A, at(3))];
		expect(gauge(bench).rowsPerCm).toEqual(here.rowsPerCm);
		expect(there.rowsPerCm.mean).toBeCloseTo(here.rowsPerCm.mean, 12);
		expect(relative(there.rowsPerCm)).toBeCloseTo(Math.hypot(relative(here.rowsPerCm), 0.04), 9);
		expect(wordSource(there.rowSource)).toContain('carried over from slot 2 with a wider band');
		expect(wordSource(here.rowSource)).not.toContain('carried');
	});

	it('what a slot does is the machine’s: two swatches of one yarn tell it for the others too', () => {
		const swatches = [
			swatch(A, 20, at(1), 'a1'),
			swatch(A, 18, at(2), 'a2'),
			swatch(B, 24, at(1), 'b1')
		];
		const bench = benchOf({ machines: [machine], swatches });
		const [one, two] = [gauge(bench, B, at(1)), gauge(bench, B, at(2))];
		// Fewer rows to the cm in the larger slot, part of the way that the first yarn went.
		expect(two.rowsPerCm.mean).toBeLessThan(0.97 * one.rowsPerCm.mean);
		expect(two.rowsPerCm.mean).toBeGreaterThan(0.9 * one.rowsPerCm.mean);
		expect(relative(two.rowsPerCm)).toBeGreaterThan(relative(one.rowsPerCm));
		// The other machine's slots are its own.
		const other = { ...machineOf(22), slots: 3 };
		const alone = { ...swatchOf(other, B, [readingOf(12, 24)]), ...at(1) };
		const elsewhere = gaugeFor({
			machine: other,
			yarn: B,
			book: gaugeBook(benchOf({ machines: [machine, other], swatches: [...swatches, alone] })),
			useFresh: false,
			fed: at(2)
		});
		expect(elsewhere.rowsPerCm.mean).toBeCloseTo(2.4, 9);
		// A swatch in another slot does not erase the first, nor is it lost: it narrows it.
		const single = benchOf({ machines: [machine], swatches: [swatch(A, 20, at(1), 'a1')] });
		expect(relative(gauge(bench, A).rowsPerCm)).toBeLessThan(relative(gauge(single, A).rowsPerCm));
	});

	it('another colour’s swatch in another slot is no second word on what it says itself', () => {
		const fresh = { ...swatchOf(M48, B, [readingOf(12, 26, 'fresh')]), ...at(1) };
		const alone = [swatch(A, 20, at(1), 'a1'), swatch(yarnOf('c'), 18, at(2), 'c2')];
		const rows = (swatches: Bench['swatches']) =>
			gauge(
				benchOf({
					machines: [machine],
					yarns: [A, B, yarnOf('c')],
					swatches,
					evidence: [tube(1, A, at(1), 1.05)]
				})
			).rowsPerCm;
		expect(rows([...alone, fresh]).mean).toBeCloseTo(rows(alone).mean, 9);
		expect(rows([...alone, fresh]).sd).toBeCloseTo(rows(alone).sd, 9);
	});

	it('is found again from things knitted through all slots (seeded)', () => {
		const u = seeded(18);
		const normal = () =>
			Math.sqrt(-2 * Math.log(Math.max(1e-12, u()))) * Math.cos(2 * Math.PI * u());
		const STEP = 0.05;
		const evidence = Array.from({ length: 36 }, (_, i) => {
			const slot = 1 + (i % 3);
			// A density that falls by a twentieth a slot: the tube is longer for as many rows.
			return tube(i, A, at(slot), Math.exp(STEP * (slot - 1) + 0.02 * normal()));
		});
		const bench = benchOf({
			machines: [machine],
			swatches: [swatch(A, 20, at(1), 'a1')],
			evidence
		});
		const rows = (slot: number) => gauge(bench, A, at(slot)).rowsPerCm;
		expect(Math.log(rows(1).mean / rows(3).mean)).toBeGreaterThan(2 * STEP - 0.025);
		expect(Math.log(rows(1).mean / rows(3).mean)).toBeLessThan(2 * STEP + 0.025);
		expect(relative(rows(3))).toBeLessThan(0.027);
		expect(gauge(bench, A, at(3)).rowSource).not.toHaveProperty('carried');
	});

	it('a run remembers how most of a yarn was fed, and the next plan in the old slot is told', () => {
		const bench = benchOf({ machines: [machine], swatches: [swatch(A, 20, at(2), 's2')] });
		const project = projectOf({ length: { by: 'rows', rows: 100 } });
		const made = plan(project, bench);
		const foretold = forecastOf(project, bench, 100);
		if (!made.ok || !foretold) throw new Error('no plan');
		expect(foretold.forecast.on[0]!.fed).toEqual(at(2));
		const set = (row: number): RunEvent => ({
			id: `e${row}`,
			projectId: project.id,
			at: row,
			n: row,
			type: 'feed',
			piece: made.pieces[0]!.id,
			row: row + made.pieces[0]!.sheet.wasteBefore,
			slot: 3,
			hand: 'light'
		});
		expect(asFed(foretold.forecast, made, [set(60)]).on[0]!.fed).toEqual(at(2));
		const fed = asFed(foretold.forecast, made, [set(10)]).on[0]!.fed;
		expect(fed).toEqual(at(3, 'light'));
		const evidence = [tube(1, A, at(3, 'light'), 1.1)];
		const taught = { ...bench, evidence };
		// A tenth longer through slot 3 says less of slot 2 than it does of 3.
		const [two, three] = [gauge(taught, A, at(2)), gauge(taught, A, at(3))];
		expect(three.rowsPerCm.mean).toBeLessThan(two.rowsPerCm.mean);
		expect(two.rowsPerCm.mean).toBeLessThan(2);
		expect(wordSource(two.rowSource)).toContain('thing 1');
	});
});
