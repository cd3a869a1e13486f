import { entryAt } from '../quantity/sure';
import type { Gauge } from '../bench/gauge/gauge';
import type { Verdict, Yarn } from '../model/bench';
import { relative } from '../quantity/estimate';
import { WASHES, DRIES } from '../model/kinds';
import { workingClass } from '../bench/yarn/held-together';
import { twistKey } from '../bench/yarn/tex';

/** What a stand-in is judged by. */
export const CRITERIA = [
	'width',
	'length',
	'amount',
	'runs',
	'stretch',
	'strength',
	'smoothness',
	'washing'
] as const;
export type Criterion = (typeof CRITERIA)[number];

/** How much each counts (from memory of what makers ask first: does it fit, is it enough, does the machine take it). */
export const WEIGHT: Record<Criterion, number> = {
	width: 3,
	length: 1,
	amount: 3,
	runs: 2,
	stretch: 1,
	strength: 1,
	smoothness: 0.5,
	washing: 0.5
};

/** One yarn as it would stand in, with what is known of it here. */
export interface Compared {
	readonly wanted: Yarn;
	readonly wantedGauge: Gauge;
	readonly yarn: Yarn;
	readonly gauge: Gauge;
	/** Chance that what is free is enough, 0 to 1; 1 for a yarn still to be bought. */
	readonly enough: number;
	/** True where this yarn is drawn up as a gather or zip. */
	readonly drawnUp: boolean;
	/** The maker's newest test of it on this machine. */
	readonly verdict: Verdict | null;
}

/** Marks from 0 (will not do) to 1 (as good as the yarn it stands for). */
export type Marks = Readonly<Record<Criterion, number>>;

/** A tube a quarter of this narrower is noticed; one this much narrower is another size (from memory). */
const WIDTH_SCALE = 0.08;
/** Length is worked out anew; only its doubt counts. */
const LENGTH_SCALE = 0.15;

const nearness = (difference: number, doubt: number, scale: number): number =>
	Math.exp(-(difference ** 2 + doubt ** 2) / (2 * scale ** 2));

/** Readings that both yarns share do not make one differ from the other. */
const sameTwist = (c: Compared): boolean =>
	twistKey(c.wanted) === twistKey(c.yarn) && c.wanted.strands === c.yarn.strands;

const RUNS: Record<Verdict, number> = { runs: 1, care: 0.7, fails: 0.05 };
const UNTRIED = 0.9;
/** Class 5 and up mostly jams (common practice). */
const JAMS_FROM_CLASS = 5;
const JAMS = 0.2;

function washing({ wanted, yarn }: Compared): number {
	const rougher = (order: readonly string[], a: string, b: string) =>
		a === 'unknown' ? 1 : b === 'unknown' ? 0.8 : order.indexOf(b) >= order.indexOf(a) ? 1 : 0.5;
	return Math.min(rougher(WASHES, wanted.wash, yarn.wash), rougher(DRIES, wanted.dry, yarn.dry));
}

/** How well a yarn stands in for another, by criterion. */
export function marksOf(c: Compared): Marks {
	const same = sameTwist(c);
	const off = Math.log(c.gauge.stitchesPerCm.mean / c.wantedGauge.stitchesPerCm.mean);
	const tried = c.verdict === null ? (same ? 1 : UNTRIED) : RUNS[c.verdict];
	return {
		width: same ? 1 : nearness(off, relative(c.gauge.stitchesPerCm), WIDTH_SCALE),
		length: same ? 1 : nearness(0, relative(c.gauge.rowsPerCm), LENGTH_SCALE),
		amount: c.enough,
		runs: workingClass(c.yarn) >= JAMS_FROM_CLASS && c.verdict !== 'runs' ? JAMS * tried : tried,
		stretch: c.wanted.stretch === c.yarn.stretch ? 1 : c.yarn.stretch === 'little' ? 0.4 : 0.8,
		strength: c.yarn.strength === 'weak' && c.drawnUp && c.wanted.strength === 'strong' ? 0.3 : 1,
		smoothness: c.yarn.surface === 'fuzzy' && c.wanted.surface === 'smooth' ? 0.5 : 1,
		washing: washing(c)
	};
}

const TOTAL = Object.values(WEIGHT).reduce((a, b) => a + b, 0);

/** One number to rank by: the weighted mean of the marks, 0 to 1. */
export const scoreOf = (marks: Marks): number =>
	CRITERIA.reduce((t, c) => t + WEIGHT[c] * marks[c], 0) / TOTAL;

/** The criterion that speaks most against it, or null where none does; and the one that speaks most for it. */
export function extremes(marks: Marks): { best: Criterion; worst: Criterion | null } {
	const cost = (c: Criterion) => WEIGHT[c] * (1 - marks[c]);
	const byCost = [...CRITERIA].sort((a, b) => cost(b) - cost(a));
	const worst = entryAt(byCost, 0);
	const best = entryAt(
		[...CRITERIA].sort((a, b) => WEIGHT[b] * marks[b] - WEIGHT[a] * marks[a]),
		0
	);
	return { best, worst: cost(worst) > 0.02 ? worst : null };
}
