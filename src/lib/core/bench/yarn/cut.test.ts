import { expect, it } from 'vitest';
import { yarnOf } from '../../../../../tests/support/bench';
import { readStripes, rowsOf } from '../../stripes/stripe-line';
import type { YarnId } from '../../model/bench';
import { cutCake, cutLine, MOST_CUTS } from './cut';

const phases = [
	{ colour: '#112233', colourName: 'tide', metres: 40 },
	{ colour: '#445566', colourName: 'sand', metres: 60 },
	{ colour: '#778899', colourName: 'kelp', metres: 100 }
];
/** 200 m to 100 g: 20, 30 and 50 g. */
const cake = (gramsOnHand: number) => yarnOf('cake', { phases, gramsOnHand });
const id = (phase: number) => `cut-${phase}` as YarnId;

it('a cake is cut where one colour ends: a ball of each, marked as cut from it, and the rest', () => {
	const { cuts, rest } = cutCake(cake(150), id);
	expect(cuts.map((y) => [y.colourName, y.gramsOnHand])).toEqual([
		['tide', 20],
		['sand', 30],
		['kelp', 50]
	]);
	expect(cuts.every((y) => y.cutFrom === 'cake' && y.phases.length === 0)).toBe(true);
	expect(rest.gramsOnHand).toBe(50);
	expect(rest.phases).toEqual(phases);
});

it('only as far as there is yarn, and nothing is lost', () => {
	for (const grams of [0, 0.5, 20, 35.5, 99, 100, 340]) {
		const { cuts, rest } = cutCake(cake(grams), id);
		const all = cuts.reduce((t, y) => t + y.gramsOnHand, rest.gramsOnHand);
		expect(all).toBeCloseTo(grams, 6);
	}
	expect(cutCake(cake(35), id).cuts.map((y) => y.gramsOnHand)).toEqual([20, 15]);
	expect(cutCake(yarnOf('plain'), id).cuts).toEqual([]);
});

it('its cuts are sections of a stripe line, a letter each', () => {
	expect(cutLine(3, 8)).toBe('8 A, 8 B, 8 C');
	const read = readStripes(cutLine(40, 5), MOST_CUTS);
	expect(read.ok && rowsOf(read.line)).toBe(5 * MOST_CUTS);
});
