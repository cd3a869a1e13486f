import type { Fed, Machine, Yarn } from '../../model/bench';
import { estimate, relative, scale, type Estimate } from '../../quantity/estimate';
import { gaugeBook, type GaugeBook, type Measured } from './book';
import type { Side } from './density';
import { fedApart } from './feed';
import { loopOpinions, type LoopOpinion, type LoopSource } from './loop';
import type { Wear } from './pulled';
import type { GaugeSource } from './source';
import { nextPiece } from './spread';
import type { Lessons, Taught } from './taught';
import { lessonsOf, untaught, type SideOf } from './untaught';

export type { GaugeSource } from './source';

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
	/** How it is to be fed; left out: as its swatch was. */
	readonly fed?: Fed;
}

/** A density as finished things, and swatches fed otherwise, have taught it. */
function taughtSide(before: SideOf, taught: Taught): SideOf {
	const { more, variance, piece, state, things, discord, carried } = taught;
	const [mean, known] = [before.value.mean * Math.exp(more), Math.sqrt(variance)];
	const readings = before.source.kind === 'swatch' ? before.source.readings : 0;
	const from = carried ? { carried } : {};
	const source: GaugeSource =
		things.length > 0
			? {
					kind: 'learned',
					pieces: things.length,
					readings,
					state,
					projects: things,
					discord,
					...from
				}
			: before.source.kind === 'swatch'
				? { ...before.source, ...from }
				: before.source;
	return {
		value: estimate(
			mean,
			mean * nextPiece(known, piece),
			things.length > 0 ? 'learned' : before.value.basis
		),
		known,
		state,
		source
	};
}

/** A density that nothing finished speaks of, carried to another way of feeding by what that changes with other yarns. */
function carriedSide(
	before: SideOf,
	fed: Fed,
	terms: ReturnType<typeof fedApart>,
	lessons: Lessons
): SideOf {
	const { more, variance } = lessons.carry(terms);
	const { value, known, source } = before;
	const mean = value.mean * Math.exp(more);
	const wider = Math.hypot(known, Math.sqrt(variance));
	const own = Math.sqrt(Math.max(0, relative(value) ** 2 - known ** 2));
	return {
		...before,
		value: estimate(mean, mean * Math.hypot(wider, own), value.basis),
		known: wider,
		source: source.kind === 'swatch' ? { ...source, carried: fed } : source
	};
}

/** Both densities of a pair with all that was measured of it, as it is to be fed. */
function sidesOf({ machine, yarn, book, ...input }: GaugeInput) {
	const before = untaught({ machine, yarn, book, ...input });
	const { fed } = input;
	const away = (name: Side) =>
		fed && before.fed ? fedApart(machine.id, name, before.fed, fed) : [];
	const speaks = book.evidence(machine.id, yarn).length > 0 || before.aside.length > 0;
	const side = (name: Side): SideOf => {
		const terms = away(name);
		if (!speaks && terms.length === 0) return before[name];
		const lessons = lessonsOf(book);
		const { state } = before[name];
		const wished = fed ? { machineId: machine.id, fed } : undefined;
		const pair = book.pair(machine.id, yarn);
		const taught = speaks && lessons.of(pair, name, { state, fed: before.fed }, wished);
		if (taught) return taughtSide(before[name], taught);
		return before.fed && terms.length > 0
			? carriedSide(before[name], before.fed, terms, lessons)
			: before[name];
	};
	return { stitches: side('stitches'), rows: side('rows'), wear: before.wear };
}

/**
 * The gauge of one machine with one yarn: what its swatches say (washed before rested, fresh only with consent), or where
 * there is none a prediction from the yarn's tex and all else that was measured, flagged as an estimate and never better than
 * what the bench supports (15 % where it has nothing); joined by what finished things teach, each by its weight. What was fed
 * through another slot, or otherwise through the fingers, is carried over with a wider band.
 * Densities per cm of relaxed fabric, with the spread that the next piece has; loop length in cm.
 */
export function gaugeFor(input: GaugeInput): Gauge {
	const { machine, yarn, book } = input;
	const here = book.swatches(machine.id, yarn);
	const evidence = book.evidence(machine.id, yarn);
	const { stitches, rows, wear } = sidesOf(input);
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
