import { rule } from '../../finding/rule';
import type { TrimKind } from '../../model/kinds';
import type { Trim } from '../../model/trim';

/** What comes off and is swallowed, or goes round a neck. */
const SMALL = ['button', 'pom-pom', 'drawstring'] as const satisfies readonly TrimKind[];
type Small = (typeof SMALL)[number];
const isSmall = (t: Trim): t is Trim & { readonly kind: Small } =>
	(SMALL as readonly TrimKind[]).includes(t.kind);

declare module '../../finding/finding' {
	interface FindingBodies {
		'small-trims': { readonly what: Small; readonly count: number };
	}
	interface StopCodes {
		'small-trims': true;
	}
}

/** None of that on what is for the smallest. */
export const smallTrims = <W>(smallest: (options: W) => boolean) =>
	rule<W>({
		says: {
			'small-trims': (f) => ({
				what: `${f.count === 1 ? `A ${f.what}` : `${f.count} ${f.what}s`} on what is for under three.`,
				why: `${f.what === 'drawstring' ? 'A cord can go round a neck' : 'What comes off can be swallowed'}: leave it off, or make the thing for an older child; local rules decide if it is sold or given.`
			})
		},
		test: ({ options, project }) => {
			const trims = project.trims ?? [];
			const small = trims.find(isSmall);
			if (!smallest(options) || !small) return null;
			const count = 'count' in small ? small.count : 1;
			return {
				body: { code: 'small-trims', what: small.kind, count },
				severity: 'stop',
				where: { at: 'size' },
				fix: { label: ['Leave it off'], project: { trims: trims.filter((t) => t !== small) } }
			};
		}
	});
