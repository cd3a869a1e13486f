import type { Assembly } from '../assembly/assembly';
import type { Joint } from '../assembly/joint';
import type { YarnAmount } from '../crank/amount';
import { mainRowsOf } from '../crank/main-rows';
import type { WorkedPiece } from '../crank/piece';
import type { Yarn } from '../model/bench';
import { estimate, exact, relative, scale, sum, type Estimate } from '../quantity/estimate';
import { figure, worked, type Figure } from '../quantity/working';
import { handEndsOf } from '../technique';
import { endsOf, joinsOf } from '../technique/ends';

export { mainRowsOf };

interface Counted {
	readonly assembly: Assembly;
	readonly pieces: readonly WorkedPiece[];
	readonly joints: readonly Joint[];
}

/** Stitches of one piece, ladders latched up among them, waste apart. */
export const stitchesOf = (p: WorkedPiece): number => p.loops.reduce((t, n) => t + n, 0);

/** Waste yarn of all pieces: rows, and m in them. */
export const wasteOf = (
	pieces: readonly WorkedPiece[]
): { readonly rows: number; readonly metres: number } => ({
	rows: pieces.reduce((t, p) => t + p.count * p.wasteRows, 0),
	metres: pieces.reduce((t, p) => t + p.count * p.wasteMetres, 0)
});

/** A row at the crank, s, on the average of all pieces: by the plan's own time, in minutes. */
export const secondsPerRow = (pieces: readonly WorkedPiece[], minutes: Estimate): Estimate =>
	scale(minutes, 60 / Math.max(1, mainRowsOf(pieces)));

/** Rows to crank in all, as a sum of the pieces. */
export const rowsInAll = (pieces: readonly WorkedPiece[]): Figure =>
	figure(
		'Rows in all',
		'rows',
		exact(mainRowsOf(pieces)),
		pieces.flatMap((p, i) => [
			...(i > 0 ? ['+'] : []),
			worked(p.count * p.mainRows, 'rows', p.count > 1 ? `${p.name}, ${p.count}` : p.name)
		])
	);

/** Yarn that a plan takes, of all colours, g; null where it takes none. */
export function yarnInAll({
	amounts,
	yarns
}: {
	readonly amounts: readonly YarnAmount[];
	readonly yarns: readonly Pick<Yarn, 'colourName'>[];
}): Figure | null {
	if (amounts.length === 0) return null;
	return figure(
		'Yarn',
		'mass',
		sum(amounts.map((a) => a.grams.value)),
		amounts.flatMap((a, i) => [
			...(i > 0 ? ['+'] : []),
			worked(a.grams.value.mean, 'mass', yarns[a.yarn]?.colourName ?? 'yarn')
		])
	);
}

/** What the hands have before them: stitches, seams and ends of all pieces. */
export interface Totals {
	readonly stitches: Figure;
	/** Length of all seams that are sewn; null where none is. */
	readonly seams: Figure | null;
	readonly ends: Figure;
}

function seamsOf({ joints, pieces }: Counted): Figure | null {
	const sewn = joints.filter((j) => j.a.cm > 0 || j.b.cm > 0);
	const times = sewn.reduce((t, j) => t + j.times, 0);
	if (times === 0) return null;
	const cm = sewn.reduce((t, j) => t + j.times * Math.max(j.a.cm, j.b.cm), 0);
	const up = pieces[0]?.gauges[0]?.rowsPerCm ?? exact(1, 'estimated');
	return figure('Seams to sew', 'length', estimate(cm, cm * relative(up), up.basis), [
		worked(times, 'plain', times === 1 ? 'seam' : 'seams'),
		'×',
		worked(cm / times, 'length', 'each, on average')
	]);
}

/** Totals of a plan; tied at the crank, tails at joins are not woven in. */
export function totalsOf(plan: Counted, joinTails: 'tie' | 'weave'): Totals {
	const { pieces, assembly } = plan;
	const byHand = handEndsOf({ pieces, assembly, joinTails });
	const ends = endsOf(pieces);
	const joins = joinTails === 'weave' ? ends.joins : 0;
	const stitches = pieces.reduce((t, p) => t + p.count * stitchesOf(p), 0);
	return {
		stitches: figure(
			'Stitches in all',
			'stitches',
			exact(stitches),
			pieces.flatMap((p, i) => [
				...(i > 0 ? ['+'] : []),
				worked(p.count * stitchesOf(p), 'stitches', p.count > 1 ? `${p.name}, ${p.count}` : p.name)
			])
		),
		seams: seamsOf(plan),
		ends: figure('Ends to weave in', 'ends', exact(ends.others + byHand + joins), [
			worked(ends.others, 'ends', 'where pieces begin and end'),
			...(byHand > 0 ? ['+', worked(byHand, 'ends', 'of strands worked in by hand')] : []),
			...(joins > 0 ? ['+', worked(joins, 'ends', `at ${joinsOf(pieces)} joins`)] : [])
		])
	};
}

/** Yarn in the stitches of one of a piece, by yarn; tails apart. */
export const yarnOfPiece = (
	p: WorkedPiece,
	yarns: readonly Pick<Yarn, 'metresPer100g'>[]
): { readonly yarn: number; readonly metres: Estimate; readonly grams: Estimate }[] =>
	p.loops.flatMap((loops, yarn) => {
		const [gauge, of] = [p.gauges[yarn], yarns[yarn]];
		if (loops === 0 || !gauge || !of) return [];
		const metres = scale(gauge.loopCm, loops / 100);
		return [{ yarn, metres, grams: scale(metres, 100 / of.metresPer100g) }];
	});
