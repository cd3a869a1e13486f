import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'fuzzy-ladders': { readonly yarn: number; readonly columns: number };
	}
}

/** Columns run down in a fuzzy yarn do not run: each rung is picked out (common practice). */
export const fuzzyLadders = rule({
	says: {
		'fuzzy-ladders': (f, _s, yarn) => ({
			what: `${yarn(f.yarn)} is fuzzy: its ladders do not run by themselves.`,
			why: `The stitches cling, and ${f.columns === 1 ? 'the column' : `each of the ${f.columns} columns`} is picked down rung by rung: it takes much longer, as the time says. A smooth yarn runs in a moment.`
		})
	},
	test: ({ pieces, yarns, assembly }) => {
		const dropped = assembly.flatMap((s) => (s.do === 'drop-ladders' ? [s] : []));
		const columns = dropped.reduce((t, s) => t + s.pins.length, 0);
		const yarn = yarns.findIndex(
			(y, i) =>
				y.surface === 'fuzzy' &&
				dropped.some((s) => pieces.some((p) => p.id === s.piece && (p.loops[i] ?? 0) > 0))
		);
		return columns === 0 || yarn < 0
			? null
			: {
					body: { code: 'fuzzy-ladders', yarn, columns },
					severity: 'tip',
					where: { at: 'yarn', yarn }
				};
	}
});
