import { fitOf, type Fit } from '../assembly/tolerance';
import type { Measure } from '../model/kinds';
import type { GarmentWish } from '../model/wish';
import type { Density, PartCounts } from '../shaping/schedule';
import { cutOut } from './cut';
import { MEASURES_OF, measuresOf } from './measures';
import { pieceParts } from './parts';
import type { CutContext, Pattern, Seam, SeamEnd, SeamKind } from './pattern';
import { fitToMachine } from './split';

/** One side of a seam, all its parts together. */
export interface SeamSide {
	readonly rows: number;
	readonly stitches: number;
	readonly cm: number;
}

export interface SeamCheck {
	readonly seam: Seam;
	/** Counted in rows, in stitches, or one against the other by length. */
	readonly by: 'rows' | 'stitches' | 'length';
	readonly a: SeamSide;
	readonly b: SeamSide;
	/** a less b: rows, stitches, or cm. */
	readonly diff: number;
	readonly verdict: Fit | 'missing';
	/** Stitches to pick up for so many rows, where stitches meet rows. */
	readonly pickUp: { readonly stitches: number; readonly rows: number } | null;
}

/** No hand counts more than this for a pick-up ratio. */
const MOST_PICK_UP = 8;

/** Rows of a piece really knitted, where they are known. */
export type Knitted = ReadonlyMap<string, number>;

/** The counts of one end of a seam, rows as they were really knitted. Null where no piece has such a part. */
function endOf(
	end: SeamEnd,
	counts: ReadonlyMap<string, readonly PartCounts[]>,
	rows: ReadonlyMap<string, number>,
	density: Density,
	knitted: Knitted | undefined
): SeamSide | null {
	const parts = (counts.get(end.piece) ?? []).filter(
		(p) => p.part === end.part && (end.side === undefined || end.side === p.side)
	);
	const part = parts.find((p) => p.side !== 'top' && p.side !== 'bottom') ?? parts[0];
	if (!part) return null;
	const planned = rows.get(end.piece) ?? 0;
	const really = knitted?.get(end.piece);
	// Where rows are missing or over nobody knows: every stretch has its share.
	const counted =
		really === undefined || planned === 0 ? part.rows : Math.round((part.rows * really) / planned);
	const cm =
		part.stitches === 0
			? counted / density.rowsPerCm
			: part.rows === 0
				? part.stitches / density.stitchesPerCm
				: part.cm * (part.rows === counted ? 1 : counted / part.rows);
	return { rows: counted, stitches: part.stitches, cm };
}

/** Stitches for rows as a small ratio: 3 for 4. */
export function pickUpRatio(stitches: number, rows: number): { stitches: number; rows: number } {
	let best = { stitches: 1, rows: 1 };
	const off = (r: { stitches: number; rows: number }) =>
		Math.abs(Math.log((r.stitches * rows) / (r.rows * stitches)));
	for (let n = 1; n <= MOST_PICK_UP; n++)
		for (let m = 1; m <= MOST_PICK_UP; m++) {
			const now = { stitches: n, rows: m };
			// A simpler ratio stands unless another is clearly nearer.
			if (off(now) < off(best) - 0.02) best = now;
		}
	return best;
}

/** Seams by what they are: shoulders go stitch by stitch, though their slope takes rows. */
const BY_STITCHES: readonly SeamKind[] = ['shoulder'];

export interface SeamFacts {
	readonly pattern: Pattern;
	readonly density: Density;
}

/** Every seam's two sides held against one another: as planned, or with the rows really knitted. */
export function checkSeams(
	{ pattern, density }: SeamFacts,
	pins: number,
	knitted?: Knitted
): SeamCheck[] {
	const counts = new Map(pattern.pieces.map((p) => [p.id, pieceParts(p, density, pins)]));
	const rows = new Map(
		pattern.pieces.map((p) => [p.id, Math.max(0, ...sideRows(counts.get(p.id) ?? []))])
	);
	return pattern.seams.map((seam) => {
		const sides = [seam.a, seam.b].map((ends) =>
			ends.map((e) => endOf(e, counts, rows, density, knitted))
		);
		const total = (list: readonly (SeamSide | null)[]): SeamSide => ({
			rows: list.reduce((t, s) => t + (s?.rows ?? 0), 0),
			stitches: list.reduce((t, s) => t + (s?.stitches ?? 0), 0),
			cm: list.reduce((t, s) => t + (s?.cm ?? 0), 0)
		});
		const [a, b] = [total(sides[0]!), total(sides[1]!)];
		const missing = sides.some((list) => list.length === 0 || list.includes(null));
		return { seam, a, b, ...judge(seam, a, b, missing) };
	});
}

const sideRows = (parts: readonly PartCounts[]): number[] =>
	(['left', 'right'] as const).map((side) =>
		parts.reduce((t, p) => t + (p.side === side ? p.rows : 0), 0)
	);

function judge(
	seam: Seam,
	a: SeamSide,
	b: SeamSide,
	missing: boolean
): Pick<SeamCheck, 'by' | 'diff' | 'verdict' | 'pickUp'> {
	if (missing) return { by: 'length', diff: a.cm - b.cm, verdict: 'missing', pickUp: null };
	const by = heldBy(seam, a, b);
	if (by === 'loops') {
		const verdict = fitOf(by, a.stitches, b.stitches);
		return { by: 'stitches', diff: a.stitches - b.stitches, verdict, pickUp: null };
	}
	if (by === 'rows')
		return { by, diff: a.rows - b.rows, verdict: fitOf(by, a.rows, b.rows), pickUp: null };
	const pure = (x: SeamSide, y: SeamSide) => x.stitches === 0 && y.rows === 0;
	const pickUp = pure(a, b)
		? pickUpRatio(b.stitches, a.rows)
		: pure(b, a)
			? pickUpRatio(a.stitches, b.rows)
			: null;
	return { by, diff: a.cm - b.cm, verdict: fitOf(by, a.cm, b.cm), pickUp };
}

function heldBy(seam: Seam, a: SeamSide, b: SeamSide): 'loops' | 'rows' | 'length' {
	if (BY_STITCHES.includes(seam.kind) || (a.rows === 0 && b.rows === 0)) return 'loops';
	return a.stitches === 0 && b.stitches === 0 ? 'rows' : 'length';
}

/** A change of the wish that makes a seam meet. */
export type Repair =
	/** One piece goes with the others again. */
	| { readonly do: 'together'; readonly piece: string; readonly measure: Measure }
	| { readonly do: 'measure'; readonly measure: Measure; readonly cm: number };

/** Measures by which a seam of a kind can be put right, the one that disturbs least first. */
const MEASURES: Partial<Record<SeamKind, readonly Measure[]>> = {
	armhole: ['upperArm', 'armhole'],
	shoulder: ['neck', 'crossBack'],
	side: ['length', 'armhole'],
	band: ['length']
};
const STEP_CM = 0.5;
const FARTHEST_CM = 12;
const PROBE_CM = 4;

/** Pieces that may still be cut out in search of repairs; each try cuts all of a garment's. */
export interface Tries {
	left: number;
}
/** Of all repairs of a garment together: a few tenths of a second. */
export const MOST_CUT = 3000;

const bad = (checks: readonly SeamCheck[]): number =>
	checks.filter((c) => c.verdict !== 'meets').length;

/**
 * The repair of a seam that changes the fewest things: first a piece that departs from the others is put back, one at a
 * time, then one measure is moved as little as makes it meet. It must leave fewer seams amiss than there were. Null where
 * none is found before `tries` is used up.
 */
export function repairOf(
	wish: GarmentWish,
	check: SeamCheck,
	context: CutContext,
	tries: Tries = { left: MOST_CUT }
): Repair | null {
	const seamsOf = (w: GarmentWish): SeamCheck[] => {
		const { pattern } = fitToMachine(cutOut(w, context), context.density, context.most);
		tries.left -= pattern.pieces.length;
		return checkSeams({ pattern, density: context.density }, context.pins);
	};
	// What is drawn point by point has no measures to move.
	if (MEASURES_OF[wish.recipe].length === 0) return null;
	const before = bad(seamsOf(wish));
	const mends = (w: GarmentWish): boolean => {
		if (tries.left <= 0) return false;
		const after = seamsOf(w);
		const same = after.find((c) => c.seam.id === check.seam.id);
		return same?.verdict === 'meets' && bad(after) < before;
	};
	for (const [i, departure] of wish.alone.entries()) {
		const alone = wish.alone.filter((_, k) => k !== i);
		if (mends({ ...wish, alone }))
			return { do: 'together', piece: departure.piece, measure: departure.measure };
	}
	const all = measuresOf(wish);
	let best: { repair: Repair; by: number } | null = null;
	for (const measure of MEASURES[check.seam.kind] ?? []) {
		const now = Math.round(all[measure].cm / STEP_CM) * STEP_CM;
		const set = (cm: number) => ({ ...wish, measures: { ...wish.measures, [measure]: cm } });
		// A measure that does not tell on this seam mends nothing, however far it is moved.
		if (tries.left <= 0) break;
		const moved = seamsOf(set(now + PROBE_CM)).find((c) => c.seam.id === check.seam.id);
		if (!moved || Math.abs(moved.diff - check.diff) < 1e-9) continue;
		const nearer = (by: number) => by <= FARTHEST_CM && (!best || by < best.by);
		for (let by = STEP_CM; nearer(by) && tries.left > 0; by += STEP_CM) {
			const cm = [now + by, now - by].find((x) => x > 0 && mends(set(x)));
			if (cm === undefined) continue;
			best = { repair: { do: 'measure', measure, cm }, by };
			break;
		}
	}
	return best?.repair ?? null;
}
