import type { FinishedHat } from '../assembly/finished';
import type { FinishedTube } from '../assembly/finished-tube';
import type { Flag } from '../assembly/flag';
import type { TuckedTube } from '../assembly/tucked-tube';
import type { Panels } from './garments/figures';
import type { Assembled } from './assembled/form/assembled';

/** What comes of it all, for the picture: its kind chooses one, and nothing else. Lengths in cm. */
export type Finished =
	/** A tube tucked into itself, on a head. */
	| { readonly kind: 'worn'; readonly tucked: TuckedTube; readonly hat: FinishedHat }
	/** A tube as it comes off, its ends seen to. */
	| { readonly kind: 'tube'; readonly tube: FinishedTube }
	| { readonly kind: 'flags'; readonly flag: Flag; readonly order: readonly number[] }
	/** Panels, drawn and sewn together. */
	| ({ readonly kind: 'flat' } & Panels)
	/** Folded, side by side, stuffed, hung or wound. */
	| Assembled;
export type FinishedOf<K extends Finished['kind']> = Extract<Finished, { kind: K }>;
