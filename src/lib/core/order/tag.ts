import { entryAt } from '../quantity/sure';
import type { Yarn } from '../model/bench';
import { DRIES, WASHES, type Dry, type Fibre, type Wash } from '../model/kinds';

/** A yarn in the finished thing, and how much of it. */
export interface Used {
	readonly yarn: Yarn;
	readonly grams: number;
}

export interface Tag {
	/** Whole per cents that add up to 100, the largest first. */
	readonly fibres: readonly { readonly fibre: Fibre; readonly percent: number }[];
	/** What the most delicate yarn in it allows; `unknown` where one label was never noted. */
	readonly wash: Wash;
	readonly dry: Dry;
	/** Yarns whose care was never noted. */
	readonly unknown: readonly string[];
}

/** Rounds shares to whole per cents that add up to 100 (largest remainder). */
function wholePercents<T>(shares: readonly (readonly [T, number])[]): [T, number][] {
	const total = shares.reduce((t, [, s]) => t + s, 0);
	const exact = shares.map(([k, s]) => [k, (100 * s) / total] as const);
	const floors = exact.map(([k, p]) => [k, Math.floor(p)] as [T, number]);
	const missing = 100 - floors.reduce((t, [, p]) => t + p, 0);
	const byRemainder = exact
		.map(([, p], i) => ({ i, rest: p - Math.floor(p) }))
		.sort((a, b) => b.rest - a.rest);
	for (const { i } of byRemainder.slice(0, missing)) entryAt(floors, i)[1] += 1;
	return floors.filter(([, p]) => p > 0).sort((a, b) => b[1] - a[1]);
}

/** What a tag for the finished thing says of fibre and care, from its yarns by weight. Undefined without yarn. */
export function tagOf(used: readonly Used[]): Tag | undefined {
	const real = used.filter((u) => u.grams > 0);
	if (real.length === 0) return undefined;
	const shares = new Map<Fibre, number>();
	for (const { yarn, grams } of real) {
		const total = yarn.fibres.reduce((t, f) => t + f.percent, 0);
		for (const f of yarn.fibres)
			shares.set(f.fibre, (shares.get(f.fibre) ?? 0) + (grams * f.percent) / total);
	}
	const gentlest = <T extends string>(order: readonly T[], of: (y: Yarn) => T): T =>
		entryAt(order, Math.min(...real.map((u) => order.indexOf(of(u.yarn)))));
	return {
		fibres: wholePercents([...shares]).map(([fibre, percent]) => ({ fibre, percent })),
		wash: gentlest(WASHES, (y) => y.wash),
		dry: gentlest(DRIES, (y) => y.dry),
		unknown: real
			.filter((u) => u.yarn.wash === 'unknown' || u.yarn.dry === 'unknown')
			.map((u) => `${u.yarn.name}, ${u.yarn.colourName}`)
	};
}
