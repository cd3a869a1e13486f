import { colourApart } from '../../bench/yarn/colour';
import { drawnUp } from '../../crank/drawn-up';
import type { Facts } from '../facts';
import type { Fix } from '../fix';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'weak-yarn': { readonly yarn: number };
	}
}

/** Yarns, by their place, that ends are drawn up with as they are: one yarn zips both ends. */
const drawnWith = (facts: Pick<Facts, 'assembly' | 'pieces'>): number[] => [
	...drawnUp(facts).flatMap((e) => (e.with === 'doubled' ? [] : [e.yarn])),
	...facts.assembly.flatMap((s) => {
		const tails = s.do === 'zip' ? facts.pieces.find((p) => p.id === s.piece)?.tails : undefined;
		return (tails ?? []).filter((t) => t.id === 'cast-off').map((t) => t.yarn);
	})
];

/** A strong yarn of the bench in its place, the likest in colour; none where every end is zipped. */
function stronger({ assembly, bench, yarns }: Facts, weak: number): { readonly or?: Fix } {
	const colour = yarns[weak]?.colour;
	const strong = bench.filter((y) => y.strength !== 'weak' && y.strands === 1);
	if (!colour || strong.length === 0 || !assembly.some((s) => s.do === 'gather')) return {};
	const [likest] = strong.toSorted(
		(a, b) => colourApart(a.colour, colour) - colourApart(b.colour, colour)
	);
	if (!likest) return {};
	const gather = { how: 'yarn', yarnId: likest.id } as const;
	return { or: { label: ['Gather with', likest.colourName], project: { gather } } };
}

export const weakYarn = rule({
	says: {
		'weak-yarn': (f, _s, yarn) => ({
			what: `Do not draw the ends up with ${yarn(f.yarn)} alone.`,
			why: 'It breaks when pulled as a drawstring: gather with a stronger yarn of like colour, or a doubled tail.'
		})
	},
	test: (facts) => {
		const { yarns, assembly } = facts;
		const yarn = drawnWith(facts).find((i) => yarns[i]?.strength === 'weak');
		if (yarn === undefined) return null;
		const body = { code: 'weak-yarn', yarn } as const;
		const where = { at: 'yarn', yarn } as const;
		if (!assembly.some((s) => s.do === 'gather')) return { body, severity: 'warn', where };
		const fix: Fix = { label: ['Double the tail'], project: { gather: { how: 'doubled' } } };
		return { body, severity: 'warn', where, fix, ...stronger(facts, yarn) };
	}
});
