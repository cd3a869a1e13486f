import type { GarmentKindId } from '../../model/kinds';
import type { GarmentWish } from './options';
import { cutBody } from './body';
import type { CutContext, Pattern } from './pattern';
import { cutBlanket } from './blanket';
import { cutShrug } from './shrug';
import { cutFree, cutMitts, cutRectangle, cutSeamedTube } from './simple';

const CUTS: Record<GarmentKindId, (wish: GarmentWish, context: CutContext) => Pattern> = {
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

/** The pieces of a wish as outlines in cm, and what is sewn to what. */
export const cutOut = (wish: GarmentWish, context: CutContext): Pattern =>
	CUTS[wish.recipe](wish, context);
