import type { FoldedBagWish } from './bag';
import type { TubeBlanketWish } from './blanket';
import type { GarlandWish } from './garland';
import type { PomPomWish } from './pom-pom';
import type { ToyWish } from './toy';

export type { FoldedBagWish, GarlandWish, PomPomWish, ToyWish, TubeBlanketWish };
export type { GarlandItem } from './garland';
export type { ToyPart } from './toy';
/** What is made of several pieces. */
export type ThingWish = FoldedBagWish | TubeBlanketWish | ToyWish | GarlandWish | PomPomWish;
