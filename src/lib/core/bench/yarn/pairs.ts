import { entryAt } from '../../quantity/sure';
import type { Yarn } from '../../model/bench';
import { texFrom } from './tex';

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
		while (from > 0 && a.tex + entryAt(sorted, from - 1).tex >= least) from -= 1;
		for (let j = Math.max(i, from); j < sorted.length; j++) {
			const b = entryAt(sorted, j);
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
