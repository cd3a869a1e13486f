import { change, type Fix } from '../../../finding/fix';
import type { Measure } from '../../../model/kinds';
import type { GarmentWish } from '../options';
import { MEASURE_NAMES } from '../words';

export const half = (cm: number): number => Math.ceil(2 * cm) / 2;

export const setMeasure = (wish: GarmentWish, measure: Measure, cm: number): Fix =>
	change([MEASURE_NAMES[measure], { cm }], { measures: { ...wish.measures, [measure]: cm } });
