import { Matrix } from 'ml-matrix';
import type { Fed, MachineId, SwatchState } from '../../model/bench';
import type { Evidence } from '../../model/project';
import { entryAt } from '../../quantity/sure';
import {
	between,
	blockOf,
	changed,
	density,
	firstsOf,
	priorsOf,
	SIDES,
	Unknowns,
	type Known,
	type Looked,
	type Pairs,
	type Told
} from './blocks';
import type { Side } from './density';
import { fedApart, type Term } from './feed';
import { offOf, scatterOf, solve, weigh, type Block } from './least-squares';
import { PIECE_RELATIVE_SD } from './spread';
import { together } from './together';

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
	/** Where nothing was measured as it is to be fed: how that was fed which it is carried from. */
	readonly carried: Fed | null;
}
/** Unknowns of things that hang together past which no maker comes: a file may. */
const MOST_UNKNOWNS = 600;

type On = Evidence['on'][number];
export interface Lessons {
	/** What was taught of one side of a pair whose density was known in a state; undefined where nothing was. */
	readonly of: (
		pair: string,
		side: Side,
		known: Pick<Known, 'state' | 'fed'>,
		wished?: Wished
	) => Taught | undefined;
	/** What another way of feeding has more of a density, in logs, and the variance of that. */
	readonly carry: (terms: readonly Term[]) => { readonly more: number; readonly variance: number };
	/** What a look's density has more, in logs, than the same as it was known, by its state and the way it was fed. */
	readonly apart: (on: On, side: Side, state: Evidence['state']) => number;
}
/** How the yarn is to be fed, on which machine. */
export interface Wished {
	readonly machineId: MachineId;
	readonly fed: Fed;
}
/** Unknowns that were found together. */
interface Solved {
	readonly unknowns: Unknowns;
	readonly x: Matrix;
	readonly factors: ReturnType<typeof solve>['factors'];
	readonly scatter: number;
	readonly about: ReturnType<typeof aboutOf>;
}

/** What things that hang together teach; too many to be weighed at once are weighed in halves. */
function solvedOf(looks: readonly Looked[], pairs: Told): Solved[] {
	const unknowns = new Unknowns();
	const things = new Map<string, Looked[]>();
	for (const e of looks) things.set(e.projectId, [...(things.get(e.projectId) ?? []), e]);
	const blocks = [...things.values()].flatMap((l) => blockOf(l, unknowns, pairs) ?? []);
	if (blocks.length === 0) return [];
	const size = unknowns.places.size;
	if (size > MOST_UNKNOWNS && things.size > 1) {
		const keys = [...things.keys()].sort();
		const half = new Set(keys.slice(0, Math.ceil(keys.length / 2)));
		// The first speaks where both do.
		return [true, false].flatMap((is) =>
			solvedOf(
				looks.filter((e) => half.has(e.projectId) === is),
				pairs
			)
		);
	}
	const priors = priorsOf(looks, unknowns, pairs);
	const x = weigh(priors, blocks, size);
	const scatter = scatterOf(blocks, x);
	const settled = solve(priors, blocks, size, scatter);
	return [{ unknowns, ...settled, scatter, about: aboutOf(blocks, unknowns, x) }];
}

/** Which looks speak of each density, and how far they are off, in their own sds. */
function aboutOf(blocks: readonly Block<Looked>[], unknowns: Unknowns, x: Matrix) {
	const names = [...unknowns.places.keys()];
	const about = new Map<string, { looks: Looked[]; n: number; squares: number }>();
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

/** What terms come to together: those found together err together, those nothing was found of as before. */
function sumOf(terms: readonly Term[], where: ReadonlyMap<string, Solved>) {
	let [more, variance] = [0, 0];
	const picks = new Map<Solved, Matrix>();
	for (const t of terms) {
		const solved = where.get(t.name);
		const place = solved?.unknowns.places.get(t.name);
		if (!solved || place === undefined) variance += t.times ** 2 * t.variance;
		else {
			const pick = picks.get(solved) ?? new Matrix(solved.x.rows, 1);
			pick.set(place, 0, pick.get(place, 0) + t.times);
			picks.set(solved, pick);
		}
	}
	for (const [{ x, factors }, pick] of picks) {
		more += pick.transpose().mmul(x).get(0, 0);
		variance += pick.transpose().mmul(factors.solve(pick)).get(0, 0);
	}
	return { more, variance };
}

/** Asked once of each pair of a look. */
function once<T>(ask: (on: On) => T): (on: On) => T {
	const known = new Map<On, T>();
	return (on) => {
		const is = known.get(on) ?? ask(on);
		known.set(on, is);
		return is;
	};
}

/**
 * What finished things teach of the densities of machines with yarns: the least sum of squares over everything that was
 * measured and all that was known before, in logs, so that order does not matter and nothing erases anything. The sizes of one
 * thing share what it differs from others; a reading far out pulls no further than `BOUND` of its sds; how a yarn changes
 * fresh, washed or worn, and what a slot or a hand changes, is learned with it.
 */
export function teach(looks: readonly Looked[], known: Pairs): Lessons {
	const said = looks.filter((e) => e.sizes.length > 0);
	const first = firstsOf(said, known);
	const pairs: Told = { first, keyOf: once(known.keyOf), knownOf: once(known.knownOf) };
	const groups = together(said, (e) =>
		e.on.flatMap((on) => {
			const { pair, yarn } = pairs.keyOf(on);
			const fed = on.fed ? SIDES.flatMap((side) => between(on, side, 'rested', pairs)) : [];
			const shared = fed.flatMap((t) => (t.name.startsWith('fed ') ? [t.name] : []));
			return [`pair ${pair}`, `yarn ${yarn}`, ...shared];
		})
	);
	const where = new Map<string, Solved>();
	for (const solved of groups.flatMap((g) => solvedOf(g, pairs)))
		for (const name of solved.unknowns.places.keys()) if (!where.has(name)) where.set(name, solved);
	return {
		carry: (terms) => sumOf(terms, where),
		apart: (on, side, state) => sumOf(between(on, side, state, pairs), where).more,
		of: (pair, side, before, wished) => {
			const name = density(pair, side);
			const solved = where.get(name);
			const here = solved?.about.get(name);
			const one = here?.looks[0]?.on.find((on) => pairs.keyOf(on).pair === pair);
			if (!solved || !here || !one) return undefined;
			const state = here.looks.some((l) => l.state === 'washed') ? 'washed' : before.state;
			const aged = state === before.state ? [] : changed(pairs.keyOf(one).yarn, 'washed', side, 1);
			const from = before.fed ?? first.get(pair);
			const moved = wished ? fedApart(wished.machineId, side, from, wished.fed) : [];
			const { more, variance } = sumOf([{ name, times: 1, variance: 0 }, ...aged, ...moved], where);
			const asWished = (on: On) =>
				pairs.keyOf(on).pair === pair &&
				on.fed &&
				wished &&
				fedApart(wished.machineId, side, on.fed, wished.fed).length === 0;
			const things = here.looks.filter((l) => !l.aside);
			return {
				more,
				variance,
				state,
				piece: PIECE_RELATIVE_SD * Math.sqrt(solved.scatter),
				things: [...new Map(things.map((l) => [l.projectId, l.projectName])).values()],
				discord: here.n > 1 ? Math.max(1, Math.sqrt(here.squares / (here.n - 1))) : 1,
				carried:
					moved.length > 0 && from && !here.looks.some((l) => l.on.some(asWished)) ? from : null
			};
		}
	};
}
