import type { Gauge } from '../bench/gauge/gauge';
import type { Machine } from '../model/bench';
import { exact, quotient, type Estimate } from '../quantity/estimate';
import { tidy } from '../quantity/parse';
import { nearestWithParity } from '../quantity/whole';

/** A written pattern's gauge, per cm. */
export interface TheirGauge {
	readonly stitchesPerCm: number;
	readonly rowsPerCm: number;
}

/** Its gauge as far as it says it: some give stitches alone, some rows alone. */
export type SomeGauge = { readonly [D in keyof TheirGauge]: number | null };

/** What a pattern's counts are multiplied by here, with the spread of the maker's own gauge; null for what it does not give. */
export interface Factors {
	readonly stitches: Estimate | null;
	readonly rows: Estimate | null;
}

/**
 * The factors from a pattern's gauge to the maker's: my stitches/cm over theirs, which is their cm to 40 over my cm to 40;
 * rows alike (common practice). Stitches and rows do not scale alike, so one says nothing of the other.
 */
export const factors = (
	theirs: SomeGauge,
	mine: Pick<Gauge, 'stitchesPerCm' | 'rowsPerCm'>
): Factors => ({
	stitches: ratio(mine.stitchesPerCm, theirs.stitchesPerCm),
	rows: ratio(mine.rowsPerCm, theirs.rowsPerCm)
});
const ratio = (mine: Estimate, theirs: number | null): Estimate | null =>
	theirs === null ? null : quotient(mine, exact(theirs));

/** One count found in a pattern's words. */
export interface PatternCount {
	/** The words around it, as typed. */
	readonly words: string;
	readonly side: 'stitches' | 'rows';
	readonly count: number;
}

/** What a count must keep to: any whole number, even or odd for symmetry, or a multiple for a repeat. */
export type Keep = 'any' | 'even' | 'odd' | { readonly multipleOf: number };

/**
 * What a count keeps unless the maker says otherwise: stitches stay even or odd as the pattern has them, for symmetry, and
 * so do the rows of a panel, which end at the side the pattern ends at; a tube's rows are free.
 */
export const usualKeep = (count: PatternCount, mode: 'tube' | 'panel'): Keep => {
	if (count.side === 'rows' && mode === 'tube') return 'any';
	return count.count % 2 === 0 ? 'even' : 'odd';
};

/** Why a whole count does not fit. Sentences are in `words/written.ts`. */
export type Misfit =
	| { code: 'wider-than-panel'; most: number; over: number }
	| { code: 'tube-is-fixed'; pins: number; theirCm: number; tubeCm: number }
	| { code: 'too-few'; least: number }
	| { code: 'rounded-far'; share: number };

export interface Converted {
	readonly count: PatternCount;
	/** Before rounding, with the spread of the gauge. */
	readonly exact: Estimate;
	readonly whole: number;
	/** Width or length of the whole count here, and in the pattern, cm. */
	readonly cm: number;
	readonly theirCm: number;
	readonly misfits: readonly Misfit[];
}

function nearest(value: number, keep: Keep): number {
	if (keep === 'any') return Math.max(1, Math.round(value));
	if (keep === 'even') return nearestWithParity(value, 0, 2);
	if (keep === 'odd') return nearestWithParity(value, 1, 1);
	return Math.max(1, Math.round(value / keep.multipleOf)) * keep.multipleOf;
}

/** A size off by more than this from rounding is named. */
const FAR = 0.05;
/** Fewer pins make no panel. */
const LEAST_PINS = 2;

export interface ConvertInput {
	readonly theirs: SomeGauge;
	readonly mine: Pick<Gauge, 'stitchesPerCm' | 'rowsPerCm'>;
	readonly machine: Machine;
	/** A tube always takes all pins; a panel loses some. */
	readonly mode: 'tube' | 'panel';
}

/**
 * A pattern's count in the maker's own gauge: the nearest whole count that keeps what it must, and what does not fit; null
 * where the pattern does not give the gauge of that side.
 */
export function convert(count: PatternCount, keep: Keep, input: ConvertInput): Converted | null {
	const { theirs, mine, machine, mode } = input;
	const f = factors(theirs, mine)[count.side];
	const theirPerCm = count.side === 'stitches' ? theirs.stitchesPerCm : theirs.rowsPerCm;
	if (f === null || theirPerCm === null) return null;
	const value = { ...f, mean: f.mean * count.count, sd: f.sd * count.count };
	const whole = nearest(value.mean, keep);
	const stitches = count.side === 'stitches';
	const perCm = stitches ? mine.stitchesPerCm.mean : mine.rowsPerCm.mean;
	const theirCm = count.count / theirPerCm;
	const cm = whole / perCm;
	const misfits: Misfit[] = [];
	const most = machine.pins - machine.panelLost.start - machine.panelLost.end;
	if (stitches && mode === 'panel' && whole > most)
		misfits.push({ code: 'wider-than-panel', most, over: whole - most });
	if (stitches && mode === 'tube' && whole !== machine.pins)
		misfits.push({
			code: 'tube-is-fixed',
			pins: machine.pins,
			theirCm,
			tubeCm: machine.pins / perCm
		});
	if (stitches && whole < LEAST_PINS) misfits.push({ code: 'too-few', least: LEAST_PINS });
	if (Math.abs(cm / theirCm - 1) > FAR)
		misfits.push({ code: 'rounded-far', share: cm / theirCm - 1 });
	return { count, exact: value, whole, cm, theirCm, misfits };
}

/** What a pattern may ask that the machine does not do by cranking. */
export const HAND_ONLY = {
	ribbing: /\b(k\d+ ?p\d+|rib(bing|bed|s)?|1x1|2x2)\b/,
	cables: /\b(cables?|c\d+[fb])\b/,
	'purl texture': /\b(purl|moss|seed|garter)\b/,
	lace: /\b(lace|yo|yarn over|yarnover|eyelets?)\b/,
	'stranded colour': /\b(stranded|colou?rwork|chart [ab])\b/,
	'turned heels': /\b(turn(ed)? (the )?heel|short rows?|heel flap)\b/,
	'middle decreases': /\b(sl\d* k\d*tog psso|centred double|central double)\b/,
	yokes: /\b(yoke|raglan)\b/
} as const;
export type HandOnly = keyof typeof HAND_ONLY;

/** The techniques a pattern's words name that the machine does not do by cranking, each once. */
export const handOnly = (text: string): HandOnly[] =>
	(Object.keys(HAND_ONLY) as HandOnly[]).filter((k) => HAND_ONLY[k].test(tidy(text)));
