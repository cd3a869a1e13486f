import type { TubeKindId } from '../../model/kinds';
import type { TubeKind } from './kind';
import { cord } from './cord';
import { cowl } from './cowl';
import { cupSleeve } from './cup-sleeve';
import { freeTube } from './free-tube';
import { headband } from './headband';
import { hemHat } from './hem-hat';
import { pouch } from './pouch';
import { scarf } from './scarf';
import { sock } from './sock';
import { tubeTop } from './tube-top';
import { warmers } from './warmers';

/** Every kind of tube. A new one is its file and a place here. */
export const TUBE_KINDS: { readonly [K in TubeKindId]: TubeKind } = {
	scarf,
	cowl,
	headband,
	'hem-hat': hemHat,
	'tube-top': tubeTop,
	warmers,
	sock,
	pouch,
	'cup-sleeve': cupSleeve,
	cord,
	'free-tube': freeTube
};
