import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'weak-yarn': { readonly yarn: number };
	}
}

export const weakYarn = rule({
	says: {
		'weak-yarn': (f, _s, yarn) => ({
			what: `Do not gather with ${yarn(f.yarn)}.`,
			why: 'It breaks when pulled as a drawstring: gather with a stronger yarn of like colour, or a doubled tail.'
		})
	},
	test: ({ yarns, runs }) => {
		const ends = [runs.at(0)?.yarn, runs.at(-1)?.yarn];
		const yarn = yarns.findIndex((y, i) => y.strength === 'weak' && ends.includes(i));
		return yarn < 0
			? null
			: { body: { code: 'weak-yarn', yarn }, severity: 'warn', where: { at: 'yarn', yarn } };
	}
});
