import { gaugeBook, type GaugeBook, type Spreads } from '../bench/gauge/book';
import { sameYarnOtherColour } from '../bench/yarn/tex';
import type { Bench, Forecast, Project } from '../model/project';
import { plan, type Plan } from '../plan';
import { relative } from '../quantity/estimate';
import { metresPerGram } from '../bench/yarn/tex';

/** The bench as it was before this project's results taught it anything. */
export const benchBefore = (bench: Bench, projectId: string): Bench => ({
	...bench,
	evidence: bench.evidence.filter((e) => e.projectId !== projectId)
});

/** One machine with one yarn, as a plan knits on it. */
type Pair = Forecast['on'][number];
type Which = { readonly machineId: string; readonly yarnId: string; readonly strands: number };

/** Every machine and yarn that a plan's pieces bring together, with the densities it takes for them. */
function pairsOf(p: Plan): Pair[] {
	const pairs: Pair[] = [];
	for (const piece of p.pieces)
		for (const { yarn } of piece.runs) {
			const [of, gauge] = [p.yarns[yarn], piece.gauges[yarn]];
			if (!of || !gauge) continue;
			const known = pairs.some((x) => x.machineId === piece.machine.id && x.yarnId === of.id);
			if (known) continue;
			const feed = piece.feeds[yarn];
			pairs.push({
				...(feed ? { fed: { slot: feed.slot, hand: feed.hand } } : {}),
				machineId: piece.machine.id,
				yarnId: of.id,
				strands: of.strands,
				stitchesPerCm: gauge.stitchesPerCm.mean,
				rowsPerCm: gauge.rowsPerCm.mean,
				loopCm: gauge.loopCm.mean
			});
		}
	return pairs;
}

/** So small that first order holds, relative sd. */
const TRIED = 1e-3;
/** A smaller move is none. */
const LEAST_MOVE = 1e-3;
/** The relative spread of a size in a plan. */
function spreadOf(p: Plan | undefined, id: string): number {
	const found = p?.sizes.find((x) => x.id === id)?.figure.value;
	return found ? relative(found) : 0;
}
const NONE: Spreads = { stitches: 0, rows: 0, loop: 0 };

/**
 * What is foretold of a thing of `rowsKnitted` rows, apart from its own results: every length that its plan predicts, with how
 * it moves with the densities of each pair. What a figure's spread owes to one density alone is how far it moves with it; a
 * length is less where there are more stitches or rows to the cm. Undefined where it cannot be planned any more.
 * Sizes in cm, weight in g, time in minutes.
 */
export function forecastOf(
	project: Project,
	bench: Bench,
	rowsKnitted: number
): { readonly forecast: Forecast; readonly plan: Plan } | undefined {
	const old = benchBefore(bench, project.id);
	const book = gaugeBook(old);
	const foretold = plan(project, old, { rows: rowsKnitted }, book);
	if (!foretold.ok) return undefined;
	const on = pairsOf(foretold);
	/** The plan once more, with a spread in one density alone: nothing it plans changes, but what its figures owe to it shows. */
	const withSpread = (spread: NonNullable<GaugeBook['spread']>): Plan | undefined => {
		const made = plan(project, old, { rows: rowsKnitted }, { ...book, spread });
		return made.ok ? made : undefined;
	};
	const still = withSpread(() => NONE);
	if (!still) return undefined;
	const yarnById = new Map(old.yarns.map((y) => [y.id as string, y]));
	/** Colours of one yarn on one machine have one gauge: the first of them stands for all. */
	const first = on.filter((a, i) => !on.slice(0, i).some((b) => samePair(a, b, yarnById)));
	const tried = first.flatMap((a) =>
		(['stitches', 'rows'] as const).map((side) => ({
			at: on.indexOf(a),
			side,
			plan: withSpread((machineId, yarn) =>
				samePair({ machineId, yarnId: yarn.id, strands: yarn.strands }, a, yarnById)
					? { ...NONE, [side]: TRIED }
					: NONE
			)
		}))
	);
	const sizes = foretold.sizes.flatMap((s): Forecast['sizes'] => {
		const { mean, sd } = s.figure.value;
		if (s.figure.kind !== 'length' || s.said || !(mean > 0)) return [];
		const own = spreadOf(still, s.id);
		const move = (at: number, side: 'stitches' | 'rows') => {
			const all = spreadOf(tried.find((t) => t.at === at && t.side === side)?.plan, s.id);
			const moved = Math.sqrt(Math.max(0, all ** 2 - own ** 2)) / TRIED;
			return moved < LEAST_MOVE ? 0 : -moved;
		};
		const by = first
			.map((a) => on.indexOf(a))
			.map((at) => ({ on: at, stitches: move(at, 'stitches'), rows: move(at, 'rows') }))
			.filter((b) => b.stitches !== 0 || b.rows !== 0);
		return [{ id: s.id, label: s.figure.label, lies: s.lies, cm: mean, sd, own, by }];
	});
	return { forecast: { version: 1, on, sizes, ...sumsOf(foretold, on) }, plan: foretold };
}

const samePair = (
	a: Which,
	b: Which,
	yarns: ReadonlyMap<string, Bench['yarns'][number]>
): boolean => {
	if (a.machineId !== b.machineId || a.strands !== b.strands) return false;
	const [x, y] = [yarns.get(a.yarnId), yarns.get(b.yarnId)];
	return a.yarnId === b.yarnId || (x !== undefined && y !== undefined && sameYarnOtherColour(x, y));
};

/** What it weighs, what of that is in no stitch, and how long it takes. */
function sumsOf(p: Plan, on: readonly Pair[]): Pick<Forecast, 'grams' | 'minutes'> {
	const time = { mean: p.time.value.mean, sd: p.time.value.sd };
	if (p.amounts.length === 0) return { grams: null, minutes: time };
	let [mean, sd, apart] = [0, 0, 0];
	const each: NonNullable<Forecast['grams']>['each'] = [];
	for (const a of p.amounts) {
		const yarn = p.yarns[a.yarn];
		const { mean: grams, sd: spread } = a.grams.value;
		mean += grams;
		// Colours of one yarn share their loop length, so their errors add up.
		sd += spread;
		if (!yarn) continue;
		const loops = on.filter((x) => x.yarnId === yarn.id);
		// On several machines its stitches are told apart by the pieces; one loop stands for them where it is one.
		const loop = loops[0]?.loopCm ?? 0;
		const inStitches = Math.min(grams, (a.stitches * loop) / 100 / metresPerGram(yarn));
		apart += grams - inStitches;
		each.push({ yarnId: yarn.id, mean: grams, apart: grams - inStitches });
	}
	return { grams: { mean, sd, apart, each }, minutes: time };
}
