import type { MachineId } from '../../model/bench';
import { isThingKind } from '../../model/kinds';
import type { ThingWish, Wish } from '../../model/wish';
import type { Finished } from '../finished';
import type { Recipe } from '../recipe';

export const isThingWish = (wish: Wish): wish is ThingWish => isThingKind(wish.recipe);

/** The machine a wish names for a piece, by the piece's key in the log; null where that is the project's. */
export function pieceMachine(wish: Wish, piece: string): MachineId | null {
	const id = piece.replace(/\.\d+$/, '');
	if (!isThingWish(wish)) return null;
	if ('parts' in wish) return wish.parts.find((p) => partPiece(p) === id)?.on ?? null;
	const item = /^item-(\d+)-/.exec(id);
	return ('items' in wish && item && wish.items[Number(item[1]) - 1]?.on) || null;
}

/** What the piece of a toy's part is called. */
export const partPiece = (part: { readonly id: string }): string => `part-${part.id}`.slice(0, 36);

type Made<W extends ThingWish, F extends Finished> = Pick<
	Recipe<W, F>,
	'pins' | 'defaults' | 'design' | 'rules' | 'withRows'
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
