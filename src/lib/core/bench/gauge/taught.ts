import { Matrix } from 'ml-matrix';
import type { SwatchState } from '../../model/bench';
import type { Evidence } from '../../model/project';
import { entryAt, got } from '../../quantity/sure';
import type { Side } from './density';
import { offOf, scatterOf, solve, weigh, type Block, type Line, type Prior } from './least-squares';
import { PIECE_RELATIVE_SD } from './spread';

export const SIDES = ['stitches', 'rows'] as const;

/** A density known before anything finished was measured: its log, how well it is known (variance of the log), and in which state. */
export interface Known {
	readonly ln: number;
	readonly variance: number;
	readonly state: SwatchState;
}
/** What finished things make of it. */
export interface Taught {
	/** To be added to the log that was known; its variance then; and the state that it then speaks of. */
	readonly more: number;
	readonly variance: number;
	readonly state: SwatchState;
	/** Relative sd by which one piece of this maker differs from another. */
	readonly piece: number;
	/** Names of the things it was learned from, each once; two may have one name. */
	readonly things: readonly string[];
	/** How much more they scatter than such things do; 1 where they agree. */
	readonly discord: number;
}

/** How much a fabric changes from rested to another state before anything is known of it (one sd of the log; from memory). */
const CHANGE_SD = { fresh: 0.04, washed: 0.03, worn: 0.04 } as const;
/** Sizes of one thing, and unknowns of things that hang together, past which no maker comes: a file may. */
const MOST_SIZES = 80;
const MOST_UNKNOWNS = 600;
/** A size that moves less than this with a density says nothing of it. */
const LEAST_MOVE = 0.05;

export interface Lessons {
	/** What was taught of one side of a pair whose density was known in a state; undefined where nothing was. */
	readonly of: (pair: string, side: Side, known: SwatchState) => Taught | undefined;
}
export interface Pairs {
	/** One key for all colours of one yarn in as many strands on one machine. */
	readonly keyOf: (on: Evidence['on'][number]) => { readonly pair: string; readonly yarn: string };
	/** What is known of a pair without anything finished; a colour may have a swatch of its own. */
	readonly knownOf: (on: Evidence['on'][number]) => Readonly<Record<Side, Known>>;
}

class Unknowns {
	readonly places = new Map<string, number>();
	at(name: string): number {
		const known = this.places.get(name);
		if (known !== undefined) return known;
		this.places.set(name, this.places.size);
		return this.places.size - 1;
	}
}
const density = (pair: string, side: Side) => `${pair} ${side}`;
const change = (yarn: string, state: string, side: Side) => `${yarn} ${state} ${side}`;

/** Things that have a pair or a yarn in common teach together; others apart. */
function together(evidence: readonly Evidence[], { keyOf }: Pairs): Evidence[][] {
	const root = new Map<string, string>();
	const find = (k: string): string => {
		let at = k;
		while (root.get(at) !== undefined && root.get(at) !== at) at = got(root, at);
		return at;
	};
	for (const e of evidence) {
		const names = [
			`thing ${e.projectId}`,
			...e.on.flatMap((on) => {
				const { pair, yarn } = keyOf(on);
				return [`pair ${pair}`, `yarn ${yarn}`];
			})
		];
		for (const n of names) root.set(find(n), find(names[0] ?? n));
	}
	const groups = new Map<string, Evidence[]>();
	for (const e of evidence) {
		const k = find(`thing ${e.projectId}`);
		groups.set(k, [...(groups.get(k) ?? []), e]);
	}
	return [...groups.values()];
}

/** One thing: its sizes, seen once or more often, which share what this piece differs from others. */
function blockOf(
	looks: readonly Evidence[],
	unknowns: Unknowns,
	pairs: Pairs
): Block<Evidence> | null {
	const lines: Line[] = [];
	const shares: Map<string, number>[] = [];
	const of: Evidence[] = [];
	const tape: number[] = [];
	for (const e of looks)
		for (const size of e.sizes) {
			const at = new Map<number, number>();
			const share = new Map<string, number>();
			let value = Math.log(size.ratio);
			for (const by of size.by) {
				const on = e.on[by.on];
				if (!on) continue;
				const { pair, yarn } = pairs.keyOf(on);
				const known = pairs.knownOf(on);
				for (const side of SIDES) {
					const move = by[side];
					if (Math.abs(move) < LEAST_MOVE) continue;
					const name = density(pair, side);
					const add = (name: string, times: number) => {
						const place = unknowns.at(name);
						at.set(place, (at.get(place) ?? 0) + times);
					};
					add(name, move);
					if (e.state !== known[side].state) {
						if (e.state !== 'rested') add(change(yarn, e.state, side), move);
						if (known[side].state !== 'rested') add(change(yarn, known[side].state, side), -move);
					}
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
function priorsOf(evidence: readonly Evidence[], unknowns: Unknowns, pairs: Pairs): Prior[] {
	const least = new Map<number, number>();
	for (const e of evidence)
		for (const on of e.on) {
			const { pair } = pairs.keyOf(on);
			const known = pairs.knownOf(on);
			for (const side of SIDES) {
				const place = unknowns.places.get(density(pair, side));
				if (place === undefined) continue;
				least.set(place, Math.min(least.get(place) ?? Infinity, known[side].variance));
			}
		}
	for (const [name, place] of unknowns.places)
		for (const state of ['fresh', 'washed', 'worn'] as const)
			if (SIDES.some((s) => name.endsWith(` ${state} ${s}`)))
				least.set(place, CHANGE_SD[state] ** 2);
	return [...least].map(([place, variance]) => ({
		line: { at: [[place, 1]], value: 0 },
		variance
	}));
}

/** What things that hang together teach, by what it is asked of; each is worked out as it is asked. */
function lessonsOf(evidence: readonly Evidence[], pairs: Pairs): Map<string, Answer> {
	const unknowns = new Unknowns();
	const things = new Map<string, Evidence[]>();
	for (const e of evidence) things.set(e.projectId, [...(things.get(e.projectId) ?? []), e]);
	const blocks = [...things.values()].flatMap((looks) => blockOf(looks, unknowns, pairs) ?? []);
	const answers = new Map<string, Answer>();
	if (blocks.length === 0) return answers;
	const size = unknowns.places.size;
	if (size > MOST_UNKNOWNS && things.size > 1) {
		// Too many to be weighed at once: in two halves, of which the first speaks where both do.
		const keys = [...things.keys()].sort();
		const first = new Set(keys.slice(0, Math.ceil(keys.length / 2)));
		const half = (is: boolean) =>
			lessonsOf(
				evidence.filter((e) => first.has(e.projectId) === is),
				pairs
			);
		return new Map([...half(false), ...half(true)]);
	}
	const priors = priorsOf(evidence, unknowns, pairs);
	const x = weigh(priors, blocks, size);
	const scatter = scatterOf(blocks, x);
	const settled = solve(priors, blocks, size, scatter);
	const about = aboutOf(blocks, unknowns, x);
	for (const e of evidence)
		for (const on of e.on) {
			const { pair, yarn } = pairs.keyOf(on);
			for (const side of SIDES) {
				const name = density(pair, side);
				const here = about.get(name);
				const place = unknowns.places.get(name);
				if (!here || place === undefined || answers.has(name)) continue;
				const washed = unknowns.places.get(change(yarn, 'washed', side));
				answers.set(name, (known) => {
					const state = here.looks.some((l) => l.state === 'washed') ? 'washed' : known;
					const at: [number, number][] = [[place, 1]];
					if (state !== known && washed !== undefined) at.push([washed, 1]);
					const pick = new Matrix(size, 1);
					for (const [i, times] of at) pick.set(i, 0, times);
					return {
						more: at.reduce((t, [i, times]) => t + times * settled.x.get(i, 0), 0),
						variance: pick.transpose().mmul(settled.factors.solve(pick)).get(0, 0),
						state,
						piece: PIECE_RELATIVE_SD * Math.sqrt(scatter),
						things: [...new Map(here.looks.map((l) => [l.projectId, l.projectName])).values()],
						discord: here.n > 1 ? Math.max(1, Math.sqrt(here.squares / (here.n - 1))) : 1
					};
				});
			}
		}
	return answers;
}
type Answer = (known: SwatchState) => Taught;

/** Which looks speak of each density, and how far they are off, in their own sds. */
function aboutOf(blocks: readonly Block<Evidence>[], unknowns: Unknowns, x: Matrix) {
	const names = [...unknowns.places.keys()];
	const about = new Map<string, { looks: Evidence[]; n: number; squares: number }>();
	for (const b of blocks)
		for (const [i, l] of b.lines.entries()) {
			const off = offOf(l, x) / Math.sqrt(b.cov.get(i, i));
			for (const [place] of l.at) {
				const name = entryAt(names, place);
				const here = about.get(name) ?? { looks: [], n: 0, squares: 0 };
				here.looks.push(entryAt(b.of, i));
				here.n += 1;
				here.squares += off ** 2;
				about.set(name, here);
			}
		}
	return about;
}

/**
 * What finished things teach of the densities of machines with yarns: the least sum of squares over everything that was
 * measured and all that was known before, in logs, so that order does not matter and nothing erases anything. The sizes of one
 * thing share what it differs from others; a reading far out pulls no further than `BOUND` of its sds; how a yarn changes
 * fresh, washed or worn is learned with it.
 */
export function teach(evidence: readonly Evidence[], pairs: Pairs): Lessons {
	const said = evidence.filter((e) => e.sizes.length > 0);
	const answers = new Map(together(said, pairs).flatMap((g) => [...lessonsOf(g, pairs)]));
	return { of: (pair, side, known) => answers.get(density(pair, side))?.(known) };
}
