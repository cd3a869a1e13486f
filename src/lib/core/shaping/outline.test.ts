import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	edgeAt,
	heightOf,
	mirrored,
	otherSide,
	outlineProblem,
	rectangle,
	upsideDown,
	widthAt,
	type Outline
} from './outline';

const half: Outline = {
	left: [
		{ x: 0, y: 0, part: 'side' },
		{ x: 0, y: 30, part: 'armhole' },
		{ x: 2, y: 30, part: 'armhole' },
		{ x: 5, y: 36, part: 'armhole' },
		{ x: 5, y: 50 }
	],
	right: [
		{ x: 25, y: 0, part: 'centre' },
		{ x: 25, y: 50 }
	],
	top: 'shoulder'
};

describe('an edge', () => {
	it('is on the upper side of a step at its height', () => {
		expect(edgeAt(half.left, 29.999)).toBe(0);
		expect(edgeAt(half.left, 30)).toBe(2);
		expect(edgeAt(half.left, 33)).toBeCloseTo(3.5, 9);
		expect(edgeAt(half.left, 60)).toBe(5);
		expect(edgeAt([], 3)).toBe(0);
	});

	it('lies between its points in height and across', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 50, noNaN: true }), (y) => {
				const x = edgeAt(half.left, y);
				expect(x).toBeGreaterThanOrEqual(0);
				expect(x).toBeLessThanOrEqual(5);
				expect(widthAt(half, y)).toBeCloseTo(25 - x, 9);
			})
		);
	});
});

describe('a mirror and the other end', () => {
	it('twice is as it was', () => {
		expect(mirrored(mirrored(half))).toEqual(half);
		const { left, right } = upsideDown(upsideDown(half));
		expect(left.map(({ x, y }) => [x, y])).toEqual(half.left.map(({ x, y }) => [x, y]));
		expect(right.map(({ x, y }) => [x, y])).toEqual(half.right.map(({ x, y }) => [x, y]));
	});

	it('keep width, height and the names of stretches', () => {
		const m = mirrored(half);
		for (const y of [0, 10, 33, 49]) expect(widthAt(m, y)).toBeCloseTo(widthAt(half, y), 9);
		expect(m.right.map((p) => p.part)).toEqual(half.left.map((p) => p.part));
		expect(m.top).toBe('shoulder');
		const u = upsideDown(half);
		expect(heightOf(u)).toBe(50);
		for (const y of [1, 10, 17, 49]) expect(widthAt(u, 50 - y)).toBeCloseTo(widthAt(half, y), 9);
		// A stretch is named at its lower point: upside down the name goes to the other end of it.
		expect(u.left.at(-2)!.part).toBe('side');
	});

	it('left and right change', () => {
		expect([otherSide('left'), otherSide('right')]).toEqual(['right', 'left']);
	});
});

describe('what is no piece', () => {
	const of = (patch: Partial<Outline>) => outlineProblem({ ...rectangle(20, 30), ...patch })?.code;
	it('has no height or width, runs back down, ends unevenly, or crosses', () => {
		expect(of({})).toBeUndefined();
		expect(of({ left: [{ x: 0, y: 0 }] })).toBe('empty');
		expect(outlineProblem(rectangle(0, 30))?.code).toBe('empty');
		expect(outlineProblem(rectangle(20, 0))?.code).toBe('empty');
		expect(
			of({
				left: [
					{ x: 0, y: 0 },
					{ x: 1, y: 20 },
					{ x: 2, y: 10 },
					{ x: 2, y: 30 }
				]
			})
		).toBe('turns-back');
		expect(
			of({
				left: [
					{ x: 0, y: 0 },
					{ x: 0, y: 29 }
				]
			})
		).toBe('uneven-top');
		expect(
			of({
				left: [
					{ x: 0, y: 0 },
					{ x: 25, y: 15 },
					{ x: 25, y: 30 }
				]
			})
		).toBe('crosses');
	});

	it('says where', () => {
		expect(
			outlineProblem({
				...rectangle(20, 30),
				right: [
					{ x: 20, y: 0 },
					{ x: 20, y: 12 },
					{ x: 19, y: 11 },
					{ x: 19, y: 30 }
				]
			})
		).toEqual({ code: 'turns-back', side: 'right', atCm: 12 });
	});
});
