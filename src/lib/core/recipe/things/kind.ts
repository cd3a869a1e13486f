import type { Bench } from '../../model/project';
import type { ThingWish } from '../../model/wish';
import type { Design, DesignContext } from '../recipe';

/** How one kind of thing begins and how it is made. */
export interface ThingKind<W extends ThingWish> {
	/** Undefined where the bench has no yarn to start with. */
	readonly defaults: (bench: Bench) => W | undefined;
	readonly design: (wish: W, context: DesignContext) => Design;
	/** Machines it is usual on, by pins. */
	readonly pins: { readonly least: number; readonly most: number };
}
