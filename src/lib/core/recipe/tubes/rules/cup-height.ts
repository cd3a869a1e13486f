import { flatWidth } from '../../../assembly/finished-tube';
import { rule } from '../../../finding/rule';
import type { FinishedOf } from '../../finished';
import type { PlainTubeOptions } from '../options';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'cup-over': { readonly highCm: number; readonly cupCm: number };
		'cup-low': { readonly highCm: number; readonly cupCm: number };
	}
}

/** A sleeve below this share of the cup leaves much of it bare (from memory). */
const LOW = 0.45;

/** A cup sleeve lies round the cup by its length: its width is how high it stands. */
export const cupHeight = rule<PlainTubeOptions, FinishedOf<'tube'>>({
	says: {
		'cup-over': (f, s) => ({
			what: 'It stands over the edge of the cup.',
			why: `The ring makes it ${s.length(f.highCm)} high, and the cup is ${s.length(f.cupCm)}: where one drinks there is yarn. Take fewer pins.`
		}),
		'cup-low': (f, s) => ({
			what: 'It covers little of the cup.',
			why: `The ring makes it ${s.length(f.highCm)} high, and the cup is ${s.length(f.cupCm)}. Take a ring with more pins.`
		})
	},
	test: ({ finished: { tube }, options: { heightCm: cupCm } }) => {
		if (typeof cupCm !== 'number') return null;
		const highCm = flatWidth(tube).mean;
		const where = { at: 'size' } as const;
		if (highCm > cupCm)
			return { body: { code: 'cup-over', highCm, cupCm }, severity: 'warn', where };
		if (highCm < LOW * cupCm)
			return { body: { code: 'cup-low', highCm, cupCm }, severity: 'tip', where };
		return null;
	}
});
