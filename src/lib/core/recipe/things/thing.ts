import type { ThingOptions } from './options';
import type { Finished } from '../finished';
import type { Recipe } from '../recipe';

type ThingParts<W extends ThingOptions, F extends Finished> = Pick<
	Recipe<W, F>,
	'pins' | 'options' | 'whole' | 'defaults' | 'design' | 'rules' | 'withRows'
>;

/** The recipe of one kind of thing. */
export const thingRecipe = <W extends ThingOptions, F extends Finished>(
	id: W['recipe'],
	made: ThingParts<W, F>
): Recipe<W, F> => ({
	id,
	shows: () => 'shape',
	begins: 'nearest',
	...made
});
