import { entryAt } from '../../quantity/sure';
import type { Yarn, YarnId } from '../../model/bench';
import { DRIES, WASHES, type Fibre } from '../../model/kinds';
import { gramsOnHand, partTex, type Lookup, type Part } from './parts';
import { effectiveTex } from './tex';
import { classOfTex } from './weight-class';

/** The least of an ordered list, the careful end first. */
const gentlest = <T extends string>(order: readonly T[], values: readonly T[]): T =>
	entryAt(order, Math.min(...values.map((v) => order.indexOf(v))));

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
	const first = entryAt(yarns, 0);
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
