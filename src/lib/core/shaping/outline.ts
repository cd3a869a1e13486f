import { entryAt, last } from '../quantity/sure';
/** A point of an outline, cm: x to the right, y up from the cast-on, the right side of the fabric facing the reader. */
export interface Point {
	readonly x: number;
	readonly y: number;
}

/** A point of an edge and what the stretch from it up to the next point is called, where a seam speaks of it. */
export interface EdgePoint extends Point {
	readonly part?: string;
}

export type Side = 'left' | 'right';
export const SIDES = ['left', 'right'] as const;
export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');

/**
 * A piece of panel in cm, finished, without seam stitches: both edges from the cast-on up, each a line of points. Level
 * stretches are steps; a curve is given as many points. What lies between the last points comes off together.
 */
export interface Outline {
	readonly left: readonly EdgePoint[];
	readonly right: readonly EdgePoint[];
	/** What the last row is called, where a seam speaks of it; else `top`. */
	readonly top?: string;
}

export type OutlineProblem =
	| { readonly code: 'empty' }
	/** An edge runs back down at a point. */
	| { readonly code: 'turns-back'; readonly side: Side; readonly atCm: number }
	/** The edges do not end at one height. */
	| { readonly code: 'uneven-top'; readonly leftCm: number; readonly rightCm: number }
	/** The edges cross. */
	| { readonly code: 'crosses'; readonly atCm: number };

const NEAR_CM = 1e-6;

/** x of an edge at height y; at a step the side above it. */
export function edgeAt(edge: readonly Point[], y: number): number {
	for (let i = edge.length - 1; i > 0; i--) {
		const [a, b] = [entryAt(edge, i - 1), entryAt(edge, i)];
		if (y < a.y - NEAR_CM) continue;
		if (y >= b.y - NEAR_CM) return b.x;
		return a.x + ((b.x - a.x) * (y - a.y)) / (b.y - a.y);
	}
	return edge[0]?.x ?? 0;
}

export const heightOf = (o: Outline): number => o.left.at(-1)?.y ?? 0;
export const widthAt = (o: Outline, y: number): number => edgeAt(o.right, y) - edgeAt(o.left, y);

/** What keeps an outline from being a piece at all; null where nothing does. */
export function outlineProblem(o: Outline): OutlineProblem | null {
	if (o.left.length < 2 || o.right.length < 2) return { code: 'empty' };
	for (const side of SIDES)
		for (let i = 1; i < o[side].length; i++)
			if (entryAt(o[side], i).y < entryAt(o[side], i - 1).y - NEAR_CM)
				return { code: 'turns-back', side, atCm: entryAt(o[side], i - 1).y };
	const [leftCm, rightCm] = [last(o.left).y, last(o.right).y];
	if (Math.abs(leftCm - rightCm) > NEAR_CM) return { code: 'uneven-top', leftCm, rightCm };
	if (leftCm <= NEAR_CM || edgeAt(o.right, 0) - edgeAt(o.left, 0) <= NEAR_CM)
		return { code: 'empty' };
	const heights = [...o.left, ...o.right].map((p) => p.y);
	const crossed = heights.find((y) => widthAt(o, y) < -NEAR_CM);
	return crossed === undefined ? null : { code: 'crosses', atCm: crossed };
}

/** The same piece seen in a mirror: left and right changed. */
export function mirrored(o: Outline): Outline {
	const flip = (edge: readonly EdgePoint[]): EdgePoint[] => edge.map((p) => ({ ...p, x: 0 - p.x }));
	return { ...o, left: flip(o.right), right: flip(o.left) };
}

/** The same piece knitted from its other end. What narrowed widens, and the other way round. */
export function upsideDown(o: Outline): Outline {
	const h = heightOf(o);
	const turn = (edge: readonly EdgePoint[]): EdgePoint[] =>
		edge
			.map((p, i) => {
				const part = edge[i - 1]?.part;
				return { x: p.x, y: h - p.y, ...(part === undefined ? {} : { part }) };
			})
			.toReversed();
	return { left: turn(o.left), right: turn(o.right) };
}

/** A straight piece, both edges one part. */
export const rectangle = (widthCm: number, heightCm: number, part = 'side'): Outline => ({
	left: [
		{ x: 0, y: 0, part },
		{ x: 0, y: heightCm }
	],
	right: [
		{ x: widthCm, y: 0, part },
		{ x: widthCm, y: heightCm }
	]
});
