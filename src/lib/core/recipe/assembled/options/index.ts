import type { FoldedBagOptions } from './bag';
import type { TubeBlanketOptions } from './blanket';
import type { GarlandOptions } from './garland';
import type { PomPomOptions } from './pom-pom';
import type { ToyOptions } from './toy';

export type { FoldedBagOptions, GarlandOptions, PomPomOptions, ToyOptions, TubeBlanketOptions };
export type { GarlandItem } from './garland';
export type { ToyPart } from './toy';
/** What is made of several pieces. */
export type AssembledOptions =
	FoldedBagOptions | TubeBlanketOptions | ToyOptions | GarlandOptions | PomPomOptions;
