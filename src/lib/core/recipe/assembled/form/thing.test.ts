import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { bagOf, BAG_STAGES, foldBag } from './bag';
import { hang, hangsAt, spanOf } from './catenary';
import { area } from './flat-fold';
import { colourOrder, placesAlong, solveGarland } from './garland';
import { jointOf, side } from '../../../assembly/joint';
import { pomPomCm, usualWraps, wrappedCm } from './pom-pom';
import { ballLength, halfEllipse, stuff } from './stuffed';

/** Plain numbers, summed in small steps: a second way to every integral below. */
function integrate(f: (x: number) => number, from: number, to: number, steps = 20_000): number {
	const h = (to - from) / steps;
	let t = 0;
	for (let i = 0; i < steps; i++) t += f(from + (i + 0.5) * h);
	return t * h;
}

describe('a bag folded of a strip (geometry, exact)', () => {
	const w = 20;
	const bag = bagOf(w, 3 * w);
	it('is a square of side w x sqrt 2 with a notch of 90 degrees to its middle, on both faces', () => {
		const facets = foldBag(bag, 'bag');
		const s = w * Math.SQRT2;
		expect(bag.sideCm).toBeCloseTo(s, 9);
		expect(bag.depthCm).toBeCloseTo(s / 2, 9);
		for (const f of facets)
			for (const p of f.points) {
				expect(p.x).toBeGreaterThan(-1e-6);
				expect(p.x).toBeLessThan(s + 1e-6);
				expect(p.y).toBeGreaterThan(-1e-6);
				expect(p.y).toBeLessThan(s + 1e-6);
				// Nothing stands in the notch: above both diagonals.
				expect(p.y <= Math.max(p.x, s - p.x) + 1e-6 || p.y <= s / 2 + 1e-6).toBe(true);
			}
		const corner = (x: number, y: number) =>
			facets.some((f) => f.points.some((p) => Math.hypot(p.x - x, p.y - y) < 1e-6));
		expect(
			corner(0, s) && corner(s, s) && corner(0, 0) && corner(s, 0) && corner(s / 2, s / 2)
		).toBe(true);
		const front = facets.filter((f) => f.layer >= 0).reduce((t, f) => t + area(f.points), 0);
		const back = facets.filter((f) => f.layer < 0).reduce((t, f) => t + area(f.points), 0);
		expect(front).toBeCloseTo(1.5 * w * w, 6);
		expect(back).toBeCloseTo(1.5 * w * w, 6);
	});
	it('loses no cloth at any fold, whatever the length', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 5, max: 60, noNaN: true }),
				fc.double({ min: 2.1, max: 4, noNaN: true }),
				(wide, times) => {
					for (const stage of BAG_STAGES) {
						const total = foldBag(bagOf(wide, times * wide), stage).reduce(
							(t, f) => t + area(f.points),
							0
						);
						expect(total / (wide * wide * times)).toBeCloseTo(1, 6);
					}
				}
			),
			{ seed: 71, numRuns: 60 }
		);
	});
	it('says how far a strip misses three widths', () => {
		expect(bagOf(20, 63).missCm).toBeCloseTo(3, 9);
		expect(bagOf(20, 57.5).missCm).toBeCloseTo(-2.5, 9);
	});
});

describe('a stuffed tube', () => {
	it('has a meridian of half an ellipse: against plain summing', () => {
		for (const [a, b] of [
			[1, 1],
			[3, 1],
			[1, 7],
			[5, 0.3]
		] as const) {
			const arc = integrate((t) => Math.hypot(a * Math.cos(t), b * Math.sin(t)), 0, Math.PI);
			expect(halfEllipse(a, b)).toBeCloseTo(arc, 5);
		}
	});
	it('is a ball where its length is half the stuffed circumference and a little more (geometry, exact)', () => {
		for (const e of [0, 0.1, 0.25]) {
			const round = 22;
			const length = ballLength(round, e);
			expect(length).toBeCloseTo((round * (1 + e)) / (2 * (1 - 0.3 * e)), 9);
			const ball = stuff(length, round, e);
			expect(ball.half).toBeCloseTo(ball.radius, 6);
			expect(2 * Math.PI * ball.radius).toBeCloseTo(round * (1 + e), 9);
		}
	});
	it('has the volume of its profile turned round its axis: against plain summing', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 4, max: 60, noNaN: true }),
				fc.double({ min: 6, max: 60, noNaN: true }),
				fc.double({ min: 0, max: 0.5, noNaN: true }),
				(length, round, e) => {
					const s = stuff(length, round, e);
					if (!s.closes) {
						expect(length * (1 - 0.3 * e)).toBeLessThanOrEqual(2 * s.radius + 1e-9);
						return;
					}
					const discs = integrate(
						(x) => Math.PI * s.radius ** 2 * Math.max(0, 1 - (x / s.half) ** 2),
						-s.half,
						s.half
					);
					expect(discs / s.cm3).toBeCloseTo(1, 4);
					// The yarn does not grow: the meridian is the tube's length as shortened.
					expect(halfEllipse(s.radius, s.half)).toBeCloseTo(length * (1 - 0.3 * e), 5);
				}
			),
			{ seed: 72, numRuns: 60 }
		);
	});
});

/** A chain of many straight links that weigh alike, at rest: every link pulls level by one force. An independent catenary. */
function chain(a: number, spanCm: number): { sag: number; length: number } {
	const n = 40_000;
	const dx = spanCm / n;
	let slope = 0;
	let y = 0;
	let length = 0;
	// Up from the lowest point; each step's rise grows by the weight of the link before it.
	for (let i = 0; i < n / 2; i++) {
		const mid = slope + (Math.hypot(1, slope) * dx) / a / 2;
		y += mid * dx;
		length += Math.hypot(1, mid) * dx;
		slope += (Math.hypot(1, mid) * dx) / a;
	}
	return { sag: y, length: 2 * length };
}

describe('a cord that hangs', () => {
	it('is the curve of a chain at rest: against a chain of links', () => {
		for (const [span, sag] of [
			[300, 30],
			[150, 60],
			[400, 5]
		] as const) {
			const cord = hang(span, sag);
			const links = chain(cord.a, span);
			expect(links.sag).toBeCloseTo(sag, 1);
			expect(links.length).toBeCloseTo(cord.lengthCm, 1);
			expect(hangsAt(cord, 0).y).toBeCloseTo(0, 6);
			expect(hangsAt(cord, cord.lengthCm / 2)).toEqual({
				x: expect.closeTo(span / 2, 6) as number,
				y: expect.closeTo(sag, 6) as number
			});
		}
	});
	it('is about d + 8 s2 / (3 d) long for a small sag (geometry)', () => {
		expect(hang(300, 15).lengthCm).toBeCloseTo(300 + (8 * 15 ** 2) / (3 * 300), 1);
	});
	it('reaches back to its span from its length', () => {
		const cord = hang(250, 40);
		expect(spanOf(cord.lengthCm, 40)!.spanCm).toBeCloseTo(250, 4);
		expect(spanOf(60, 30)).toBeNull();
	});
});

describe('a garland', () => {
	const options = { number: 11, spacingCm: 25, spanCm: 300, sagCm: 30 };
	it('is solved for any of its three, and the three agree with each other', () => {
		const spaced = solveGarland({ ...options, solve: 'spacing' });
		const spanned = solveGarland({ ...options, solve: 'span', spacingCm: spaced.spacingCm });
		expect(spanned.cord.spanCm).toBeCloseTo(300, 3);
		const counted = solveGarland({ ...options, solve: 'number', spacingCm: spaced.spacingCm });
		expect(counted.number).toBe(11);
		expect(placesAlong(spaced)).toHaveLength(11);
		expect(placesAlong(spaced)[10]! + spaced.spacingCm).toBeCloseTo(spaced.cord.lengthCm, 6);
	});
	it('says where a cord cannot hang so deep', () => {
		expect(solveGarland({ ...options, solve: 'span', number: 1, sagCm: 40 }).fits).toBe(false);
	});
	it('shuffles by a seed: each colour as often as in turn, none beside itself', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 2, max: 60 }),
				fc.integer({ min: 2, max: 6 }),
				fc.nat(9999),
				(n, k, seed) => {
					const order = colourOrder(n, k, 'shuffle', seed);
					for (let c = 0; c < k; c++)
						expect(order.filter((x) => x === c)).toHaveLength(
							colourOrder(n, k, 'repeat', 0).filter((x) => x === c).length
						);
					for (let i = 1; i < n; i++) expect(order[i]).not.toBe(order[i - 1]);
					expect(colourOrder(n, k, 'shuffle', seed)).toEqual(order);
				}
			),
			{ seed: 73, numRuns: 200 }
		);
	});
});

describe('a pom-pom', () => {
	it('of 60 to 80 wraps on a 4 in card takes 12.2 to 16.3 m (common practice)', () => {
		expect(wrappedCm(60, 10.16) / 100).toBeCloseTo(12.2, 1);
		expect(wrappedCm(80, 10.16) / 100).toBeCloseTo(16.3, 1);
		expect(usualWraps(10.16, 500)).toBeGreaterThanOrEqual(60);
		expect(usualWraps(10.16, 500)).toBeLessThanOrEqual(80);
	});
	it('wants more wraps of a thinner yarn, and on a larger card', () => {
		expect(usualWraps(8, 250)).toBeGreaterThan(usualWraps(8, 500));
		expect(usualWraps(12, 500)).toBeGreaterThan(usualWraps(8, 500));
		expect(pomPomCm(10)).toBeLessThan(10);
	});
});

it('a joint meets, eases by one in thirty or two rows, or is off', () => {
	const of = (a: number, b: number) =>
		jointOf({
			id: 'j',
			kind: 'tubes',
			times: 1,
			by: 'rows',
			a: side('x', { rows: a }),
			b: side('y', { rows: b })
		}).verdict;
	expect(of(40, 40)).toBe('meets');
	expect(of(40, 42)).toBe('eases');
	expect(of(40, 46)).toBe('off');
});

/** The same fold point by point: where a spot of the strip comes to lie, worked out without polygons. */
function spotOf(w: number, x: number, y: number): { x: number; y: number; front: boolean } {
	const over = (ax: number, ay: number, bx: number, by: number, px: number, py: number) => {
		// Mirror image by the projection on the line.
		const [dx, dy] = [bx - ax, by - ay];
		const t = ((px - ax) * dx + (py - ay) * dy) / (dx * dx + dy * dy);
		return [2 * (ax + t * dx) - px, 2 * (ay + t * dy) - py] as const;
	};
	let front = true;
	// Below the rising diagonal of the middle square, or right of it: behind.
	if (y < x - w) {
		[x, y] = over(w, 0, 2 * w, w, x, y);
		front = false;
		// Past the falling diagonal beyond it: back to the front.
		if (x + y > 3 * w) {
			[x, y] = over(2 * w, w, w, 2 * w, x, y);
			front = true;
		}
	} else if (x + y < w) {
		[x, y] = over(0, w, w, 0, x, y);
		front = false;
	}
	return { x, y, front };
}

it('the folded bag lies spot by spot where single points folded by themselves lie', () => {
	const w = 18;
	const bag = bagOf(w, 3 * w);
	const inside = (points: readonly { x: number; y: number }[], p: { x: number; y: number }) =>
		points.every((a, i) => {
			const b = points[(i + 1) % points.length]!;
			const c = points[(i + 2) % points.length]!;
			const side = (q: { x: number; y: number }) =>
				(b.x - a.x) * (q.y - a.y) - (b.y - a.y) * (q.x - a.x);
			return side(p) * Math.sign(side(c)) > -1e-6;
		});
	const facets = foldBag(bag, 'right');
	fc.assert(
		fc.property(
			fc.double({ min: 0.01, max: 3 * w - 0.01, noNaN: true }),
			fc.double({ min: 0.01, max: w - 0.01, noNaN: true }),
			(x, y) => {
				const spot = spotOf(w, x, y);
				const here = facets.filter((f) => inside(f.points, spot));
				expect(here.some((f) => (spot.front ? f.layer >= 0 : f.layer < 0))).toBe(true);
			}
		),
		{ seed: 74, numRuns: 300 }
	);
});
