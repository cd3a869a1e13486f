import { entryAt, last as lastOf } from '../quantity/sure';
import type { Shaping } from '../model/kinds';
import { offByRow, scheduleEdge, type EdgeSchedule, type Take } from './edge-schedule';
import {
	edgeAt,
	heightOf,
	otherSide,
	outlineProblem,
	SIDES,
	type Outline,
	type OutlineProblem,
	type Side
} from './outline';

/** Stitches and rows to the centimetre. */
export interface Density {
	readonly stitchesPerCm: number;
	readonly rowsPerCm: number;
}

export interface ShapeRules {
	readonly shaping: Shaping;
	/** Whole stitches kept at the edge of a fashioned decrease. */
	readonly edgeStitches: 1 | 2;
	/** Stitches at either edge that a seam takes up; mattress takes one. */
	readonly seam: { readonly left: number; readonly right: number };
	/** The edge, on the right side of the fabric, at which the yarn is before the first main row. */
	readonly yarnAt: Side;
}

/** One named stretch of an edge, or the last row: what a seam has to reckon with. */
export interface PartCounts {
	readonly part: string;
	readonly side: Side | 'top' | 'bottom';
	readonly rows: number;
	readonly stitches: number;
	/** Along the line as it is wished, cm. */
	readonly cm: number;
}

/** A piece of panel in whole stitches and rows. */
export interface PieceSchedule {
	/** Cast on, seam stitches among them. */
	readonly stitches: number;
	/** Main rows: even, so that the yarn comes back, but where a pattern was typed with an odd number. */
	readonly rows: number;
	readonly left: EdgeSchedule;
	readonly right: EdgeSchedule;
	/** On the pins after the last row. */
	readonly remaining: number;
	readonly parts: readonly PartCounts[];
	readonly rules: ShapeRules;
}

/** Why an outline cannot be knitted as it is. Sentences in `words/shape.ts`. */
export type ShapeProblem =
	| OutlineProblem
	/** An edge runs outward going up: a panel only narrows. */
	| {
			readonly code: 'widens';
			readonly side: Side;
			readonly atCm: number;
			readonly stitches: number;
	  }
	/** Too few stitches are left to work the edges. */
	| {
			readonly code: 'too-narrow';
			readonly row: number;
			readonly stitches: number;
			readonly least: number;
	  }
	| { readonly code: 'too-long'; readonly rows: number; readonly most: number }
	/** Wider than any number of panels of this machine that is planned for comes to. */
	| {
			readonly code: 'no-room';
			readonly stitches: number;
			/** Pins for one panel, and the widest they come to in panels. */
			readonly most: number;
			readonly widestCm: number;
	  };

export type Scheduled =
	| { readonly ok: true; readonly schedule: PieceSchedule }
	| { readonly ok: false; readonly problem: ShapeProblem };

/** Longer pieces are not planned. */
export const MOST_ROWS = 1200;
/** A stitch outward is no wiggle of the line any more. */
const WIDENS = 0.5;
/** Distances are rounded to this many stitches or rows, so that scaling gauge and outline alike changes nothing. */
const GRAIN = 1e-6;
const whole = (x: number): number => Math.round(x + GRAIN);
const even = (x: number): number => Math.max(2, 2 * Math.round(x / 2 + GRAIN));

/** Stitches that should be off an edge at height y, never less than lower down. */
function askedOff(o: Outline, side: Side, density: Density, ys: readonly number[]): number[] {
	const inward = side === 'left' ? 1 : -1;
	const start = edgeAt(o[side], 0);
	let most = 0;
	return ys.map((y) => {
		const off = inward * (edgeAt(o[side], y) - start) * density.stitchesPerCm;
		most = Math.max(most, off);
		return most;
	});
}

/** Where an edge runs outward, the worst of it. */
function widening(o: Outline, density: Density): ShapeProblem | null {
	for (const side of SIDES) {
		const inward = side === 'left' ? 1 : -1;
		let innermost = inward * (o[side][0]?.x ?? 0);
		for (const p of o[side]) {
			const out = (innermost - inward * p.x) * density.stitchesPerCm;
			if (out > WIDENS) return { code: 'widens', side, atCm: p.y, stitches: out };
			innermost = Math.max(innermost, inward * p.x);
		}
	}
	return null;
}

/** Stitches cast on, seam stitches among them, and rows, even, of an outline. */
export const sizeOf = (o: Outline, density: Density, seam: ShapeRules['seam']) => ({
	stitches:
		Math.max(1, whole((edgeAt(o.right, 0) - edgeAt(o.left, 0)) * density.stitchesPerCm)) +
		seam.left +
		seam.right,
	rows: even(heightOf(o) * density.rowsPerCm)
});

/** Stitches and rows of each named stretch. A stitch belongs to where the line crosses its middle; a row likewise. */
export function partsOf(
	o: Outline,
	density: Density,
	seam: ShapeRules['seam'],
	{ stitches, rows } = sizeOf(o, density, seam)
): PartCounts[] {
	const found: PartCounts[] = [];
	const rowsAt = (y: number): number =>
		y >= heightOf(o) - 1e-9 ? rows : Math.min(rows, whole(y * density.rowsPerCm));
	let sides = 0;
	for (const side of SIDES) {
		const edge = o[side];
		const inward = side === 'left' ? 1 : -1;
		const offAt = (x: number): number =>
			Math.max(0, whole(inward * (x - entryAt(edge, 0).x) * density.stitchesPerCm));
		for (let i = 0; i + 1 < edge.length; i++) {
			const [a, b] = [entryAt(edge, i), entryAt(edge, i + 1)];
			const part = a.part ?? 'side';
			const now = {
				part,
				side,
				rows: rowsAt(b.y) - rowsAt(a.y),
				stitches: offAt(b.x) - offAt(a.x),
				cm: Math.hypot(b.x - a.x, b.y - a.y)
			};
			const last = found.at(-1);
			if (last?.part === part && last.side === side)
				found[found.length - 1] = {
					...last,
					rows: last.rows + now.rows,
					stitches: last.stitches + now.stitches,
					cm: last.cm + now.cm
				};
			else found.push(now);
		}
		sides += offAt(lastOf(edge).x);
	}
	const h = heightOf(o);
	const seams = seam.left + seam.right;
	const width = (y: number): number => edgeAt(o.right, y) - edgeAt(o.left, y);
	found.push(
		{
			part: o.top ?? 'top',
			side: 'top',
			rows: 0,
			stitches: Math.max(0, stitches - seams - sides),
			cm: width(h)
		},
		{ part: 'hem', side: 'bottom', rows: 0, stitches: stitches - seams, cm: width(0) }
	);
	return found;
}

/** Stitches that a take needs on the pins: edge stitches, those that go down, and the one they go on. */
const needs = (take: Take, { shaping, edgeStitches }: ShapeRules): number => {
	if (take.how === 'group' || shaping !== 'fashioned') return take.stitches + 1;
	return edgeStitches + take.stitches + 1;
};

/** The first row at which too few stitches hang there for what is to be done; null where there is none. */
export function narrowest(
	s: Pick<PieceSchedule, 'stitches' | 'left' | 'right' | 'rules'>
): ShapeProblem | null {
	let on = s.stitches;
	const takes = [...s.left.takes, ...s.right.takes].sort((a, b) => a.row - b.row);
	for (const t of takes) {
		const least = needs(t, s.rules);
		if (on < least) return { code: 'too-narrow', row: t.row, stitches: on, least };
		on -= t.stitches;
	}
	return on < 1 ? { code: 'too-narrow', row: 0, stitches: on, least: 1 } : null;
}

/**
 * An outline in whole stitches and rows: the cast-on nearest to its width, an even number of rows nearest to its height,
 * and at each edge the best schedule that the rules allow. Row r, from 0, is held against the line at its middle.
 */
export function scheduleOf(o: Outline, density: Density, rules: ShapeRules): Scheduled {
	const problem = outlineProblem(o) ?? widening(o, density);
	if (problem) return { ok: false, problem };
	const { stitches, rows } = sizeOf(o, density, rules.seam);
	if (rows > MOST_ROWS) return { ok: false, problem: { code: 'too-long', rows, most: MOST_ROWS } };
	const ys = Array.from({ length: rows }, (_, r) => (r + 0.5) / density.rowsPerCm);
	const edge = (side: Side): EdgeSchedule =>
		scheduleEdge({
			off: askedOff(o, side, density, ys),
			shaping: rules.shaping,
			yarnAt: rules.yarnAt === side ? 'even' : 'odd'
		});
	const [left, right] = [edge('left'), edge('right')];
	const narrow = narrowest({ stitches, left, right, rules });
	if (narrow) return { ok: false, problem: narrow };
	const remaining =
		stitches - [left, right].reduce((t, e) => t + e.takes.reduce((n, x) => n + x.stitches, 0), 0);
	const parts = partsOf(o, density, rules.seam);
	return { ok: true, schedule: { stitches, rows, left, right, remaining, parts, rules } };
}

/** Stitches on the pins while each row is knitted. */
export function stitchesByRow(s: PieceSchedule): number[] {
	const [left, right] = [offByRow(s.left.takes, s.rows), offByRow(s.right.takes, s.rows)];
	return left.map((off, r) => s.stitches - off - entryAt(right, r));
}

/** The mirror image: edges changed, and the yarn at the other one. */
export const mirroredSchedule = (s: PieceSchedule): PieceSchedule => ({
	...s,
	left: s.right,
	right: s.left,
	parts: s.parts.map((p) => ({
		...p,
		side: p.side === 'left' || p.side === 'right' ? otherSide(p.side) : p.side
	})),
	rules: {
		...s.rules,
		yarnAt: otherSide(s.rules.yarnAt),
		seam: { left: s.rules.seam.right, right: s.rules.seam.left }
	}
});
