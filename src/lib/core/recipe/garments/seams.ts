import { seamOf, type Joint } from '../../assembly/joint';
import type { Measure } from '../../model/kinds';
import type { GarmentOptions } from './options';
import type { Density } from '../../shaping/schedule';
import { cutOut } from './cut';
import { MEASURES_OF, measuresOf } from './measures';
import { pieceParts } from './parts';
import type { CutContext, Pattern } from './pattern';
import { fitToMachine } from './split';

/** Every seam of a pattern, as it would be cut: nothing of it is knitted. */
export function checkSeams(pattern: Pattern, density: Density, pins: number): Joint[] {
	const counts = new Map(pattern.pieces.map((p) => [p.id, pieceParts(p, density, pins)]));
	return pattern.seams.map((seam) => seamOf(seam, { of: (p) => counts.get(p) ?? [], density }));
}

/** A change of the options that makes a seam meet. */
export type Repair =
	/** One piece goes with the others again. */
	| { readonly do: 'together'; readonly piece: string; readonly measure: Measure }
	| { readonly do: 'measure'; readonly measure: Measure; readonly cm: number };

/** Measures by which a seam of a kind can be put right, the one that disturbs least first. */
const MEASURES: { readonly [K in Joint['kind']]?: readonly Measure[] } = {
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

const bad = (checks: readonly Joint[]): number =>
	checks.filter((c) => c.verdict !== 'meets').length;

/**
 * The repair of a seam that changes the fewest things: first a piece that departs from the others is put back, one at a
 * time, then one measure is moved as little as makes it meet. It must leave fewer seams amiss than there were. Null where
 * none is found before `tries` is used up.
 */
export function repairOf(
	options: GarmentOptions,
	check: Joint,
	context: CutContext,
	tries: Tries = { left: MOST_CUT }
): Repair | null {
	const seamsOf = (w: GarmentOptions): Joint[] => {
		const { pattern } = fitToMachine(cutOut(w, context), context.density, context.most);
		tries.left -= pattern.pieces.length;
		return checkSeams(pattern, context.density, context.pins);
	};
	// What is drawn point by point has no measures to move.
	if (MEASURES_OF[options.recipe].length === 0) return null;
	const before = bad(seamsOf(options));
	const mends = (w: GarmentOptions): boolean => {
		if (tries.left <= 0) return false;
		const after = seamsOf(w);
		const same = after.find((c) => c.id === check.id);
		return same?.verdict === 'meets' && bad(after) < before;
	};
	for (const [i, departure] of options.alone.entries()) {
		const alone = options.alone.filter((_, k) => k !== i);
		if (mends({ ...options, alone }))
			return { do: 'together', piece: departure.piece, measure: departure.measure };
	}
	const all = measuresOf(options);
	let best: { repair: Repair; by: number } | null = null;
	for (const measure of MEASURES[check.kind] ?? []) {
		const now = Math.round(all[measure].cm / STEP_CM) * STEP_CM;
		const set = (cm: number) => ({ ...options, measures: { ...options.measures, [measure]: cm } });
		// A measure that does not tell on this seam mends nothing, however far it is moved.
		if (tries.left <= 0) break;
		const moved = seamsOf(set(now + PROBE_CM)).find((c) => c.id === check.id);
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
