import type { Point } from '../shaping/outline';

/** One stroke of the drawing of a thing, back to front. Paths are SVG's, in cm, y down. */
export interface Shape {
	readonly d: string;
	/** The yarn it is filled with, by its place in the plan; `skin` is a head it sits on, `ink` an eye or a hook. */
	readonly fill?: number | 'skin' | 'ink';
	/** How far it lies in shadow, 0 to 1. */
	readonly shade?: number;
	/** It has an outline. */
	readonly edge?: true;
	/** It is round: lit from above. */
	readonly round?: true;
	/** A strand of yarn along the path, cm thick. */
	readonly strand?: { readonly yarn: number; readonly cm: number };
}

/** A finished thing as it stands or hangs, to scale. Lengths in cm. */
export interface Thing {
	/** The upper left corner of its box, in the paths' own places. */
	readonly at: Point;
	readonly widthCm: number;
	readonly heightCm: number;
	readonly shapes: readonly Shape[];
}

/** What is drawn, in its own places; the box it fills is worked out from its points. */
export interface Sketch {
	readonly shapes: readonly Shape[];
	readonly low: Point;
	readonly high: Point;
}

const n = (x: number): string => String(Math.round(x * 100) / 100);
/** A closed path through points. */
export const closed = (points: readonly Point[]): string =>
	`M${points.map((p) => `${n(p.x)} ${n(p.y)}`).join('L')}Z`;
export const open = (points: readonly Point[]): string => closed(points).slice(0, -1);
export const box = (x: number, y: number, w: number, h: number): string =>
	`M${n(x)} ${n(y)}h${n(w)}v${n(h)}h${n(-w)}Z`;
export const disc = (x: number, y: number, r: number): string =>
	`M${n(x - r)} ${n(y)}a${n(r)} ${n(r)} 0 1 0 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 0 ${n(-2 * r)} 0Z`;

/** Colours that lie beside each other and never over one another: all of one colour as one path. */
export function beside(shapes: readonly Shape[]): Shape[] {
	const found = new Map<string, { of: Shape; d: string }>();
	for (const s of shapes) {
		const key = `${s.fill ?? ''} ${s.shade ?? 0}`;
		const same = found.get(key);
		if (same) same.d += s.d;
		else found.set(key, { of: s, d: s.d });
	}
	return [...found.values()].map(({ of, d }) => ({ ...of, d }));
}

/** The corners of the least box that holds some points. */
export function spanOf(points: readonly Point[]): Pick<Sketch, 'low' | 'high'> {
	const low = { x: Infinity, y: Infinity };
	const high = { x: -Infinity, y: -Infinity };
	for (const p of points) {
		low.x = Math.min(low.x, p.x);
		low.y = Math.min(low.y, p.y);
		high.x = Math.max(high.x, p.x);
		high.y = Math.max(high.y, p.y);
	}
	return points.length === 0 ? { low: { x: 0, y: 0 }, high: { x: 1, y: 1 } } : { low, high };
}
