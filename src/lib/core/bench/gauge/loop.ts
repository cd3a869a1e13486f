import { entryAt } from '../../quantity/sure';
import type { LoopReading, Swatch, Yarn } from '../../model/bench';
import type { Evidence } from '../../model/project';
import type { Look } from './book';
import {
	combine,
	estimate,
	relative,
	scale,
	weightedMean,
	type Combined,
	type Estimate
} from '../../quantity/estimate';
import { MUNDEN_KS, mundenLoopCm, peirceLoopCm, yarnDiameterCm } from '../yarn/loop';
import { effectiveTex, metresPerGram } from '../yarn/tex';
import { settledMeans } from './readings';
import { READING_RELATIVE_SD } from './spread';

/** Where a loop length comes from, in the order of trust where the spreads are alike. */
export type LoopSource =
	| { readonly kind: 'unravelled'; readonly readings: number; readonly rows: number }
	| { readonly kind: 'pieces'; readonly pieces: number }
	| { readonly kind: 'weighed'; readonly readings: number }
	| { readonly kind: 'elsewhere'; readonly swatches: number }
	| { readonly kind: 'munden' }
	| { readonly kind: 'peirce' };

export interface LoopOpinion {
	readonly source: LoopSource;
	readonly loopCm: Estimate;
}

/** One unravelled row measures its yarn to 3 %; more rows by the root of their number, never better than 1 % (from memory). */
const ROW_SD = 0.03;
const LEAST_SD = 0.01;
/** A kitchen scale is good to half a gram; a label's metres per 100 g to 3 % (from memory). */
const SCALE_SD_GRAMS = 0.5;
const LABEL_SD = 0.03;
/** A loop carried from one machine to another by the maker's own constant holds to 5 % (from memory). */
const CARRIED_SD = 0.05;

const plain = (e: Estimate): Estimate => scale(e, 1);
type Of<B extends LoopReading['by']> = Extract<LoopReading, { by: B }>;
const by = <B extends LoopReading['by']>(loops: readonly LoopReading[], kind: B): Of<B>[] =>
	loops.filter((l): l is Of<B> => l.by === kind);

/** Yarn in one stitch from unravelled rows, cm: metres x 100 / (rows x stitches), by inverse variance. */
function fromUnravelled(loops: readonly LoopReading[]): LoopOpinion[] {
	const readings = by(loops, 'unravelled');
	if (readings.length === 0) return [];
	const values = readings.map((r) => (r.metres * 100) / (r.rows * r.stitches));
	// Spreads are shares of one loop, not of each value, or a short reading would weigh more for being short.
	const one = values.reduce((t, v) => t + v, 0) / values.length;
	const loopCm = weightedMean(
		readings.map((r, i) => ({
			value: entryAt(values, i),
			sd: one * Math.max(LEAST_SD, ROW_SD / Math.sqrt(r.rows))
		})),
		'measured'
	);
	const rows = readings.reduce((t, r) => t + r.rows, 0);
	return [
		{ source: { kind: 'unravelled', readings: readings.length, rows }, loopCm: plain(loopCm) }
	];
}

/** Yarn in one stitch from weighed counted swatches, cm: grams x metres per gram x 100 / stitches. The label's error is common to all. */
function fromWeighed(loops: readonly LoopReading[], yarn: Yarn): LoopOpinion[] {
	const readings = by(loops, 'weighed');
	if (readings.length === 0) return [];
	const mean: Combined = weightedMean(
		readings.map((r) => {
			const value = (r.grams * metresPerGram(yarn) * 100) / r.stitches;
			return { value, sd: (value * SCALE_SD_GRAMS) / r.grams };
		}),
		'measured'
	);
	const sd = Math.hypot(mean.sd, mean.mean * LABEL_SD);
	return [
		{
			source: { kind: 'weighed', readings: readings.length },
			loopCm: estimate(mean.mean, sd, 'measured')
		}
	];
}

/** One value a project: several looks at one finished thing weigh and time it once. */
export function latestOfEachProject<T>(
	looks: readonly T[],
	evidenceOf: (look: T) => Evidence,
	value: (look: T) => number | null
): number[] {
	const byProject = new Map<string, number>();
	for (const look of looks) {
		const v = value(look);
		if (v !== null) byProject.set(evidenceOf(look).projectId, v);
	}
	return [...byProject.values()];
}

function fromPieces(looks: readonly Look[]): LoopOpinion[] {
	const values = latestOfEachProject(
		looks,
		(l) => l.evidence,
		(l) => l.on.loopCm
	);
	if (values.length === 0) return [];
	const loopCm = combine(values, READING_RELATIVE_SD, 'learned');
	return [{ source: { kind: 'pieces', pieces: values.length }, loopCm: plain(loopCm) }];
}

interface Here {
	readonly stitchesPerCm: number;
	readonly rowsPerCm: number;
}

/**
 * The maker's own constant from swatches of this yarn on other machines, ks = l2 x stitches/cm x rows/cm (Munden's form),
 * put to the gauge here: l = sqrt(ks / (stitches/cm x rows/cm)).
 */
function fromElsewhere(swatches: readonly Swatch[], yarn: Yarn, here: Here): LoopOpinion[] {
	const carried = swatches.flatMap((s) => {
		const there = settledMeans(s.readings);
		const loop = best([...fromUnravelled(s.loops), ...fromWeighed(s.loops, yarn)]);
		if (!there || !loop) return [];
		const ratio = Math.sqrt(
			(there.stitchesPerCm * there.rowsPerCm) / (here.stitchesPerCm * here.rowsPerCm)
		);
		const value = loop.loopCm.mean * ratio;
		return [{ value, sd: value * Math.hypot(relative(loop.loopCm), CARRIED_SD) }];
	});
	if (carried.length === 0) return [];
	const mean = weightedMean(carried, 'estimated');
	return [{ source: { kind: 'elsewhere', swatches: carried.length }, loopCm: plain(mean) }];
}

const best = (opinions: readonly LoopOpinion[]): LoopOpinion | undefined =>
	opinions.reduce<LoopOpinion | undefined>(
		(a, b) => (a && relative(a.loopCm) <= relative(b.loopCm) ? a : b),
		undefined
	);

export interface LoopInput extends Here {
	readonly yarn: Yarn;
	/** Swatches of this yarn on this machine, and on the others. */
	readonly here: readonly Swatch[];
	readonly elsewhere: readonly Swatch[];
	readonly evidence: readonly Look[];
	readonly state: keyof typeof MUNDEN_KS;
}

/**
 * Every opinion on the yarn in one stitch, cm, the one to use first: the measured one of least spread, else one carried
 * from another machine, else Munden's estimate. Peirce's is a second opinion and never used.
 */
export function loopOpinions(input: LoopInput): readonly [LoopOpinion, ...LoopOpinion[]] {
	const { yarn, stitchesPerCm, rowsPerCm, state } = input;
	const loops = input.here.flatMap((s) => s.loops);
	const measured = [
		...fromUnravelled(loops),
		...fromPieces(input.evidence),
		...fromWeighed(loops, yarn)
	];
	const carried = fromElsewhere(input.elsewhere, yarn, input);
	const munden: LoopOpinion = {
		source: { kind: 'munden' },
		loopCm: mundenLoopCm(stitchesPerCm, rowsPerCm, state)
	};
	const diameter = yarnDiameterCm(effectiveTex(yarn), yarn.wrapsPerInch, yarn.strands);
	const peirce: LoopOpinion = {
		source: { kind: 'peirce' },
		loopCm: peirceLoopCm(stitchesPerCm, rowsPerCm, diameter)
	};
	const used = best(measured) ?? carried[0] ?? munden;
	const others = [...measured, ...carried, munden, peirce].filter((o) => o !== used);
	return [used, ...others];
}
