import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	M48,
	machineOf,
	planned,
	projectOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../tests/support/bench';
import { projectArb } from '../../../../tests/support/arbitrary';
import { plan } from '../plan';
import { say } from '../quantity/say';
import { wordEvent } from '../words/events';
import { eventsAhead, positionAt } from './runsheet';

const falseBrim = planned(
	projectOf({
		scheme: { kind: 'false-brim', main: A.id, brim: B.id, brimRows: 30 },
		length: { by: 'rows', rows: 110 }
	})
);
const sheet = falseBrim.pieces[0]!.sheet;
const at = (kind: string) => sheet.events.filter((e) => e.kind === kind).map((e) => e.after);

describe('the events of a hat with 5 rows of waste and a false brim of 30 in 110', () => {
	it('joins come at the ends of waste and of each section', () => {
		expect(at('join')).toEqual([5, 45, 75]);
	});
	it('tails are tied 5 rows after a colour join, not after the waste', () => {
		expect(at('tie')).toEqual([50, 80]);
	});
	it('it is taken off after the last row', () => {
		expect(at('take-off')).toEqual([115]);
	});
	it('it is rolled up when it reaches the table; again every 10 rows is no event of its own', () => {
		// 18 cm of clearance at 2 rows to the cm.
		expect(at('roll')).toEqual([36]);
		expect(sheet.events.find((e) => e.kind === 'roll')).toMatchObject({ every: 10, in: 'tube' });
	});
	it('the first rows and each first row after a join are slow', () => {
		const slow = sheet.events.flatMap((e) => (e.kind === 'slow' ? [[e.after, e.until]] : []));
		expect(slow).toEqual([
			[0, 3],
			[5, 6],
			[45, 46],
			[75, 76]
		]);
	});
	it('events come in the order of the rows', () => {
		expect(sheet.events.map((e) => e.after)).toEqual(
			sheet.events.map((e) => e.after).toSorted((a, b) => a - b)
		);
	});
	it('a slow stretch stays ahead while it lasts', () => {
		expect(eventsAhead(sheet, 2).some((e) => e.kind === 'slow' && e.after === 0)).toBe(true);
		expect(eventsAhead(sheet, 3).some((e) => e.kind === 'slow' && e.after === 0)).toBe(false);
	});
});

it('tails left for weaving are not tied', () => {
	const p = planned(
		projectOf({
			scheme: { kind: 'stripes', yarns: [A.id, B.id], stripeRows: 8 },
			joinTails: 'weave'
		})
	);
	expect(p.pieces[0]!.sheet.events.some((e) => e.kind === 'tie')).toBe(false);
});

it('a long piece on a large machine clogs, on a small one not', () => {
	const long = { length: { by: 'rows', rows: 280 } } as const;
	expect(planned(projectOf(long)).pieces[0]!.sheet.events.some((e) => e.kind === 'clog')).toBe(
		true
	);
	const m = machineOf(22);
	const bench = benchOf({ machines: [m], swatches: [swatchOf(m, A, [readingOf(12, 20)])] });
	const small = planned(projectOf(long, { machineId: m.id }), bench);
	expect(small.pieces[0]!.sheet.events.some((e) => e.kind === 'clog')).toBe(false);
});

it('says before at which row the yarn runs out', () => {
	const bench = benchOf({ yarns: [yarnOf('a', { gramsOnHand: 50 }), B] });
	const p = planned(projectOf(), bench);
	const out = p.pieces[0]!.sheet.events.find((e) => e.kind === 'runs-out')!;
	const row = p.amounts[0]!.runsOutAtRow!;
	expect(out.after).toBe(row + 5);
	// 50 g of 200 m / 100 g is 100 m; the cast-on tail is 1.68 m; what is left makes this many whole rows.
	const perRow = (48 * p.gauges[0]!.loopCm.mean) / 100;
	expect(row).toBe(Math.floor((100 - (1.75 * M48.ringCm) / 100) / perRow));
});

describe('both counter habits', () => {
	it('agree: running is what was before plus the zeroed one', () => {
		fc.assert(
			fc.property(
				projectArb,
				fc.double({ min: 0, max: 1, noNaN: true }),
				({ project, bench }, share) => {
					const p = plan(project, bench);
					if (!p.ok || p.pieces[0]!.mainRows > 1200) return;
					const s = p.pieces[0]!.sheet;
					const done = Math.floor(share * s.totalRows);
					const pos = positionAt(s, done)!;
					const before = s.legs
						.filter((l) => l.kind === 'main' && l.start + l.rows <= done && l !== pos.leg)
						.reduce((t, l) => t + l.rows, 0);
					expect(pos.main).toBe(before + (pos.leg.kind === 'main' ? pos.inLeg : 0));
					expect(pos.inLeg).toBeLessThanOrEqual(pos.leg.rows);
				}
			),
			{ seed: 13, numRuns: 150 }
		);
	});

	it('the end is the whole piece, and beyond it nothing more', () => {
		expect(positionAt(sheet, 115)).toMatchObject({ main: 110, inLeg: 40, finished: true });
		expect(positionAt(sheet, 999)).toMatchObject({ done: 115 });
		expect(positionAt(sheet, -4)).toMatchObject({ done: 0, main: 0 });
	});
});

it('every event has words in both units, at the machine’s own marker pin', () => {
	for (const units of ['cm', 'in'] as const) {
		for (const e of sheet.events) {
			const w = wordEvent(e, {
				units,
				machine: { ...M48, marker: 'last' },
				yarnName: (i) => `yarn ${i}`,
				strands: () => 1
			});
			expect(w.title + w.how).not.toMatch(/undefined|NaN/);
			if (e.kind === 'join') expect(w.how).toContain('pin 48');
		}
	}
	expect(say('in').length(2.54)).toBe('1 in');
});
