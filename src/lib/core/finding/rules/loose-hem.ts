import { mostlyCotton } from '../../bench/yarn/usual';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'loose-hem': { readonly yarn: number; readonly rows: number };
	}
}

/** Rows before a hem is hung from them that are knitted loose (from memory). */
const LOOSE_ROWS = 3;

/** Cotton has no stretch to be hung by: the first rows of a hem are knitted very loose (common practice). */
export const looseHem = rule({
	says: {
		'loose-hem': (f, _s, yarn) => ({
			what: `Knit the first ${f.rows} rows of the hem very loose.`,
			why: `${yarn(f.yarn)} has little stretch, and those loops have to reach back up to the pins: take the largest slot for them, and the usual one after.`
		})
	},
	test: ({ pieces, yarns, assembly }) => {
		const hung = new Set(assembly.flatMap((s) => (s.do === 'hem' ? [s.piece] : [])));
		const yarn = pieces.find((p) => hung.has(p.id))?.runs[0]?.yarn;
		const y = yarn === undefined ? undefined : yarns[yarn];
		if (yarn === undefined || !y) return null;
		return y.stretch === 'little' || mostlyCotton(y) > 0
			? {
					body: { code: 'loose-hem', yarn, rows: LOOSE_ROWS },
					severity: 'tip',
					where: { at: 'row', row: 0 }
				}
			: null;
	}
});
