import { change, type Fix } from '../../../finding/fix';
import type { Measure } from '../../../model/kinds';
import type { GarmentOptions } from '../options';
import { MEASURE_NAMES } from '../words';

export const half = (cm: number): number => Math.ceil(2 * cm) / 2;

export const setMeasure = (options: GarmentOptions, measure: Measure, cm: number): Fix =>
	change([MEASURE_NAMES[measure], { cm }], { measures: { ...options.measures, [measure]: cm } });
