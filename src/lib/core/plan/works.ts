import { garmentWorks, type GarmentWorks } from './garment-works';
import { thingWorks, type ThingWorks } from './thing-works';

/** All that garments and things of several pieces are planned with, apart: a page that plans none need not carry it. */
export interface Works {
	readonly garment: GarmentWorks;
	readonly thing: ThingWorks;
}
export const works: Works = { garment: garmentWorks, thing: thingWorks };
