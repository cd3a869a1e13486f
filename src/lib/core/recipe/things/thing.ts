import type { MachineId, YarnId } from '../../model/bench';
import { isThingKind, type ThingKindId } from '../../model/kinds';
import type { ThingWish, Wish } from '../../model/wish';
import type { Finished } from '../finished';
import type { Recipe } from '../recipe';

/** Everything put together from several pieces. What each begins with and how it is made is in `things/`. */
export const THING_NAMES: { readonly [K in ThingKindId]: string } = {
	'folded-bag': 'Folded bag with handle',
	ball: 'Ball',
	toy: 'Soft toy',
	garland: 'Garland',
	'pom-pom': 'Pom-poms',
	'tube-blanket': 'Blanket of tubes'
};

export const isThingWish = (wish: Wish): wish is ThingWish => isThingKind(wish.recipe);

const machinesOf = (wish: ThingWish): MachineId[] => {
	const on = 'parts' in wish ? wish.parts : 'items' in wish ? wish.items : [];
	return [...new Set(on.flatMap((x) => (x.on ? [x.on] : [])))];
};

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
	name: THING_NAMES[id],
	teaches: 'shape',
	begins: 'nearest',
	yarns: (wish): YarnId[] => [...new Set(wish.yarns)],
	machines: machinesOf,
	withYarn: (wish, from, to) => ({
		...wish,
		yarns: wish.yarns.map((known) => (known === from ? to : known))
	}),
	...made
});
