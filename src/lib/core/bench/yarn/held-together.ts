import type { Yarn, YarnId } from '../../model/bench';
import { DRIES, WASHES, type Fibre } from '../../model/kinds';
import { effectiveTex, texFrom } from './tex';
import { classOfTex } from './weight-class';

/** A yarn and how many strands of it go into the yarn held together. */
export interface Part {
	readonly yarn: Yarn;
	readonly strands: number;
}
export type Lookup = (id: YarnId) => Yarn | undefined;

const partTex = (p: Part): number => texFrom(p.yarn.metresPer100g) * p.strands;

/** The parts of a yarn: itself, or what is held together in it, as far as it is known. */
export function partsOf(yarn: Yarn, lookup: Lookup): Part[] {
	if (yarn.heldTogether.length === 0) return [{ yarn, strands: yarn.strands }];
	return yarn.heldTogether.flatMap((h) => {
		const part = lookup(h.yarnId);
		return part ? [{ yarn: part, strands: h.strands }] : [];
	});
}

/** How `grams` of a yarn share out over its parts: by tex x strands, a share for each yarn once. */
export function splitGrams(
	yarn: Yarn,
	grams: number,
	lookup: Lookup
): { yarnId: YarnId; grams: number }[] {
	const parts = partsOf(yarn, lookup);
	const total = parts.reduce((t, p) => t + partTex(p), 0);
	const byYarn = new Map<YarnId, number>();
	for (const p of parts)
		byYarn.set(p.yarn.id, (byYarn.get(p.yarn.id) ?? 0) + (grams * partTex(p)) / total);
	return [...byYarn].map(([yarnId, g]) => ({ yarnId, grams: g }));
}

/**
 * Grams of a yarn on hand. Of one held together: as much as its scarcest part allows; 0 where a part is gone.
 */
export function gramsOnHand(yarn: Yarn, lookup: Lookup): number {
	if (yarn.heldTogether.length === 0) return yarn.gramsOnHand;
	if (yarn.heldTogether.some((h) => !lookup(h.yarnId))) return 0;
	const shares = splitGrams(yarn, 1, lookup);
	return Math.min(...shares.map((s) => (lookup(s.yarnId)?.gramsOnHand ?? 0) / s.grams));
}

/** The least of an ordered list, the careful end first. */
const gentlest = <T extends string>(order: readonly T[], values: readonly T[]): T =>
	order[Math.min(...values.map((v) => order.indexOf(v)))]!;

function mixedFibres(parts: readonly Part[]): Yarn['fibres'] {
	const total = parts.reduce((t, p) => t + partTex(p), 0);
	const shares = new Map<Fibre, number>();
	for (const p of parts)
		for (const f of p.yarn.fibres)
			shares.set(f.fibre, (shares.get(f.fibre) ?? 0) + (f.percent * partTex(p)) / total);
	return [...shares]
		.map(([fibre, percent]) => ({ fibre, percent: Math.round(percent * 10) / 10 }))
		.filter((f) => f.percent > 0)
		.sort((a, b) => b.percent - a.percent)
		.slice(0, 6);
}

const joined = (words: readonly string[]): string => [...new Set(words)].join(' + ').slice(0, 80);

/**
 * The yarn that strands held together make, 1 to 4 in all. Tex adds up; the strongest strand carries the strain, the fuzziest
 * clings, the least stretchy holds the rest, the most delicate sets the washing. One yarn doubled keeps its name, so that
 * its own swatches of as many strands speak for it.
 */
export function holdTogether(id: YarnId, parts: readonly [Part, ...Part[]]): Yarn {
	const yarns = parts.map((p) => p.yarn);
	const first = yarns[0]!;
	const strands = parts.reduce((t, p) => t + p.strands, 0);
	const tex = parts.reduce((t, p) => t + partTex(p), 0);
	const alone = new Set(yarns.map((y) => y.id)).size === 1;
	const lookup: Lookup = (wanted) => yarns.find((y) => y.id === wanted);
	const made: Yarn = {
		...first,
		id,
		name: joined(yarns.map((y) => y.name)),
		colourName: joined(yarns.map((y) => y.colourName)),
		weightClass: alone ? first.weightClass : Math.max(...yarns.map((y) => y.weightClass)),
		metresPer100g: alone ? first.metresPer100g : (100_000 * strands) / tex,
		fibres: mixedFibres(parts),
		strands,
		strength: yarns.some((y) => y.strength === 'strong') ? 'strong' : 'weak',
		surface: yarns.some((y) => y.surface === 'fuzzy') ? 'fuzzy' : 'smooth',
		stretch: yarns.some((y) => y.stretch === 'little') ? 'little' : 'stretchy',
		wrapsPerInch: alone ? first.wrapsPerInch : null,
		wash: gentlest(
			WASHES,
			yarns.map((y) => y.wash)
		),
		dry: gentlest(
			DRIES,
			yarns.map((y) => y.dry)
		),
		phases: alone ? first.phases : [],
		heldTogether: parts.map((p) => ({ yarnId: p.yarn.id, strands: p.strands }))
	};
	return { ...made, gramsOnHand: gramsOnHand(made, lookup) };
}

/** The weight class a yarn works as: its own, or by the tex of its strands together. */
export const workingClass = (y: Yarn): number =>
	y.strands === 1 ? y.weightClass : classOfTex(effectiveTex(y));

export interface Pair {
	readonly a: Yarn;
	readonly b: Yarn;
	readonly tex: number;
	/** Natural log of the pair's tex over the wanted one. */
	readonly off: number;
	/** Metres of the pair together that are on hand. */
	readonly metres: number;
}

/** How far from the wanted tex a pair may be, in logs: looked for in ever wider bands until there are enough. */
const BANDS = [0.01, 0.03, 0.08, 0.2];

/**
 * Pairs of single strands on hand, a yarn with itself included, that together have the wanted tex within 20 %, nearest first.
 * `metres` is what both give: half of its own for a yarn with itself. Yarns sorted by tex, so that a band costs what it finds.
 */
export function pairsForTex(yarns: readonly Yarn[], wantedTex: number, most: number): Pair[] {
	const single = yarns
		.filter((y) => y.heldTogether.length === 0 && y.gramsOnHand > 0)
		.map((yarn) => ({ yarn, tex: texFrom(yarn.metresPer100g) }))
		.sort((a, b) => a.tex - b.tex);
	let found: Pair[] = [];
	for (const band of BANDS) {
		found = pairsWithin(single, wantedTex, band);
		if (found.length >= most) break;
	}
	return found.sort((p, q) => Math.abs(p.off) - Math.abs(q.off)).slice(0, most);
}

/** Pairs of yarns sorted by tex whose sum lies within `band` of the wanted, in logs. */
function pairsWithin(
	sorted: readonly { yarn: Yarn; tex: number }[],
	wantedTex: number,
	band: number
): Pair[] {
	const least = wantedTex * Math.exp(-band);
	const most = wantedTex * Math.exp(band);
	const metres = (y: Yarn) => (y.gramsOnHand * y.metresPer100g) / 100;
	const pairs: Pair[] = [];
	// As the first yarn gets thicker, the second that still reaches the least gets thinner.
	let from = sorted.length;
	for (const [i, a] of sorted.entries()) {
		while (from > 0 && a.tex + sorted[from - 1]!.tex >= least) from -= 1;
		for (let j = Math.max(i, from); j < sorted.length; j++) {
			const b = sorted[j]!;
			const tex = a.tex + b.tex;
			if (tex > most) break;
			pairs.push({
				a: a.yarn,
				b: b.yarn,
				tex,
				off: Math.log(tex / wantedTex),
				metres: i === j ? metres(a.yarn) / 2 : Math.min(metres(a.yarn), metres(b.yarn))
			});
		}
	}
	return pairs;
}
