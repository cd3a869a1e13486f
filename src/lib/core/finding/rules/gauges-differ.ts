import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'gauges-differ': { readonly yarn: number; readonly share: number };
	}
}

const DIFFER = 0.1;

export const gaugesDiffer = rule({
	says: {
		'gauges-differ': (f, s, yarn) => ({
			what: `${yarn(f.yarn)} knits ${f.share > 0 ? 'narrower' : 'wider'} than the first yarn.`,
			why: `Its stitches differ by ${s.percent(Math.abs(f.share))}, so the layers differ in width: swatch them on different slots, or choose yarns alike.`
		})
	},
	test: ({ gauges }) => {
		const main = gauges[0];
		return gauges.flatMap((g, yarn) => {
			if (!main || yarn === 0) return [];
			const share = g.stitchesPerCm.mean / main.stitchesPerCm.mean - 1;
			return Math.abs(share) > DIFFER
				? [
						{
							body: { code: 'gauges-differ' as const, yarn, share },
							severity: 'warn' as const,
							where: { at: 'yarn' as const, yarn }
						}
					]
				: [];
		});
	}
});
