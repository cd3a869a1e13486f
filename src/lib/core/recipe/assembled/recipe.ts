import type { AssembledOptions } from './options';
import type { Finished } from '../finished';
import type { Recipe } from '../recipe';

type AssembledParts<W extends AssembledOptions, F extends Finished> = Pick<
	Recipe<W, F>,
	'pins' | 'use' | 'options' | 'phrase' | 'whole' | 'defaults' | 'design' | 'rules' | 'withRows'
>;

/** The recipe of one kind of thing. */
export const assembledRecipe = <W extends AssembledOptions, F extends Finished>(
	id: W['recipe'],
	made: AssembledParts<W, F>
): Recipe<W, F> => ({
	id,
	begins: 'nearest',
	...made
});
