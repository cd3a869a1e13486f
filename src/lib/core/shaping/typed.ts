import { ownLine, type Take } from './edge-schedule';
import { otherSide, type Outline, type Side } from './outline';
import {
	MOST_ROWS,
	narrowest,
	partsOf,
	type Density,
	type PieceSchedule,
	type ShapeProblem,
	type ShapeRules
} from './schedule';

/** Stitches off an edge before a row is knitted, as a pattern says it; rows from 0. */
export interface TypedTake {
	readonly row: number;
	readonly stitches: number;
}

/** A piece as a written pattern has it: its gauge, its counts, and what comes off at either edge. */
export interface Typed extends Density {
	readonly castOn: number;
	readonly rows: number;
	readonly left: readonly TypedTake[];
	readonly right: readonly TypedTake[];
}

/** As near as two readings of one gauge are printed. */
const SAME = 0.005;

/** Whether a pattern can be knitted as it is typed. */
export const isSameGauge = (a: Density, b: Density): boolean =>
	Math.abs(a.stitchesPerCm / b.stitchesPerCm - 1) < SAME &&
	Math.abs(a.rowsPerCm / b.rowsPerCm - 1) < SAME;

/** The mirror image of a typed piece. */
export const mirroredTyped = (t: Typed): Typed => ({ ...t, left: t.right, right: t.left });

/** What comes off as a group needs the yarn at its edge: on even rows that is where it was at the start. */
const isGroup = (stitches: number, { shaping }: Pick<ShapeRules, 'shaping'>): boolean =>
	shaping === 'held' || stitches > 2;

type Rules = Pick<ShapeRules, 'shaping' | 'yarnAt'>;

/** The takes of one edge, and how many of its groups meet the yarn at the other edge and wait a row. */
function takesOf(
	typed: readonly TypedTake[],
	side: Side,
	rules: Rules
): { readonly takes: Take[]; readonly waits: number } {
	let last = 0;
	let waits = 0;
	const takes = [...typed]
		.sort((a, b) => a.row - b.row)
		.map(({ row, stitches }): Take => {
			const group = isGroup(stitches, rules);
			last = Math.max(row, last, group ? 1 : 0);
			// The yarn is at one edge before even rows, and at the other before odd ones.
			if (group && (last % 2 === 0) !== (rules.yarnAt === side)) last += 1;
			if (group && last !== row) waits += 1;
			return { row: last, stitches, how: group ? 'group' : stitches === 1 ? 'single' : 'double' };
		});
	return { takes, waits };
}

const bothOf = (t: Typed, rules: Rules) => ({
	left: takesOf(t.left, 'left', rules),
	right: takesOf(t.right, 'right', rules)
});

/** The edge at which the yarn begins so that the fewest groups wait for it. */
export function yarnAtFor(t: Typed, shaping: ShapeRules['shaping'], usual: Side): Side {
	const waits = (yarnAt: Side): number => {
		const { left, right } = bothOf(t, { shaping, yarnAt });
		return left.waits + right.waits;
	};
	const other = otherSide(usual);
	return waits(other) < waits(usual) ? other : usual;
}

export type TypedSchedule =
	| { readonly ok: true; readonly schedule: PieceSchedule; readonly waits: number }
	| { readonly ok: false; readonly problem: ShapeProblem };

/**
 * A typed piece as it stands, row for row; and how many of its groups wait a row for the yarn. One that waits past the last
 * row has a row more to come off at.
 */
export function typedSchedule(t: Typed, outline: Outline, rules: ShapeRules): TypedSchedule {
	const { left, right } = bothOf(t, rules);
	const all = [...left.takes, ...right.takes];
	const rows = Math.max(t.rows, ...all.map((take) => take.row));
	if (rows > MOST_ROWS) return { ok: false, problem: { code: 'too-long', rows, most: MOST_ROWS } };
	const size = { stitches: t.castOn, rows };
	const edges = { left: ownLine(left.takes), right: ownLine(right.takes) };
	const problem = narrowest({ ...size, ...edges, rules });
	if (problem) return { ok: false, problem };
	return {
		ok: true,
		waits: left.waits + right.waits,
		schedule: {
			...size,
			...edges,
			remaining: t.castOn - all.reduce((n, take) => n + take.stitches, 0),
			parts: partsOf(outline, t, rules.seam, size),
			rules
		}
	};
}
