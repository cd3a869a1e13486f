import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import type { ToyPart } from '../options';
import { stuff } from './stuffed';
import {
	bandsAlong,
	partLength,
	placeParts,
	radiusAt,
	segmentOutline,
	segmentRadius,
	standsAt,
	thicknessAt,
	type MadePart
} from './toy';

const ROUND = 24;

/** A part of so many cm of tube to each swelling, without a machine behind it. */
function made(id: string, lengths: readonly number[], more: Partial<ToyPart> = {}): MadePart {
	const part: ToyPart = {
		id,
		name: id,
		role: 'body',
		on: null,
		cordPins: null,
		stuffed: true,
		count: 1,
		pair: false,
		segments: lengths.map((cm) => ({ line: '10 A', length: { by: 'cm', cm }, puff: 0 })),
		to: null,
		...more
	};
	return {
		part,
		piece: `part-${id}`,
		roundCm: ROUND,
		segments: lengths.map((cm) => ({
			rows: Math.round(cm * 2),
			flatCm: cm,
			puff: 0,
			form: stuff(cm, ROUND, 0),
			bands: [{ yarn: 0, rows: Math.round(cm * 2) }]
		}))
	};
}

const body = made('body', [20, 14]);

describe('a stuffed part', () => {
	it('is as long as its swellings together, and never longer than its tube', () => {
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: 8, max: 60, noNaN: true }), { minLength: 1, maxLength: 6 }),
				(lengths) => {
					const m = made('x', lengths);
					const long = partLength(m);
					expect(long).toBeCloseTo(
						m.segments.reduce((t, s) => t + 2 * s.form.half, 0),
						9
					);
					expect(long).toBeLessThan(lengths.reduce((t, cm) => t + cm, 0));
				}
			),
			{ seed: 101, numRuns: 60 }
		);
	});
	it('is nothing thick at its poles and at a tie, and thickest at the middle of a swelling', () => {
		expect(radiusAt(body, 0)).toBeCloseTo(0, 6);
		expect(radiusAt(body, 1)).toBeCloseTo(0, 6);
		const tie = (2 * body.segments[0]!.form.half) / partLength(body);
		expect(radiusAt(body, tie)).toBeLessThan(0.1);
		expect(radiusAt(body, tie / 2)).toBeCloseTo(segmentRadius(body, body.segments[0]!), 6);
		expect(thicknessAt(body, tie)).toBeCloseTo(segmentRadius(body, body.segments[0]!), 6);
	});
	it('has an outline from pole to pole, as wide as its swelling on both sides', () => {
		const s = body.segments[0]!;
		const outline = segmentOutline(body, s, 3);
		const xs = outline.map((p) => p.x);
		const ys = outline.map((p) => p.y);
		expect(Math.min(...xs)).toBeCloseTo(3, 6);
		expect(Math.max(...xs)).toBeCloseTo(3 + 2 * s.form.half, 6);
		expect(Math.max(...ys)).toBeCloseTo(s.form.radius, 3);
		expect(Math.min(...ys)).toBeCloseTo(-s.form.radius, 3);
	});
	it('lays its rows along the meridian: the bands cover it, thinner on the axis towards a pole', () => {
		const s = {
			...body.segments[0]!,
			rows: 40,
			bands: Array.from({ length: 4 }, (_, i) => ({ yarn: i % 2, rows: 10 }))
		};
		const bands = bandsAlong(body, s);
		expect(bands[0]!.from).toBe(0);
		expect(bands.at(-1)!.to).toBeCloseTo(1, 9);
		for (const [i, b] of bands.entries())
			if (i > 0) expect(b.from).toBeCloseTo(bands[i - 1]!.to, 9);
		const wide = bands.map((b) => b.to - b.from);
		expect(wide[0]).toBeLessThan(wide[1]!);
		expect(wide[0]).toBeCloseTo(wide[3]!, 9);
	});
});

describe('a part that is not stuffed', () => {
	it('lies flat: as long as its tube, half its round wide, with a rounded end', () => {
		const fin = made('fin', [9], { stuffed: false });
		expect(partLength(fin)).toBe(9);
		expect(segmentRadius(fin, fin.segments[0]!)).toBe(ROUND / 4);
		expect(radiusAt(fin, 0.5)).toBe(ROUND / 4);
		const outline = segmentOutline(fin, fin.segments[0]!, 0);
		expect(Math.max(...outline.map((p) => p.x))).toBeCloseTo(9, 6);
		expect(Math.max(...outline.map((p) => Math.abs(p.y)))).toBeCloseTo(ROUND / 4, 6);
	});
});

describe('parts on parts', () => {
	const ear = (more: Partial<ToyPart> = {}) =>
		made('ear', [8], {
			count: 2,
			pair: true,
			to: { part: 'body', along: 0.8, angle: 60 },
			...more
		});

	it('stand up where the toy is seen from the front, and lie along where it is seen from the side', () => {
		const [up] = placeParts([body], 'upright');
		const [along] = placeParts([body], 'lying');
		expect(standsAt(up!, { x: 1, y: 0 }).y).toBeCloseTo(1, 9);
		expect(standsAt(along!, { x: 1, y: 0 }).x).toBeCloseTo(1, 9);
	});
	it('make a pair mirrored across the body from the front', () => {
		const placed = placeParts([body, ear()], 'upright');
		const [left, right] = placed.filter((p) => p.of.part.id === 'ear');
		expect([left!.hand, right!.hand]).toEqual(['left', 'right']);
		expect(left!.at.x).toBeCloseTo(-right!.at.x, 9);
		expect(left!.at.y).toBeCloseTo(right!.at.y, 9);
		expect(left!.behind || right!.behind).toBe(false);
		// Their tips too, all along.
		for (const x of [0, 2, 5]) {
			const a = standsAt(left!, { x, y: 0 });
			const b = standsAt(right!, { x, y: 0 });
			expect(a.x).toBeCloseTo(-b.x, 9);
			expect(a.y).toBeCloseTo(b.y, 9);
		}
	});
	it('make a pair one behind the other from the side', () => {
		const placed = placeParts([body, ear()], 'lying');
		const [near, far] = placed.filter((p) => p.of.part.id === 'ear');
		expect([near!.behind, far!.behind]).toEqual([false, true]);
		expect(near!.turn).toBe(far!.turn);
	});
	it('of more than a pair are spread along, from one place to its mirror image', () => {
		const feet = ear({ count: 8, to: { part: 'body', along: 0.1, angle: -90 } });
		const placed = placeParts([body, feet], 'lying').filter((p) => p.of.part.id === 'ear');
		expect(placed).toHaveLength(8);
		const near = placed.filter((p) => !p.behind).map((p) => p.at.x);
		expect([...near].sort((a, b) => a - b)).toEqual(near);
		const long = partLength(body);
		expect(near[0]! + near.at(-1)!).toBeCloseTo(long, 0);
	});
	it('begin on the surface of what they are sewn to', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.double({ min: -180, max: 180, noNaN: true }),
				fc.constantFrom('upright' as const, 'lying' as const),
				(along, angle, stands) => {
					const placed = placeParts(
						[body, ear({ count: 1, pair: false, to: { part: 'body', along, angle } })],
						stands
					);
					const host = placed.find((p) => p.of.part.id === 'body')!;
					const part = placed.find((p) => p.of.part.id === 'ear')!;
					const away = Math.hypot(part.at.x - host.at.x, part.at.y - host.at.y);
					const own = segmentRadius(part.of, part.of.segments[0]!);
					const reach = partLength(body) + segmentRadius(body, body.segments[0]!) + own;
					expect(away).toBeLessThanOrEqual(reach);
					expect(Number.isFinite(part.turn)).toBe(true);
				}
			),
			{ seed: 102, numRuns: 80 }
		);
	});
	it('hang from parts that hang from parts, in whatever order they are told', () => {
		const tip = made('tip', [8], { to: { part: 'ear', along: 1, angle: 0 } });
		const alone = ear({ count: 1, pair: false });
		const there = (parts: readonly MadePart[]) =>
			new Map(placeParts(parts, 'upright').map((p) => [p.of.part.id, p.at]));
		const a = there([body, alone, tip]);
		const b = there([tip, alone, body]);
		for (const [id, at] of a) {
			expect(b.get(id)!.x).toBeCloseTo(at.x, 9);
			expect(b.get(id)!.y).toBeCloseTo(at.y, 9);
		}
	});
	it('that hang in a ring, or from nothing, are still drawn and never lost', () => {
		const a = made('a', [8], { to: { part: 'b', along: 0.5, angle: 90 } });
		const b = made('b', [8], { to: { part: 'a', along: 0.5, angle: 90 } });
		const lost = made('lost', [8], { to: { part: 'gone', along: 0.5, angle: 90 } });
		const self = made('self', [8], { to: { part: 'self', along: 0.5, angle: 90 } });
		const placed = placeParts([body, a, b, lost, self], 'lying');
		expect(new Set(placed.map((p) => p.of.part.id))).toEqual(
			new Set(['body', 'a', 'b', 'lost', 'self'])
		);
		for (const p of placed) expect(Number.isFinite(p.at.x + p.at.y + p.turn)).toBe(true);
	});
});
