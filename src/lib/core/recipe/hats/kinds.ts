import type { HatKindId } from '../../model/kinds';
import { baby } from './baby';
import { corner } from './corner';
import type { HatKind } from './kind';
import { lined } from './lined';
import { tiny } from './tiny';

/** Every hat that is one tube tucked into itself. A new one is its file and a place here. */
export const HAT_KINDS: { readonly [K in HatKindId]: HatKind } = {
	'lined-hat': lined,
	'corner-hat': corner,
	'baby-hat': baby,
	'tiny-hat': tiny
};
