import type { Yarn, YarnId } from '../../model/bench';

/** A cake cut by its colours: a yarn of the stash for each, and what is left of the cake. */
export interface Divided {
	readonly cuts: readonly Yarn[];
	readonly rest: Yarn;
}

/** Less than this of a colour is a scrap and no ball, g. */
const LEAST_CUT_GRAMS = 1;
const tenth = (grams: number): number => Math.round(grams * 10) / 10;

/**
 * A long-phase cake, as far as there is yarn, cut where one colour ends and the next begins: each cut is a yarn of one colour,
 * marked as cut from it.
 * @param idOf an id for the cut of a phase
 */
export function cutCake(yarn: Yarn, idOf: (phase: number) => YarnId): Divided {
	let left = yarn.gramsOnHand;
	const cuts = yarn.phases.flatMap((p, phase): Yarn[] => {
		const grams = tenth(Math.min(left, (100 * p.metres) / yarn.metresPer100g));
		if (grams < LEAST_CUT_GRAMS) return [];
		left -= grams;
		return [
			{
				...yarn,
				id: idOf(phase),
				colour: p.colour,
				colourName: p.colourName,
				phases: [],
				gramsOnHand: grams,
				ballGrams: Math.max(5, grams),
				cutFrom: yarn.id
			}
		];
	});
	return { cuts, rest: { ...yarn, gramsOnHand: Math.max(0, tenth(left)) } };
}

/** Most cuts that one project takes: a stripe line has a letter for each. */
export const MOST_CUTS = 12;

/** The cuts as sections of so many rows in turn, as a stripe line says it. */
export const cutLine = (cuts: number, rows: number): string =>
	Array.from(
		{ length: Math.min(cuts, MOST_CUTS) },
		(_, i) => `${rows} ${String.fromCharCode(65 + i)}`
	).join(', ');
