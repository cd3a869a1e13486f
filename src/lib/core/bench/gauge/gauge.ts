import type { Machine, Swatch, SwatchState, Yarn } from '../../model/bench';
import { STATES_BEST_FIRST } from '../../model/kinds';
import {
	combine,
	estimate,
	relative,
	scale,
	type Combined,
	type Estimate
} from '../../quantity/estimate';
import { gaugeBook, type GaugeBook, type KnownOf, type Measured } from './book';
import { loopOpinions, type LoopOpinion, type LoopSource } from './loop';
import { densityOf, type Side } from './density';
import type { Predicted } from './prior';
import { USUAL_WEAR, wearFrom, type Wear } from './pulled';
import { nextPiece, READING_KNOWN, READING_RELATIVE_SD } from './spread';
import { PRIOR_RELATIVE_SD } from './prior';
import type { Known, Taught } from './taught';

export type GaugeSource =
	| {
			kind: 'learned';
			pieces: number;
			/** Readings of swatches that it joins. */
			readings: number;
			state: SwatchState;
			projects: readonly string[];
			discord: number;
	  }
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

/** Readings of the best state, as they stand together. */
function pool(
	readings: readonly Settled[],
	value: (r: Settled) => number | null,
	useFresh: boolean
): Pool | undefined {
	const best = bestState(
		readings.filter((r) => value(r) !== null),
		useFresh
	);
	if (!best) return undefined;
	const values = best.items.flatMap((i) => value(i) ?? []);
	return { estimate: combine(values, READING_RELATIVE_SD, 'measured'), state: best.state };
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

/** One density of a pair, and how well it is known apart from what one piece differs from another (relative sd). */
interface SideOf {
	readonly value: Estimate;
	readonly known: number;
	readonly source: GaugeSource;
	readonly state: SwatchState;
}

/** What swatches or else the prediction say of both densities: what is there before anything is finished. */
function untaught({
	machine,
	yarn,
	book,
	useFresh
}: Omit<GaugeInput, 'machine'> & { machine: { id: string } }) {
	const said = readingsFor(book.swatches(machine.id, yarn), yarn, useFresh);
	const { readings, otherColour, wear } = said;
	const freshCount = readings.filter((r) => r.state === 'fresh').length;
	let predicted: Predicted | undefined;
	const side = (name: Side): SideOf => {
		const measured = pool(readings, (r) => densityOf(r, name), useFresh);
		if (measured) {
			const { estimate: value, state } = measured;
			const { n, discord } = value;
			const known = relative(value) * (READING_KNOWN / READING_RELATIVE_SD);
			return {
				value: estimate(value.mean, value.mean * nextPiece(known), 'measured'),
				known,
				state,
				source: { kind: 'swatch', readings: n, state, otherColour, discord }
			};
		}
		predicted ??= book.predict(machine.id, yarn);
		const leans = { onMachine: predicted.onMachine, ofYarn: predicted.ofYarn };
		const value = name === 'rows' ? predicted.rowsPerCm : predicted.stitchesPerCm;
		return {
			value,
			known: relative(value),
			source: freshCount
				? { kind: 'fresh-unused', readings: freshCount, ...leans }
				: { kind: 'prior', ...leans },
			state: 'rested'
		};
	};
	return { stitches: side('stitches'), rows: side('rows'), wear };
}

/** What is known of a pair without anything finished, for the lessons. */
const knownIn =
	(book: GaugeBook): KnownOf =>
	(machineId, yarn, on) => {
		if (!yarn) {
			// Its yarn is gone from the bench: nobody asks for its gauge, but what was knitted beside it is told apart by it.
			const gone = (mean: number): Known => ({
				ln: Math.log(mean),
				variance: PRIOR_RELATIVE_SD ** 2,
				state: 'rested'
			});
			return { stitches: gone(on.stitchesPerCm), rows: gone(on.rowsPerCm) };
		}
		const { stitches, rows } = untaught({
			machine: { id: machineId },
			yarn,
			book,
			useFresh: false
		});
		const known = ({ value, known: sd, state }: SideOf): Known => ({
			ln: Math.log(value.mean),
			variance: sd ** 2,
			state
		});
		return { stitches: known(stitches), rows: known(rows) };
	};

/** A density as finished things have taught it. */
function taughtSide(before: SideOf, { more, variance, piece, ...taught }: Taught): SideOf {
	const { state, things, discord } = taught;
	const [mean, known] = [before.value.mean * Math.exp(more), Math.sqrt(variance)];
	return {
		value: estimate(mean, mean * nextPiece(known, piece), 'learned'),
		known,
		state,
		source: {
			kind: 'learned',
			pieces: things.length,
			readings: before.source.kind === 'swatch' ? before.source.readings : 0,
			state,
			projects: things,
			discord
		}
	};
}

/**
 * The gauge of one machine with one yarn: what its swatches say (washed before rested, fresh only with consent), or where
 * there is none a prediction from the yarn's tex and all else that was measured, flagged as an estimate and never better than
 * what the bench supports (15 % where it has nothing); joined by what finished things teach, each by its weight.
 * Densities per cm of relaxed fabric, with the spread that the next piece has; loop length in cm.
 */
export function gaugeFor(input: GaugeInput): Gauge {
	const { machine, yarn, book } = input;
	const here = book.swatches(machine.id, yarn);
	const evidence = book.evidence(machine.id, yarn);
	const { wear, ...before } = untaught(input);
	const lessons = evidence.length > 0 ? book.lessons(knownIn(book)) : undefined;
	const pair = book.pair(machine.id, yarn);
	const side = (name: Side): SideOf => {
		const taught = lessons?.of(pair, name, before[name].state);
		return taught ? taughtSide(before[name], taught) : before[name];
	};
	const [stitches, rows] = [side('stitches'), side('rows')];
	const opinions = loopOpinions({
		yarn,
		here,
		elsewhere: book.elsewhere(yarn).filter((s) => s.machineId !== machine.id),
		evidence,
		stitchesPerCm: stitches.value.mean,
		rowsPerCm: rows.value.mean,
		state: rows.state
	});
	const spread = book.spread?.(machine.id, yarn);
	const as = (e: Estimate, sd: number | undefined): Estimate =>
		sd === undefined ? plain(e) : { ...plain(e), sd: e.mean * sd };
	return {
		stitchesPerCm: as(stitches.value, spread?.stitches),
		rowsPerCm: as(rows.value, spread?.rows),
		loopCm: as(opinions[0].loopCm, spread?.loop),
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
