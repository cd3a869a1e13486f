import type { ThingWish } from './options';
import type { Finished } from '../finished';
import type { Recipe } from '../recipe';

type Made<W extends ThingWish, F extends Finished> = Pick<
	Recipe<W, F>,
	'pins' | 'options' | 'whole' | 'defaults' | 'design' | 'rules' | 'withRows'
>;

/** The recipe of one kind of thing. */
export const thingRecipe = <W extends ThingWish, F extends Finished>(
	id: W['recipe'],
	made: Made<W, F>
): Recipe<W, F> => ({
	id,
	shows: () => 'shape',
	begins: 'nearest',
	...made
});
