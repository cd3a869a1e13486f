import type { Density, PieceSchedule, ShapeRules } from './schedule';
import { narrowest, partsOf } from './schedule';
import type { EdgeSchedule, Take } from './edge-schedule';
import type { Outline, Side } from './outline';
import { otherSide } from './outline';

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

/** The takes of one edge: groups that meet the yarn at the other edge wait a row. */
function takesOf(typed: readonly TypedTake[], side: Side, rules: Rules): Take[] {
	let last = 0;
	return [...typed]
		.sort((a, b) => a.row - b.row)
		.map(({ row, stitches }): Take => {
			if (!isGroup(stitches, rules))
				return {
					row: (last = Math.max(row, last)),
					stitches,
					how: stitches === 1 ? 'single' : 'double'
				};
			const here = (r: number) => (r % 2 === 0) === (rules.yarnAt === side);
			let at = Math.max(1, row, last);
			if (!here(at)) at += 1;
			last = at;
			return { row: at, stitches, how: 'group' };
		});
}

/** Groups that would wait a row for the yarn, with it at one edge at the start. */
const waiting = (t: Typed, rules: Rules): number =>
	(['left', 'right'] as const).reduce(
		(n, side) =>
			n +
			takesOf(t[side], side, rules).filter(
				(take, i) => take.row !== [...t[side]].sort((a, b) => a.row - b.row)[i]?.row
			).length,
		0
	);

/** The edge at which the yarn begins so that the fewest groups wait for it. */
export function yarnAtFor(t: Typed, shaping: ShapeRules['shaping'], usual: Side): Side {
	const other = otherSide(usual);
	return waiting(t, { shaping, yarnAt: other }) < waiting(t, { shaping, yarnAt: usual })
		? other
		: usual;
}

/** It follows its own line. */
const asTyped = (takes: readonly Take[]): EdgeSchedule => ({
	takes,
	beyond: 0,
	changes: 0,
	squares: 0,
	worst: { row: 0, stitches: 0 },
	missed: { row: 0, stitches: 0 }
});

/** A typed piece as it stands, row for row; and how many of its groups wait a row for the yarn. */
export function typedSchedule(
	t: Typed,
	outline: Outline,
	rules: ShapeRules
):
	| { readonly ok: true; readonly schedule: PieceSchedule; readonly waits: number }
	| { readonly ok: false; readonly problem: NonNullable<ReturnType<typeof narrowest>> } {
	const [left, right] = (['left', 'right'] as const).map((side) =>
		asTyped(takesOf(t[side], side, rules))
	) as [EdgeSchedule, EdgeSchedule];
	const off = [left, right].reduce((n, e) => n + e.takes.reduce((k, x) => k + x.stitches, 0), 0);
	const size = { stitches: t.castOn, rows: t.rows };
	const problem = narrowest({ ...size, left, right, rules });
	if (problem) return { ok: false, problem };
	return {
		ok: true,
		waits: waiting(t, rules),
		schedule: {
			...size,
			left,
			right,
			remaining: t.castOn - off,
			parts: partsOf(outline, t, rules.seam, size),
			rules
		}
	};
}
