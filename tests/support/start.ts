import type { ThingKindId } from '../../src/lib/core/model/kinds';
import type { Bench } from '../../src/lib/core/model/project';
import type { ThingOptions } from '../../src/lib/core/recipe/things/options';
import { recipeOf } from '../../src/lib/core/recipe';

/** What a thing of several pieces begins with. */
export const thingDefaults = (id: ThingKindId, bench: Bench): ThingOptions | undefined =>
	recipeOf(id)?.defaults(bench) as ThingOptions | undefined;
export const thingPins = (id: ThingKindId) => recipeOf(id)!.pins!;
