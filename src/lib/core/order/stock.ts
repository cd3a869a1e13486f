import { entryAt, got } from '../quantity/sure';
import type { Yarn, YarnId } from '../model/bench';
import type { Bench, Project, UsedYarn } from '../model/project';
import { plan } from '../plan';
import type { Estimate } from '../quantity/estimate';
import { gramsOnHand, splitGrams, type Lookup } from '../bench/yarn/parts';

/** Yarn that a planned project holds back. */
export interface Held {
	readonly yarnId: YarnId;
	readonly projectId: Project['id'];
	readonly projectName: string;
	readonly grams: number;
}

const lookupIn = (yarns: readonly Yarn[]): Lookup => {
	const byId = new Map(yarns.map((y) => [y.id, y]));
	return (id) => byId.get(id);
};

/** Grams of each single yarn that a project's plan needs; empty where it cannot be planned. */
export function needs(project: Project, bench: Bench): { yarnId: YarnId; grams: number }[] {
	const made = plan(project, bench);
	if (!made.ok) return [];
	const lookup = lookupIn(bench.yarns);
	return made.amounts.flatMap((a) =>
		splitGrams(entryAt(made.yarns, a.yarn), a.grams.value.mean, lookup)
	);
}

/** What all planned projects hold back: those that hold yarn and are not yet taken off the stock. */
export const heldBy = (projects: readonly Project[], bench: Bench): Held[] =>
	projects
		.filter((p) => p.holdsYarn && p.used === null)
		.flatMap((p) =>
			needs(p, bench).map((n) => ({
				...n,
				projectId: p.id,
				projectName: p.name
			}))
		);

/** The yarns with what is free of them on hand: less what projects other than `except` hold back, never below 0. */
export function leftOf(yarns: readonly Yarn[], held: readonly Held[], except?: string): Yarn[] {
	const taken = new Map<YarnId, number>();
	for (const h of held)
		if (h.projectId !== except) taken.set(h.yarnId, (taken.get(h.yarnId) ?? 0) + h.grams);
	return yarns.map((y) => ({
		...y,
		gramsOnHand: Math.max(0, y.gramsOnHand - (taken.get(y.id) ?? 0))
	}));
}

/** Free grams of any yarn, found once for all of them; of a combination by what is left of its scarcest part. */
export function freeBook(
	yarns: readonly Yarn[],
	held: readonly Held[],
	except?: string
): (yarn: Yarn) => number {
	const lookup = lookupIn(leftOf(yarns, held, except));
	return (yarn) => gramsOnHand(lookup(yarn.id) ?? yarn, lookup);
}

/**
 * The yarns as they are once `used` is taken off them, in the order of the bench and only those that change.
 * Nothing goes below 0: what was used up is gone, whatever the sum said.
 */
export function takeOff(used: readonly UsedYarn[], yarns: readonly Yarn[]): Yarn[] {
	return change(used, yarns, -1);
}
/** The yarns as they are once `used` is put back. */
export function putBack(used: readonly UsedYarn[], yarns: readonly Yarn[]): Yarn[] {
	return change(used, yarns, 1);
}

function change(used: readonly UsedYarn[], yarns: readonly Yarn[], sign: 1 | -1): Yarn[] {
	const lookup = lookupIn(yarns);
	const by = new Map<YarnId, number>();
	for (const u of used) {
		const yarn = lookup(u.yarnId);
		if (!yarn) continue;
		for (const part of splitGrams(yarn, u.grams, lookup))
			by.set(part.yarnId, (by.get(part.yarnId) ?? 0) + part.grams);
	}
	const tenth = (g: number) => Math.round(g * 10) / 10;
	return yarns
		.filter((y) => by.has(y.id))
		.map((y) => ({ ...y, gramsOnHand: Math.max(0, tenth(y.gramsOnHand + sign * got(by, y.id))) }));
}

/** What a plan's sum says was used, g to the tenth. */
export const usedBySum = (yarnId: YarnId, { mean }: Estimate): UsedYarn => ({
	yarnId,
	grams: Math.round(mean * 10) / 10,
	how: 'sum'
});
/** What would lie there after, by the sum, g; none below nothing. */
export const leftBySum = (beforeGrams: number, { mean }: Estimate): number =>
	Math.max(0, Math.round(beforeGrams - mean));

/** What was used, by weighing each yarn before and after; null where the scale shows more after than before. */
export function usedByWeight(
	yarnId: YarnId,
	beforeGrams: number,
	afterGrams: number
): UsedYarn | null {
	const grams = beforeGrams - afterGrams;
	return grams < 0 ? null : { yarnId, grams, how: 'weighed' };
}
