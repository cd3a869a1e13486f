import { rule } from '../../../finding/rule';
import type { FinishedOf } from '../../finished';
import type { PlainTubeOptions } from '../options';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'pouch-narrow': { readonly roundCm: number; readonly girthCm: number };
		'pouch-wide': { readonly roundCm: number; readonly girthCm: number };
		'pouch-shallow': { readonly deepCm: number; readonly needsCm: number };
	}
}

/** What goes in may stretch it by so much; past that it shows through. Room beyond that is room to slip about (from memory). */
const STRETCHED = 0.25;
const ROOM = 0.35;
/** The mouth still closes over it where it is deeper by this, cm. */
export const LEAST_OVER_CM = 0.5;

/** A pouch is as wide and as deep as what goes in; a thin one shows it (common practice). */
export const pouchFits = rule<PlainTubeOptions, FinishedOf<'tube'>>({
	says: {
		'pouch-narrow': (f, s) => ({
			what: 'What goes in stretches it.',
			why: `It is ${s.length(f.girthCm)} round, the pouch ${s.length(f.roundCm)}: a stretched fabric is thin and shows it. Take a ring with more pins.`
		}),
		'pouch-wide': (f, s) => ({
			what: 'What goes in will slip about.',
			why: `It is ${s.length(f.girthCm)} round, the pouch ${s.length(f.roundCm)}. Take a ring with fewer pins.`
		}),
		'pouch-shallow': (f, s) => ({
			what: 'What goes in stands out of it.',
			why: `It needs ${s.length(f.needsCm)} of depth with its height; the pouch has ${s.length(f.deepCm)}. Make it longer.`
		})
	},
	test: ({ finished: { tube }, options: { holds } }) => {
		if (holds?.by !== 'box') return null;
		const where = { at: 'size' } as const;
		const [roundCm, girthCm] = [tube.circumference.mean, 2 * (holds.wideCm + holds.highCm)];
		const [deepCm, needsCm] = [tube.flatLength.mean, holds.longCm + holds.highCm];
		if (deepCm < needsCm + LEAST_OVER_CM)
			return { body: { code: 'pouch-shallow', deepCm, needsCm }, severity: 'warn', where };
		if (girthCm > roundCm * (1 + STRETCHED))
			return { body: { code: 'pouch-narrow', roundCm, girthCm }, severity: 'warn', where };
		if (girthCm < roundCm * (1 - ROOM))
			return { body: { code: 'pouch-wide', roundCm, girthCm }, severity: 'tip', where };
		return null;
	}
});
