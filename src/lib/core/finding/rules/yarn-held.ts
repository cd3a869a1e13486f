import { wordHolders } from '../holders';
import { stockOf, wordStock } from '../../quantity/short';
import type { Says } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'yarn-held': {
			readonly yarn: number;
			readonly needGrams: number;
			readonly needSd: number;
			readonly freeGrams: number;
			readonly heldGrams: number;
			readonly by: readonly string[];
		};
	}
}

/** Yarn that other projects hold back: found where all projects are known. */
export const yarnHeld: { readonly says: Says } = {
	says: {
		'yarn-held': (f, s, yarn) => ({
			what: `${yarn(f.yarn)} is wanted elsewhere too.`,
			why: `It needs ${s.of(f.needGrams, 'mass')}; ${s.of(f.heldGrams, 'mass')} are held for ${wordHolders(f.by)}, and ${s.of(f.freeGrams, 'mass')} are free: ${wordStock(stockOf({ mean: f.needGrams, sd: f.needSd }, f.freeGrams), s)}.`
		})
	}
};
