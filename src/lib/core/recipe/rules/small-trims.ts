import { rule } from '../../finding/rule';

declare module '../../finding/finding' {
	interface FindingBodies {
		'small-trims': { readonly what: 'button' | 'pom-pom'; readonly count: number };
	}
}

/** Buttons and pom-poms come off, and are swallowed: none on what is for the smallest. */
export const smallTrims = <W>(smallest: (wish: W) => boolean) =>
	rule<W>({
		says: {
			'small-trims': (f) => ({
				what: `${f.count === 1 ? `A ${f.what}` : `${f.count} ${f.what}s`} on what is for under three`,
				why: 'What comes off can be swallowed: leave it off, or make the thing for an older child; local rules decide if it is sold or given.'
			})
		},
		test: ({ wish, project }) => {
			const trims = project.trims ?? [];
			const small = trims.find((t) => t.kind === 'button' || t.kind === 'pom-pom');
			if (!smallest(wish) || !small || (small.kind !== 'button' && small.kind !== 'pom-pom'))
				return null;
			return {
				body: { code: 'small-trims', what: small.kind, count: small.count },
				severity: 'stop',
				where: { at: 'size' },
				fix: { label: ['Leave it off'], project: { trims: trims.filter((t) => t !== small) } }
			};
		}
	});
