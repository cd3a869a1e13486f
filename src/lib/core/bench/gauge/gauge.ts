import type { Machine, Swatch, SwatchState, Yarn } from '../../model/bench';
import type { Evidence } from '../../model/project';
import { STATES_BEST_FIRST } from '../../model/kinds';
import { combine, scale, type Combined, type Estimate } from '../../quantity/estimate';
import { gaugeBook, type GaugeBook, type Measured } from './book';
import { loopOpinions, type LoopOpinion, type LoopSource } from './loop';
import { densityOf } from './density';
import type { Predicted } from './prior';
import { USUAL_WEAR, wearFrom, type Wear } from './pulled';
import { PIECE_RELATIVE_SD, READING_RELATIVE_SD } from './spread';

export type GaugeSource =
	| { kind: 'learned'; pieces: number; state: SwatchState; projects: string[]; discord: number }
	| { kind: 'swatch'; readings: number; state: SwatchState; otherColour: boolean; discord: number }
	| { kind: 'fresh-unused'; readings: number; onMachine: number; ofYarn: number }
	| { kind: 'prior'; onMachine: number; ofYarn: number };

export interface Gauge {
	readonly stitchesPerCm: Estimate;
	readonly rowsPerCm: Estimate;
	readonly loopCm: Estimate;
	/** Where the rows and the stitches come from; they may differ (a log may hold a length and no width). */
	readonly rowSource: GaugeSource;
	readonly stitchSource: GaugeSource;
	readonly loopSource: LoopSource;
	/** Every opinion on the loop length, the one used first. */
	readonly loopOpinions: readonly LoopOpinion[];
	readonly wear: Wear;
}

export interface GaugeInput {
	readonly machine: Machine;
	readonly yarn: Yarn;
	readonly book: GaugeBook;
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
	for (const state of STATES_BEST_FIRST) {
		if (state === 'fresh' && !useFresh) continue;
		const found = items.filter((i) => i.state === state);
		if (found.length) return { state, items: found };
	}
	return undefined;
}

interface Weight {
	readonly sd: number;
	readonly useFresh: boolean;
	readonly basis: 'measured' | 'learned';
}

function pool<T extends { state: SwatchState }>(
	items: readonly T[],
	value: (item: T) => number | null,
	{ sd, useFresh, basis }: Weight
): (Pool & { items: T[] }) | undefined {
	const best = bestState(
		items.filter((i) => value(i) !== null),
		useFresh
	);
	if (!best) return undefined;
	const values = best.items.flatMap((i) => value(i) ?? []);
	return { estimate: combine(values, sd, basis), state: best.state, items: best.items };
}

type Settled = Swatch['readings'][number] & { state: SwatchState };
const settledOnly = (readings: Swatch['readings']): Settled[] =>
	readings.filter((r): r is Settled => r.state !== 'pulled');

/** A swatch of this very colour speaks first, unless all it has is fresh readings. */
function readingsFor(swatches: readonly Swatch[], yarn: Yarn, useFresh: boolean) {
	const exact = swatches.filter((s) => s.yarnId === yarn.id);
	const speaks = (s: Swatch) =>
		settledOnly(s.readings).some((r) => r.state !== 'fresh' || useFresh);
	const use = exact.some(speaks) ? exact : swatches;
	return {
		readings: use.flatMap((s) => settledOnly(s.readings)),
		otherColour: use.every((s) => s.yarnId !== yarn.id),
		// How it pulls and shrinks is the yarn's, whatever its colour.
		wear: firstWear(use) ?? firstWear(swatches) ?? USUAL_WEAR
	};
}
const firstWear = (swatches: readonly Swatch[]): Wear | undefined => {
	for (const s of swatches) {
		const wear = wearFrom(s.readings);
		if (wear) return wear;
	}
	return undefined;
};

/** One density of the pair, from one of the three sources. */
interface Side {
	readonly value: Estimate;
	readonly source: GaugeSource;
	readonly state: SwatchState;
}

/** Asks for one density: of finished pieces first, then of swatches, then of the prediction, which is made once. */
function sideOf(
	{ machine, yarn, book, useFresh }: GaugeInput,
	evidence: readonly Evidence[],
	{ readings, otherColour }: ReturnType<typeof readingsFor>
) {
	const freshCount = readings.filter((r) => r.state === 'fresh').length;
	let predicted: Predicted | undefined;
	return (
		fromPiece: (e: Evidence) => number | null,
		fromReading: (r: Swatch['readings'][number]) => number | null,
		guess: (p: Predicted) => Estimate
	): Side => {
		const pieces = { sd: PIECE_RELATIVE_SD, useFresh: false, basis: 'learned' } as const;
		const learned = pool(evidence, fromPiece, pieces);
		if (learned) {
			const projects = [...new Set(learned.items.map((e) => e.projectName))];
			const { estimate: value, state } = learned;
			const { n, discord } = value;
			return { value, state, source: { kind: 'learned', pieces: n, state, projects, discord } };
		}
		const swatches = { sd: READING_RELATIVE_SD, useFresh, basis: 'measured' } as const;
		const measured = pool(readings, fromReading, swatches);
		if (measured) {
			const { estimate: value, state } = measured;
			const { n, discord } = value;
			return { value, state, source: { kind: 'swatch', readings: n, state, otherColour, discord } };
		}
		predicted ??= book.predict(machine.id, yarn);
		const leans = { onMachine: predicted.onMachine, ofYarn: predicted.ofYarn };
		return {
			value: guess(predicted),
			source: freshCount
				? { kind: 'fresh-unused', readings: freshCount, ...leans }
				: { kind: 'prior', ...leans },
			state: 'rested'
		};
	};
}

/**
 * The gauge of one machine with one yarn, from the best there is: finished pieces first, then swatches
 * (washed before rested, fresh only with consent), then a prediction from the yarn's tex and all else that was measured,
 * flagged as an estimate and never better than what the bench supports (15 % where it has nothing).
 * Densities per cm of relaxed fabric; loop length in cm.
 */
export function gaugeFor(input: GaugeInput): Gauge {
	const { machine, yarn, book } = input;
	const here = book.swatches(machine.id, yarn);
	const evidence = book.evidence(machine.id, yarn);
	const said = readingsFor(here, yarn, input.useFresh);
	const { wear } = said;
	const side = sideOf(input, evidence, said);

	const stitches = side(
		(e) => (e.flatWidthCm ? e.pins / 2 / e.flatWidthCm : null),
		(r) => densityOf(r, 'stitches'),
		(p) => p.stitchesPerCm
	);
	const rows = side(
		(e) => (e.tubeCm ? e.rows / e.tubeCm : null),
		(r) => densityOf(r, 'rows'),
		(p) => p.rowsPerCm
	);
	const opinions = loopOpinions({
		yarn,
		here,
		elsewhere: book.elsewhere(yarn).filter((s) => s.machineId !== machine.id),
		evidence,
		stitchesPerCm: stitches.value.mean,
		rowsPerCm: rows.value.mean,
		state: rows.state
	});
	return {
		stitchesPerCm: plain(stitches.value),
		rowsPerCm: plain(rows.value),
		loopCm: opinions[0].loopCm,
		rowSource: rows.source,
		stitchSource: stitches.source,
		loopSource: opinions[0].source,
		loopOpinions: opinions,
		wear
	};
}

/** The gauge of one pair, where only one is asked of a bench. */
export const gaugeOf = (
	machine: Machine,
	yarn: Yarn,
	measured: Measured,
	useFresh = false
): Gauge => gaugeFor({ machine, yarn, book: gaugeBook(measured), useFresh });

const plain = (e: Estimate): Estimate => scale(e, 1);
