import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { everyPlan, everyStart } from '../../../../tests/support/every';
import { OffTheRing } from '../../../../tests/support/off-the-ring';
import { sideOfEdge } from '../bench/machine/panel';
import { SHAPINGS, type Shaping } from '../model/kinds';
import { offByRow, ownLine, rhythmsOf, type Take } from '../shaping/edge-schedule';
import { wordSchedule } from '../shaping/words';
import { readSchedule } from './own-words';

describe('the sentence of an edge, read back', () => {
	it('is its schedule row for row: 10,000 random edges', () => {
		let read = 0;
		const gaps = fc.array(
			fc.record({
				gap: fc.oneof(fc.constantFrom(2, 4), fc.integer({ min: 1, max: 13 })),
				n: fc.oneof(fc.constantFrom(1, 2), fc.integer({ min: 1, max: 30 }))
			}),
			{ maxLength: 24 }
		);
		fc.assert(
			fc.property(gaps, fc.constantFrom(...SHAPINGS), (list, shaping: Shaping) => {
				let row = 0;
				const takes = list.map(({ gap, n }): Take => {
					row += gap;
					const how =
						shaping === 'held' || n > 2 ? 'group' : n === 1 ? ('single' as const) : 'double';
					return { row, stitches: n, how };
				});
				const said = wordSchedule(ownLine(takes), shaping);
				expect(readSchedule(said), said).toEqual(takes);
				// And as rhythms: what is said as one is one.
				expect(rhythmsOf(readSchedule(said)!)).toEqual(rhythmsOf(takes));
				read += 1;
			}),
			{ numRuns: 10_000 }
		);
		expect(read).toBe(10_000);
	}, 60_000);

	it('is what the machine knits, at both edges of every piece of every garment', () => {
		let edges = 0;
		for (const { what, plan } of everyPlan(everyStart()))
			for (const p of plan.pieces) {
				if (!p.shaped) continue;
				const ring = new OffTheRing(p.program, p.machine);
				const [from, rows] = [ring.wasteBefore, p.mainRows];
				const width = (r: number) => {
					const pins = ring.pins(from + r);
					return { low: Math.min(...pins), high: Math.max(...pins) };
				};
				for (const end of ['low', 'high'] as const) {
					const said = p.shaped[sideOfEdge(end, p.machine)];
					const off = offByRow(readSchedule(said)!, rows);
					const knitted = Array.from({ length: rows }, (_, r) =>
						Math.abs(width(r)[end] - width(0)[end])
					);
					expect(knitted, `${what}, ${p.name}: ${said}`).toEqual(off);
					edges += 1;
				}
			}
		expect(edges).toBeGreaterThan(100);
	}, 60_000);

	it('is nothing where it is said otherwise', () => {
		for (const said of ['', 'decrease', 'decrease 3 after row 4', 'first after row 3', 'hop twice'])
			expect(readSchedule(said)).toBeNull();
		expect(readSchedule('straight')).toEqual([]);
	});
});
