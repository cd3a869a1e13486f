import { entryAt } from '../../../quantity/sure';
/** A point of a flat thing, cm. */
export interface Point {
	readonly x: number;
	readonly y: number;
}

/** A folded part of a flat strip: where each of its corners lies now, how high in the pile, and which face is up. */
export interface Facet {
	readonly points: readonly Point[];
	/** Higher lies on top. */
	readonly layer: number;
	readonly face: 'right' | 'wrong';
	/** What it is made of, by its place in the list of yarns used. */
	readonly yarn?: number;
}

/** A straight fold, from `a` on to `b`: what lies to the right of it is turned over. */
export interface Fold {
	readonly a: Point;
	readonly b: Point;
	/** Over the rest, or under it. */
	readonly over: boolean;
}

/** Twice the area of a, b, p: above 0 where p lies to the left of the way from a to b. */
const side = (a: Point, b: Point, p: Point): number =>
	(b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);

const EPS = 1e-9;

/** The part of a convex polygon on the left of a line, or on the right (Sutherland and Hodgman, 1974). */
export function clip(
	points: readonly Point[],
	a: Point,
	b: Point,
	keep: 'left' | 'right'
): Point[] {
	const sign = keep === 'left' ? 1 : -1;
	const out: Point[] = [];
	for (const [i, p] of points.entries()) {
		const q = entryAt(points, (i + 1) % points.length);
		const sp = sign * side(a, b, p);
		const sq = sign * side(a, b, q);
		if (sp >= -EPS) out.push(p);
		if ((sp > EPS && sq < -EPS) || (sp < -EPS && sq > EPS)) {
			const t = sp / (sp - sq);
			out.push({ x: p.x + t * (q.x - p.x), y: p.y + t * (q.y - p.y) });
		}
	}
	return out;
}

export const area = (points: readonly Point[]): number =>
	Math.abs(
		points.reduce((t, p, i) => {
			const q = entryAt(points, (i + 1) % points.length);
			return t + p.x * q.y - q.x * p.y;
		}, 0)
	) / 2;

/** A point on the other side of a line. */
export function reflected({ a, b }: Pick<Fold, 'a' | 'b'>, p: Point): Point {
	const dx = b.x - a.x;
	const dy = b.y - a.y;
	const k = (2 * side(a, b, p)) / (dx * dx + dy * dy);
	return { x: p.x + k * dy, y: p.y - k * dx };
}

/** One fold of everything that `takes`; facets on both sides of it are parted. */
export function fold(
	facets: readonly Facet[],
	by: Fold,
	takes: (f: Facet) => boolean = () => true
): Facet[] {
	const stays: Facet[] = [];
	const moves: Facet[] = [];
	for (const f of facets) {
		if (!takes(f)) {
			stays.push(f);
			continue;
		}
		const left = clip(f.points, by.a, by.b, 'left');
		const right = clip(f.points, by.a, by.b, 'right');
		if (left.length > 2 && area(left) > EPS) stays.push({ ...f, points: left });
		if (right.length > 2 && area(right) > EPS) moves.push({ ...f, points: right });
	}
	const top = Math.max(0, ...facets.map((f) => f.layer));
	const low = Math.min(0, ...facets.map((f) => f.layer));
	const highest = Math.max(0, ...moves.map((f) => f.layer));
	const lowest = Math.min(0, ...moves.map((f) => f.layer));
	return [
		...stays,
		...moves.map((f): Facet => ({
			points: f.points.map((p) => reflected(by, p)),
			// What is turned over comes to lie in the opposite order.
			layer: by.over ? top + 1 + (highest - f.layer) : low - 1 - (f.layer - lowest),
			face: f.face === 'right' ? 'wrong' : 'right'
		}))
	];
}
