import { likestStrong } from '../../bench/yarn/strong';
import { drawnUp } from '../../crank/drawn-up';
import type { Yarn } from '../../model/bench';
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

/** To gather with the likest strong yarn of the bench; nothing where there is none. */
function stronger(bench: readonly Yarn[], weak: Yarn): { readonly or?: Fix } {
	const likest = likestStrong(bench, weak.colour);
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
		const yarns = [...facts.yarns, ...facts.byHand];
		const yarn = drawnWith(facts).find((i) => yarns[i]?.strength === 'weak');
		const weak = yarn === undefined ? undefined : yarns[yarn];
		if (yarn === undefined || !weak) return null;
		const body = { code: 'weak-yarn', yarn } as const;
		const where = { at: 'yarn', yarn } as const;
		if (!facts.assembly.some((s) => s.do === 'gather')) return { body, severity: 'warn', where };
		const fix: Fix = { label: ['Double the tail'], project: { gather: { how: 'doubled' } } };
		return { body, severity: 'warn', where, fix, ...stronger(facts.bench, weak) };
	}
});
