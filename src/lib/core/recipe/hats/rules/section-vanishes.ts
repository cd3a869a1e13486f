import { rule } from '../../../finding/rule';
import type { LinedHatOptions } from '../options';
import { isSpare } from '../../../program/program';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'section-vanishes': { readonly yarn: number; readonly rows: number };
	}
}

export const sectionVanishes = rule<LinedHatOptions, FinishedOf<'worn'>>({
	says: {
		'section-vanishes': (f, _s, yarn) => ({
			what: `No row is left for ${yarn(f.yarn)}.`,
			why: `The other section takes all ${f.rows} rows: give it fewer, or make the hat longer.`
		})
	},
	test: ({ options, yarns, runs, mainRows }) =>
		options.scheme.kind === 'stripes'
			? null
			: yarns.flatMap((_, yarn) =>
					runs.some((r) => r.yarn === yarn && !isSpare(r.yarn))
						? []
						: [
								{
									body: { code: 'section-vanishes' as const, yarn, rows: mainRows },
									severity: 'warn' as const,
									where: { at: 'yarn' as const, yarn }
								}
							]
				)
});
