import { Matrix } from 'ml-matrix';
import type { Fed, SwatchState } from '../../model/bench';
import type { Evidence } from '../../model/project';
import { entryAt } from '../../quantity/sure';
import type { Side } from './density';
import { fedApart, type Term } from './feed';
import type { Block, Line, Prior } from './least-squares';
import { PIECE_RELATIVE_SD } from './spread';

export const SIDES = ['stitches', 'rows'] as const;

/** A density known before anything finished was measured: its log, how well it is known (variance of the log), in which state, and fed how. */
export interface Known {
	readonly ln: number;
	readonly variance: number;
	readonly state: SwatchState;
	/** Null where no swatch says it: then as the first of what was finished. */
	readonly fed: Fed | null;
}
/** A look at something finished; `aside` are readings of a swatch fed otherwise than that which speaks first. */
export type Looked = Evidence & { readonly aside?: true };

type On = Evidence['on'][number];
export interface Pairs {
	/** One key for all colours of one yarn in as many strands on one machine. */
	readonly keyOf: (on: On) => { readonly pair: string; readonly yarn: string };
	/** What is known of a pair without anything finished; a colour may have a swatch of its own. */
	readonly knownOf: (on: On) => Readonly<Record<Side, Known>>;
}

/** How much a fabric changes from rested to another state before anything is known of it (one sd of the log; from memory). */
const CHANGE_SD = { fresh: 0.04, washed: 0.03, worn: 0.04 } as const;
/** Sizes of one thing past which no maker comes: a file may. */
const MOST_SIZES = 80;
/** A size that moves less than this with a density says nothing of it. */
const LEAST_MOVE = 0.05;

/** Places of the unknowns by their names, and the variance of those that something is known of whatever is measured. */
export class Unknowns {
	readonly places = new Map<string, number>();
	readonly variances = new Map<number, number>();
	at(name: string, variance?: number): number {
		const known = this.places.get(name);
		if (known !== undefined) return known;
		const place = this.places.size;
		this.places.set(name, place);
		if (variance !== undefined) this.variances.set(place, variance);
		return place;
	}
}
export const density = (pair: string, side: Side) => `${pair} ${side}`;
export const changed = (
	yarn: string,
	state: Evidence['state'],
	side: Side,
	times: number
): Term[] =>
	state === 'rested'
		? []
		: [{ name: `${yarn} ${state} ${side}`, times, variance: CHANGE_SD[state] ** 2 }];

/** What lies between a density as it was known and as a look has it: the state, and the way it was fed. */
export function between(
	on: On,
	side: Side,
	state: Evidence['state'],
	{ keyOf, knownOf, first }: Told
): Term[] {
	const known = knownOf(on)[side];
	if (state === known.state && !on.fed) return [];
	const { pair, yarn } = keyOf(on);
	const aged =
		state === known.state
			? []
			: [...changed(yarn, state, side, 1), ...changed(yarn, known.state, side, -1)];
	return [...aged, ...fedApart(on.machineId, side, known.fed ?? first.get(pair), on.fed)];
}
/** With how the first of each pair was fed. */
export interface Told extends Pairs {
	readonly first: Firsts;
}
/** How the first of each pair was fed, by slot and not by time: a pair without a swatch is known as that. */
type Firsts = ReadonlyMap<string, Fed>;
export function firstsOf(looks: readonly Looked[], { keyOf }: Pairs): Firsts {
	const first = new Map<string, Fed>();
	for (const on of looks.flatMap((e) => e.on)) {
		const { pair } = keyOf(on);
		const was = first.get(pair);
		const before = !was || (on.fed && `${on.fed.slot} ${on.fed.hand}` < `${was.slot} ${was.hand}`);
		if (on.fed && before) first.set(pair, on.fed);
	}
	return first;
}

/** One thing: its sizes, seen once or more often, which share what this piece differs from others. */
export function blockOf(
	looks: readonly Looked[],
	unknowns: Unknowns,
	pairs: Told
): Block<Looked> | null {
	const lines: Line[] = [];
	const shares: Map<string, number>[] = [];
	const of: Looked[] = [];
	const tape: number[] = [];
	for (const e of looks)
		for (const size of e.sizes) {
			const at = new Map<number, number>();
			const share = new Map<string, number>();
			let value = Math.log(size.ratio);
			const add = (place: number, times: number) => at.set(place, (at.get(place) ?? 0) + times);
			for (const by of size.by) {
				const on = e.on[by.on];
				if (!on) continue;
				const { pair } = pairs.keyOf(on);
				const known = pairs.knownOf(on);
				for (const side of SIDES) {
					const move = by[side];
					if (Math.abs(move) < LEAST_MOVE) continue;
					const name = density(pair, side);
					add(unknowns.at(name), move);
					for (const t of between(on, side, e.state, pairs))
						add(unknowns.at(t.name, t.variance), move * t.times);
					share.set(name, (share.get(name) ?? 0) + move);
					const taken = side === 'rows' ? on.rowsPerCm : on.stitchesPerCm;
					value += move * (Math.log(taken) - known[side].ln);
				}
			}
			if (at.size === 0) continue;
			if (lines.length === MOST_SIZES) break;
			lines.push({ at: [...at], value });
			shares.push(share);
			tape.push(size.sd ** 2);
			of.push(e);
		}
	if (lines.length === 0) return null;
	const cov = new Matrix(lines.length, lines.length);
	for (const [i, a] of shares.entries())
		for (const [j, b] of shares.entries()) {
			let c = i === j ? entryAt(tape, i) : 0;
			for (const [name, move] of a) c += move * (b.get(name) ?? 0) * PIECE_RELATIVE_SD ** 2;
			cov.set(i, j, c);
		}
	return { lines, cov, of, belief: lines.map(() => 1) };
}

/** How well each density is known without: as by the best-known colour of its yarn. */
export function priorsOf(looks: readonly Looked[], unknowns: Unknowns, pairs: Pairs): Prior[] {
	const least = new Map(unknowns.variances);
	for (const on of looks.flatMap((e) => e.on)) {
		const known = pairs.knownOf(on);
		for (const side of SIDES) {
			const place = unknowns.places.get(density(pairs.keyOf(on).pair, side));
			if (place === undefined) continue;
			least.set(place, Math.min(least.get(place) ?? Infinity, known[side].variance));
		}
	}
	return [...least].map(([place, variance]) => ({
		line: { at: [[place, 1]], value: 0 },
		variance
	}));
}
