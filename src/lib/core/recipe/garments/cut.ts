import type { GarmentKindId } from '../../model/kinds';
import type { GarmentOptions } from './options';
import { cutBody } from './body';
import type { CutContext, Pattern } from './pattern';
import { cutBlanket } from './blanket';
import { cutShrug } from './shrug';
import { cutFree, cutMitts, cutRectangle, cutSeamedTube } from './simple';

const CUTS: Record<GarmentKindId, (options: GarmentOptions, context: CutContext) => Pattern> = {
	rectangle: cutRectangle,
	strap: cutRectangle,
	blanket: cutBlanket,
	'seamed-tube': cutSeamedTube,
	mitts: cutMitts,
	shrug: cutShrug,
	vest: cutBody,
	cardigan: cutBody,
	jacket: cutBody,
	sweater: cutBody,
	'free-garment': cutFree
};

/** What options come to: pieces as outlines in cm, and what is sewn to what. */
export const cutOut = (options: GarmentOptions, context: CutContext): Pattern =>
	CUTS[options.recipe](options, context);
