import { expect, it } from 'vitest';
import {
	A,
	B,
	benchOf,
	M48,
	projectOf,
	readingOf,
	swatchOf
} from '../../../../tests/support/bench';
import { forecastOf } from '../learn/forecast';
import { unravelled } from './unravel';

const bench = benchOf({ swatches: [swatchOf(M48, A, [readingOf(12, 20)])] });
const { grams } = forecastOf(projectOf(), bench, 120)!.forecast;
let n = 0;
const ids = () => `new-${n++}` as never;

it('a thing gives back what was in its stitches, less what is lost, as yarn that was knitted before', () => {
	const [part] = grams!.each;
	const used = [{ yarnId: part!.yarnId, grams: 80, how: 'weighed' as const }];
	const given = unravelled(used, grams, [A, B], ids);
	expect(given).toHaveLength(1);
	expect(given[0]).toMatchObject({
		unravelled: true,
		colour: A.colour,
		metresPer100g: A.metresPer100g
	});
	expect(given[0]!.id).not.toBe(A.id);
	// Its ends are lost, and three in a hundred of the rest.
	const left = given[0]!.gramsOnHand;
	expect(left).toBeLessThan(80 * 0.97);
	expect(left).toBeCloseTo(80 * 0.97 * (1 - part!.apart / part!.mean), 1);
});

it('of what nobody foretold nine tenths; of what is gone, or was nothing, none', () => {
	const of = (yarnId: typeof A.id, g: number) => [{ yarnId, grams: g, how: 'sum' as const }];
	expect(unravelled(of(B.id, 50), null, [A, B], ids)[0]!.gramsOnHand).toBe(45);
	expect(unravelled(of(B.id, 50), null, [A], ids)).toEqual([]);
	expect(unravelled(of(A.id, 0), null, [A], ids)).toEqual([]);
});
