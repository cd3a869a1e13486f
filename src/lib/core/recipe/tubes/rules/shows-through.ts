import { showsThrough as pairsThrough } from '../../../assembly/layers';
import { SHINES, luminance } from '../../../bench/yarn/colour';
import { rule } from '../../../finding/rule';
import type { PlainTubeOptions } from '../options';
import { rowsWord } from '../../../quantity/say';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'shows-through': { readonly over: number; readonly under: number; readonly rows: number };
	}
}

/** In a hem the inner half may shine through the outer, as a light lining does. */
export const showsThrough = rule<PlainTubeOptions, FinishedOf<'tube'>>({
	says: {
		'shows-through': (f, _s, yarn) => ({
			what: `${yarn(f.under)} may shine through ${yarn(f.over)}.`,
			why: `It lies under it for ${rowsWord(f.rows)}: knit the hidden rows in the outer’s own colour.`
		})
	},
	test: ({ yarns, runs, places }) => {
		if (runs.length < 2) return null;
		const yarnAt = (row: number) => runs.find((r) => row >= r.from && row < r.to)?.yarn;
		const colourOf = (yarn: number) => yarns[yarn]?.colour ?? '#000000';
		const [worst] = pairsThrough(yarnAt, places()).filter(
			(p) => luminance(colourOf(p.under)) - luminance(colourOf(p.over)) > SHINES
		);
		return worst
			? { body: { code: 'shows-through', ...worst }, severity: 'tip', where: { at: 'fold' } }
			: null;
	}
});
