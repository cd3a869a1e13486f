import type { Swatch, SwatchState, Yarn } from '../../model/bench';
import { STATES_BEST_FIRST } from '../../model/kinds';
import { combine, estimate, relative, type Combined, type Estimate } from '../../quantity/estimate';
import type { Known, Looked } from './blocks';
import type { GaugeBook, KnownOf } from './book';
import { densityOf, type Side } from './density';
import { fedAlike } from './feed';
import { PRIOR_RELATIVE_SD, type Predicted } from './prior';
import { USUAL_WEAR, wearFrom, type Wear } from './pulled';
import type { GaugeSource } from './source';
import type { Lessons } from './taught';
import { nextPiece, READING_KNOWN, READING_RELATIVE_SD } from './spread';

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
	const colour = exact.some(speaks) ? exact : swatches;
	const first = colour.find(speaks);
	// Those fed otherwise stand aside: they join it by what a slot and a hand change.
	const use = first ? colour.filter((s) => fedAlike(s, first)) : colour;
	return {
		fed: first ? { slot: first.slot, hand: first.hand } : null,
		readings: use.flatMap((s) => settledOnly(s.readings)),
		aside: colour.filter((s) => !use.includes(s)),
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
export interface SideOf {
	readonly value: Estimate;
	readonly known: number;
	readonly source: GaugeSource;
	readonly state: SwatchState;
}

interface Asked {
	readonly machine: { readonly id: string };
	readonly yarn: Yarn;
	readonly book: GaugeBook;
	readonly useFresh: boolean;
}

/** What swatches or else the prediction say of both densities: what is there before anything is finished. */
export function untaught({ machine, yarn, book, useFresh }: Asked) {
	const said = readingsFor(book.swatches(machine.id, yarn), yarn, useFresh);
	const { readings, otherColour, wear, fed } = said;
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
	return { stitches: side('stitches'), rows: side('rows'), wear, fed, aside: said.aside };
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
				state: 'rested',
				fed: null
			});
			return { stitches: gone(on.stitchesPerCm), rows: gone(on.rowsPerCm) };
		}
		const { stitches, rows, fed } = untaught({
			machine: { id: machineId },
			yarn,
			book,
			useFresh: false
		});
		const known = ({ value, known: sd, state }: SideOf): Known => ({
			ln: Math.log(value.mean),
			variance: sd ** 2,
			state,
			fed
		});
		return { stitches: known(stitches), rows: known(rows) };
	};

/**
 * Readings of swatches that stand aside since they were fed otherwise, as looks at things: rows and stitches of a centimetre
 * that was to have one of each.
 */
function asides(book: GaugeBook): Looked[] {
	const seen = new Set<string>();
	return book.all().flatMap((one): Looked[] => {
		const named = book.yarn(one.yarnId);
		if (!named) return [];
		const yarn = { ...named, strands: one.strands };
		const pair = `${book.pair(one.machineId, yarn)} ${one.yarnId}`;
		if (seen.has(pair)) return [];
		seen.add(pair);
		const { aside } = readingsFor(book.swatches(one.machineId, yarn), yarn, false);
		// Another colour's own swatch is what is known of that colour: it does not speak twice.
		return aside.flatMap((s) => (s.yarnId === one.yarnId ? lookAt(s) : []));
	});
}
function lookAt(s: Swatch): Looked[] {
	const of = (side: Side) => pool(settledOnly(s.readings), (r) => densityOf(r, side), false);
	const [stitches, rows] = [of('stitches'), of('rows')];
	const state = rows?.state ?? stitches?.state;
	if (!state) return [];
	const size = (side: Side, p: Pool | undefined): Looked['sizes'] =>
		!p || p.state !== state
			? []
			: [
					{
						id: side,
						ratio: 1 / p.estimate.mean,
						sd: relative(p.estimate) * (READING_KNOWN / READING_RELATIVE_SD),
						by: [{ on: 0, stitches: 0, rows: 0, [side]: -1 }]
					}
				];
	return [
		{
			resultId: `swatch ${s.id}`,
			projectId: `swatch ${s.id}` as Looked['projectId'],
			projectName: '',
			machineId: s.machineId,
			pins: 2,
			rows: 1,
			state,
			on: [
				{
					machineId: s.machineId,
					yarnId: s.yarnId,
					strands: s.strands,
					stitchesPerCm: 1,
					rowsPerCm: 1,
					loopCm: null,
					fed: { slot: s.slot, hand: s.hand }
				}
			],
			sizes: [...size('stitches', stitches), ...size('rows', rows)],
			minutes: null,
			usualMinutes: null,
			aside: true
		}
	];
}

/** What everything measured on a bench teaches together. */
export const lessonsOf = (book: GaugeBook): Lessons =>
	book.lessons(knownIn(book), () => asides(book));
