import { entryAt } from '../quantity/sure';
import { chanceShort } from '../quantity/short';
import type { Yarn, YarnId } from '../model/bench';
import type { Order } from '../model/order';
import type { Project } from '../model/project';
import type { Plan } from '../plan/types';
import { estimate, scale, weakest, type Estimate } from '../quantity/estimate';
import { splitGrams, type Lookup } from '../bench/yarn/parts';

/** One line of an order with the plan of one of it. */
export interface OrderLine {
	readonly project: Project;
	readonly plan: Plan;
	/** Still to be made. */
	readonly wanted: number;
}

/** Yarn over the whole order. Grams. */
export interface YarnOfOrder {
	readonly yarnId: YarnId;
	readonly need: Estimate;
	/** What of it is there for this order, held for nothing else. */
	readonly have: number;
	/** Chance that what is there is enough for all that is wanted. */
	readonly enough: number;
	/** Whole balls that are missing for an even chance and for a sure one. */
	readonly ballsMissing: number;
	readonly ballsToBeSure: number;
}

/** Why something stands where it does in the order of making. */
export type OrderReason = 'sure' | 'tight' | 'short';

export interface Batch {
	readonly line: number;
	readonly count: number;
	readonly why: OrderReason;
	readonly minutes: Estimate;
	/** The yarn that decides, where one does. */
	readonly yarnId: YarnId | null;
}

export interface OrderPlan {
	readonly yarns: readonly YarnOfOrder[];
	/** How many of each line the yarn on hand gives, in the order of the lines. */
	readonly possible: readonly number[];
	/** Whether nothing better can be: false where the search was cut short. */
	readonly best: boolean;
	/** In the order of making. */
	readonly batches: readonly Batch[];
	/** Of all that is wanted: at the crank and by hand, minutes. */
	readonly crank: Estimate;
	readonly byHand: Estimate;
}

/** Steps of the search for the most that can be made, before the best found so far is taken. */
const MOST_STEPS = 60_000;
/** A chance that makers call sure. */
const SURE = 0.95;
/** Normal quantile of that chance: so many spreads more. */
const SURE_SDS = 1.645;

const total = (list: readonly Estimate[]): Estimate =>
	estimate(
		list.reduce((t, e) => t + e.mean, 0),
		// One yarn, one pair of hands: what errs in one errs alike in the next.
		list.reduce((t, e) => t + e.sd, 0),
		list.length > 0 ? weakest(...list.map((e) => e.basis)) : 'measured'
	);

/** Grams of each single yarn in one of a plan. */
function needsOf(plan: Plan, lookup: Lookup): Map<YarnId, Estimate> {
	const needs = new Map<YarnId, Estimate>();
	for (const a of plan.amounts) {
		const { value } = a.grams;
		for (const part of splitGrams(entryAt(plan.yarns, a.yarn), value.mean, lookup)) {
			const share = value.mean > 0 ? part.grams / value.mean : 0;
			const here = scale(value, share);
			const before = needs.get(part.yarnId);
			needs.set(part.yarnId, before ? total([before, here]) : here);
		}
	}
	return needs;
}

interface Demand {
	readonly wanted: number;
	/** Grams by the place of the yarn. */
	readonly grams: readonly number[];
}

/**
 * The most things that can be made of what there is: whole numbers, at most as many as are wanted; of equals, more of the
 * lines that stand first. A search with a bound over the lines, the best found where it takes too long.
 */
export function mostOf(
	demands: readonly Demand[],
	have: readonly number[]
): { readonly counts: readonly number[]; readonly best: boolean } {
	let steps = 0;
	let top: readonly number[] = demands.map(() => 0);
	let topSum = -1;
	const fits = (d: Demand, left: readonly number[]): number =>
		d.grams.reduce(
			(n, g, y) => (g > 0 ? Math.min(n, Math.floor((entryAt(left, y) + 1e-9) / g)) : n),
			d.wanted
		);
	const walk = (i: number, left: readonly number[], counts: readonly number[], sum: number) => {
		if (steps++ > MOST_STEPS) return;
		if (i === demands.length) {
			if (sum > topSum) [top, topSum] = [counts, sum];
			return;
		}
		const bound = demands.slice(i).reduce((t, d) => t + fits(d, left), 0);
		// Lines are filled first to last, most first: an equal sum later has less of the first.
		if (sum + bound <= topSum) return;
		const d = entryAt(demands, i);
		for (let n = fits(d, left); n >= 0; n--)
			walk(
				i + 1,
				left.map((g, y) => g - n * entryAt(d.grams, y)),
				[...counts, n],
				sum + n
			);
	};
	walk(0, have, [], 0);
	return { counts: top, best: steps <= MOST_STEPS };
}

/** Chance that `have` covers an estimate. */
const chance = (need: Estimate, have: number): number => 1 - chanceShort(need.mean, need.sd, have);

/** What an order takes, what of it the yarn gives, and what to make first. Lines without a plan are left out before, and of the `yarns` what others hold. */
export function planOrder(lines: readonly OrderLine[], yarns: readonly Yarn[]): OrderPlan {
	const byId = new Map(yarns.map((y) => [y.id, y]));
	const lookup: Lookup = (id) => byId.get(id);
	const needs = lines.map((l) => needsOf(l.plan, lookup));
	const ids = [...new Set(needs.flatMap((n) => [...n.keys()]))];
	const have = ids.map((id) => byId.get(id)?.gramsOnHand ?? 0);
	const demands = lines.map((l, i) => ({
		wanted: l.wanted,
		grams: ids.map((id) => entryAt(needs, i).get(id)?.mean ?? 0)
	}));
	const { counts, best } = mostOf(demands, have);
	const ofYarn = ids.map((yarnId, y): YarnOfOrder => {
		const need = total(
			lines.flatMap((l, i) => {
				const one = entryAt(needs, i).get(yarnId);
				return one && l.wanted > 0 ? [scale(one, l.wanted)] : [];
			})
		);
		const ball = byId.get(yarnId)?.ballGrams ?? 100;
		const balls = (grams: number) =>
			Math.max(0, Math.ceil((grams - entryAt(have, y)) / ball - 1e-9));
		return {
			yarnId,
			need,
			have: entryAt(have, y),
			enough: chance(need, entryAt(have, y)),
			ballsMissing: balls(need.mean),
			ballsToBeSure: balls(need.mean + SURE_SDS * need.sd)
		};
	});
	const minutes = (l: OrderLine, n: number) => scale(l.plan.time.value, n);
	const hand = (l: OrderLine): Estimate | null =>
		l.plan.byHand ? scale(l.plan.byHand.value, l.wanted) : null;
	return {
		yarns: ofYarn,
		possible: counts,
		best,
		batches: batchesOf(lines, { counts, needs, yarns: ofYarn }, minutes),
		crank: total(lines.map((l) => minutes(l, l.wanted))),
		byHand: total(lines.flatMap((l) => hand(l) ?? []))
	};
}

/** How many of each line the yarn gives, what each takes, and the yarns by themselves. */
interface Stock {
	readonly counts: readonly number[];
	readonly needs: readonly ReadonlyMap<YarnId, Estimate>[];
	readonly yarns: readonly YarnOfOrder[];
}

/** Sure things first, machine by machine; then what is tight, which is weighed before it is begun; what yarn is short for last. */
function batchesOf(
	lines: readonly OrderLine[],
	{ counts, needs, yarns }: Stock,
	minutes: (l: OrderLine, n: number) => Estimate
): Batch[] {
	const tightest = (i: number): YarnOfOrder | null =>
		yarns
			.filter((y) => entryAt(needs, i).has(y.yarnId))
			.reduce<YarnOfOrder | null>((a, y) => (a && a.enough <= y.enough ? a : y), null);
	const batches = lines.flatMap((l, i): Batch[] => {
		const can = entryAt(counts, i);
		const yarn = tightest(i);
		const sure = !yarn || yarn.enough >= SURE;
		const batch = (count: number, why: OrderReason): Batch[] =>
			count > 0
				? [
						{
							line: i,
							count,
							why,
							minutes: minutes(l, count),
							yarnId: why === 'sure' ? null : (yarn?.yarnId ?? null)
						}
					]
				: [];
		return [...batch(can, sure ? 'sure' : 'tight'), ...batch(l.wanted - can, 'short')];
	});
	const rank = { sure: 0, tight: 1, short: 2 } as const;
	/** The machine of a batch by where it first comes: fewest changes, and the most wanted still first. */
	const firstOn = (b: Batch) =>
		lines.findIndex((l) => l.project.machineId === entryAt(lines, b.line).project.machineId);
	return batches.sort(
		(a, b) => rank[a.why] - rank[b.why] || firstOn(a) - firstOn(b) || a.line - b.line
	);
}

/** Lines of an order that are still to be made, with their plans; those without one are named. */
export function linesOf(
	order: Order,
	projects: readonly Project[],
	planOf: (p: Project) => Plan | null
): { readonly lines: readonly OrderLine[]; readonly lost: readonly string[] } {
	const lost: string[] = [];
	const lines = order.lines.flatMap((l): OrderLine[] => {
		const project = projects.find((p) => p.id === l.projectId);
		const plan = project && planOf(project);
		if (!project || !plan) {
			lost.push(l.projectId);
			return [];
		}
		return [{ project, plan, wanted: Math.max(0, l.count - l.made) }];
	});
	return { lines, lost };
}
