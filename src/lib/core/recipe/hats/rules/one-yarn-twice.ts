import type { YarnId } from '../../../model/bench';
import { change } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { FinishedOf } from '../../finished';
import { inScheme } from '../in-scheme';
import type { LinedHatOptions } from '../options';
import type { ColourScheme } from '../scheme';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'one-yarn-twice': { readonly part: string; readonly other: string | null };
	}
}

/** What the second yarn of a scheme is for; null where one is enough. */
const PARTS: { readonly [K in ColourScheme['kind']]: string | null } = {
	one: null,
	'outer-lining': 'lining',
	'false-brim': 'brim',
	stripes: 'second stripe'
};

function withOther(scheme: ColourScheme, other: YarnId): ColourScheme {
	switch (scheme.kind) {
		case 'outer-lining':
			return { ...scheme, lining: other };
		case 'false-brim':
			return { ...scheme, brim: other };
		case 'stripes':
			return { ...scheme, yarns: scheme.yarns.map((y, i) => (i === 1 ? other : y)) };
		case 'one':
			return scheme;
	}
}

/** A scheme of two colours with one yarn for both: the other is asked for, and may be added to the bench. */
export const oneYarnTwice = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		'one-yarn-twice': (f) => ({
			what: `Both colours are the same yarn: it comes out in one.`,
			why:
				f.other === null
					? `The ${f.part} wants another: add one to the bench.`
					: `The ${f.part} wants another, such as ${f.other}.`
		})
	},
	test: ({ options: { scheme }, bench }) => {
		const part = PARTS[scheme.kind];
		const ids = inScheme(scheme);
		if (part === null || new Set(ids).size > 1) return null;
		const other = bench.find((y) => !ids.includes(y.id));
		return {
			body: { code: 'one-yarn-twice', part, other: other?.colourName ?? null },
			severity: 'tip',
			where: { at: 'yarn', yarn: 0 },
			...(other && {
				fix: change([`Take ${other.colourName}`], { scheme: withOther(scheme, other.id) })
			}),
			or: { label: ['Add a yarn'], go: { page: 'add-yarn' } }
		};
	}
});
