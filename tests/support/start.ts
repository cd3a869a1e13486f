import type { ThingKindId } from '../../src/lib/core/model/kinds';
import type { Bench } from '../../src/lib/core/model/project';
import type { AssembledOptions } from '../../src/lib/core/recipe/assembled/options';
import { recipeOf } from '../../src/lib/core/recipe';

/** What a thing of several pieces begins with. */
export const thingDefaults = (id: ThingKindId, bench: Bench): AssembledOptions | undefined =>
	recipeOf(id)?.defaults(bench) as AssembledOptions | undefined;
export const thingPins = (id: ThingKindId) => recipeOf(id)!.pins!;
