import type { Bench } from '../model/project';
import type { ThingKindId } from '../model/kinds';
import type { ThingWish } from '../model/wish';
import type { Design, DesignContext } from './recipe';
import { foldedBag } from './things/folded-bag';
import { garland } from './things/garland';
import type { ThingKind } from './things/kind';
import { pomPom } from './things/pom-pom';
import { ballToy, toy } from './things/toy';
import { tubeBlanket } from './things/tube-blanket';

/** Every kind of thing. A new one is its file and a place here, and its name in `thing.ts`. */
const KINDS: Record<ThingKindId, unknown> = {
	'folded-bag': foldedBag,
	ball: ballToy,
	toy,
	garland,
	'pom-pom': pomPom,
	'tube-blanket': tubeBlanket
};
const kindOf = (id: ThingKindId) => KINDS[id] as ThingKind<ThingWish>;

export const designThing = (wish: ThingWish, context: DesignContext): Design =>
	kindOf(wish.recipe).design(wish, context);
export const thingDefaults = (id: ThingKindId, bench: Bench): ThingWish | undefined =>
	kindOf(id).defaults(bench);
export const thingPins = (id: ThingKindId) => kindOf(id).pins;
