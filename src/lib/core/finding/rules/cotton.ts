import { mostlyCotton } from '../../bench/yarn/usual';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		cotton: { readonly yarn: number; readonly percent: number };
	}
}

export const cotton = rule({
	says: {
		cotton: (f, _s, yarn) => ({
			what: `${yarn(f.yarn)} grows when worn.`,
			why: `${f.percent} % cotton does not spring back: measure the swatch after hanging, and plan it close.`
		})
	},
	test: ({ yarns }) =>
		yarns.flatMap((y, yarn) => {
			const percent = mostlyCotton(y);
			return percent > 0
				? [
						{
							body: { code: 'cotton' as const, yarn, percent },
							severity: 'tip' as const,
							where: { at: 'yarn' as const, yarn }
						}
					]
				: [];
		})
});
