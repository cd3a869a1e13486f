import type { Machine, Swatch, SwatchState, Yarn } from '../model/bench';
import type { Evidence } from '../model/project';
import { combine, estimate, scale, type Combined, type Estimate } from '../quantity/estimate';
import { MUNDEN_KS, mundenLoopCm } from '../yarn/loop';
import { effectiveTex, sameYarnOtherColour } from '../yarn/tex';
import { density } from './notation';

/** One reading alone predicts a piece to 3 % (one sd), from memory. */
export const READING_RELATIVE_SD = 0.03;
/** A whole finished piece is a longer sample than a swatch: 2 % (one sd), from memory. */
export const PIECE_RELATIVE_SD = 0.02;
/** A machine and yarn with no swatch: a flagged 15 % (one sd). */
export const PRIOR_RELATIVE_SD = 0.15;

/**
 * Where there is no swatch: stitches and rows per cm of a 500 tex yarn (medium, 200 m / 100 g) on these machines,
 * scaled by the square root of tex since loops grow with the yarn's diameter (Peirce 1947, from memory).
 * Stitches: the middle of the medium class by hand (18 in 4 in) times 0.73, a common machine factor (common practice).
 * Rows: 2 per cm, as in 110 rows to 55 cm of tube (common practice).
 */
export const PRIOR = { tex: 500, stitchesPerCm: (18 / 10.16) * 0.73, rowsPerCm: 2 };

export type GaugeSource =
	| { kind: 'learned'; pieces: number; state: SwatchState; projects: string[]; discord: number }
	| { kind: 'swatch'; readings: number; state: SwatchState; otherColour: boolean; discord: number }
	| { kind: 'fresh-unused'; readings: number }
	| { kind: 'prior' };

export interface Gauge {
	readonly stitchesPerCm: Estimate;
	readonly rowsPerCm: Estimate;
	readonly loopCm: Estimate;
	/** Where the rows and the stitches come from; they may differ (a log may hold a length and no width). */
	readonly rowSource: GaugeSource;
	readonly stitchSource: GaugeSource;
	readonly loopSource: 'weighed' | 'gauge';
	readonly loopPieces: number;
}

export interface GaugeInput {
	readonly machine: Machine;
	readonly yarn: Yarn;
	readonly swatches: readonly Swatch[];
	/** Every yarn of the bench, to find the same yarn in another colour. */
	readonly yarns: readonly Yarn[];
	readonly evidence: readonly Evidence[];
	readonly useFresh: boolean;
}

interface Pool {
	readonly estimate: Combined;
	readonly state: SwatchState;
}

/** The best settled state there is: washed before rested; fresh only with consent. */
function bestState<T extends { state: SwatchState }>(
	items: readonly T[],
	useFresh: boolean
): { state: SwatchState; items: T[] } | undefined {
	const order: SwatchState[] = useFresh ? ['washed', 'rested', 'fresh'] : ['washed', 'rested'];
	for (const state of order) {
		const found = items.filter((i) => i.state === state);
		if (found.length) return { state, items: found };
	}
	return undefined;
}

function pool<T extends { state: SwatchState }>(
	items: readonly T[],
	value: (item: T) => number | null,
	sd: number,
	useFresh: boolean,
	basis: 'measured' | 'learned'
): (Pool & { items: T[] }) | undefined {
	const best = bestState(
		items.filter((i) => value(i) !== null),
		useFresh
	);
	if (!best) return undefined;
	const values = best.items.map((i) => value(i)!);
	return { estimate: combine(values, sd, basis), state: best.state, items: best.items };
}

/** Mean and spread of the readings of one swatch in one state, as shown while they are typed. */
export function swatchGauge(readings: Swatch['readings'], state?: SwatchState) {
	const chosen = state ? readings.filter((r) => r.state === state) : readings;
	if (chosen.length === 0) return undefined;
	return {
		stitchesPerCm: combine(
			chosen.map((r) => density(r.stitches)),
			READING_RELATIVE_SD,
			'measured'
		),
		rowsPerCm: combine(
			chosen.map((r) => density(r.rows)),
			READING_RELATIVE_SD,
			'measured'
		)
	};
}

function matching(input: GaugeInput) {
	const sameTwist = (yarnId: string, strands: number): boolean => {
		if (strands !== input.yarn.strands) return false;
		if (yarnId === input.yarn.id) return true;
		const other = input.yarns.find((y) => y.id === yarnId);
		return other !== undefined && sameYarnOtherColour(other, input.yarn);
	};
	const onMachine = input.swatches.filter(
		(s) => s.machineId === input.machine.id && sameTwist(s.yarnId, s.strands)
	);
	const exact = onMachine.filter((s) => s.yarnId === input.yarn.id);
	const evidence = input.evidence.filter(
		(e) => e.machineId === input.machine.id && sameTwist(e.yarnId, e.strands)
	);
	// A swatch of this very colour speaks first, unless all it has is fresh readings.
	const settled = (s: Swatch) => s.readings.some((r) => r.state !== 'fresh' || input.useFresh);
	const use = exact.some(settled) ? exact : onMachine;
	return { readings: use.flatMap((s) => s.readings), otherColour: use !== exact, evidence };
}

/**
 * The gauge of one machine with one yarn, from the best there is: finished pieces first, then swatches
 * (washed before rested, fresh only with consent), then a flagged prior of 15 %.
 * Densities per cm of relaxed fabric; loop length in cm.
 */
export function gaugeFor(input: GaugeInput): Gauge {
	const { readings, otherColour, evidence } = matching(input);
	const freshCount = readings.filter((r) => r.state === 'fresh').length;
	const scaleByTex = Math.sqrt(PRIOR.tex / effectiveTex(input.yarn));

	const side = (
		fromPiece: (e: Evidence) => number | null,
		fromReading: (r: Swatch['readings'][number]) => number,
		prior: number
	): { value: Estimate; source: GaugeSource; state: keyof typeof MUNDEN_KS } => {
		const learned = pool(evidence, fromPiece, PIECE_RELATIVE_SD, false, 'learned');
		if (learned) {
			const projects = [...new Set(learned.items.map((e) => e.projectName))];
			const { n: pieces, discord } = learned.estimate;
			const source: GaugeSource = {
				kind: 'learned',
				pieces,
				state: learned.state,
				projects,
				discord
			};
			return { value: learned.estimate, source, state: learned.state };
		}
		const measured = pool(readings, fromReading, READING_RELATIVE_SD, input.useFresh, 'measured');
		if (measured) {
			const { n, discord } = measured.estimate;
			const source: GaugeSource = {
				kind: 'swatch',
				readings: n,
				state: measured.state,
				otherColour,
				discord
			};
			return { value: measured.estimate, source, state: measured.state };
		}
		const mean = prior * scaleByTex;
		return {
			value: estimate(mean, mean * PRIOR_RELATIVE_SD, 'estimated'),
			source: freshCount ? { kind: 'fresh-unused', readings: freshCount } : { kind: 'prior' },
			state: 'rested'
		};
	};

	const stitches = side(
		(e) => (e.flatWidthCm ? e.pins / 2 / e.flatWidthCm : null),
		(r) => density(r.stitches),
		PRIOR.stitchesPerCm
	);
	const rows = side(
		(e) => (e.tubeCm ? e.rows / e.tubeCm : null),
		(r) => density(r.rows),
		PRIOR.rowsPerCm
	);
	const weighed = latestOfEachProject(evidence, (e) => e.loopCm);
	return {
		stitchesPerCm: plain(stitches.value),
		rowsPerCm: plain(rows.value),
		loopCm: weighed.length
			? plain(combine(weighed, READING_RELATIVE_SD, 'learned'))
			: mundenLoopCm(stitches.value.mean, rows.value.mean, rows.state),
		rowSource: rows.source,
		stitchSource: stitches.source,
		loopSource: weighed.length ? 'weighed' : 'gauge',
		loopPieces: weighed.length
	};
}

/** One value a project: several looks at one finished thing weigh and time it once. */
export function latestOfEachProject(
	evidence: readonly Evidence[],
	value: (e: Evidence) => number | null
): number[] {
	const byProject = new Map<string, number>();
	for (const e of evidence) {
		const v = value(e);
		if (v !== null) byProject.set(e.projectId, v);
	}
	return [...byProject.values()];
}

const plain = (e: Estimate): Estimate => scale(e, 1);
