import { SMALL_HEAD_STRETCH } from '../../bench/size/stretch';
import type { HatKind } from './kind';

/** The lined hat for a baby: on a small machine in light yarn. */
export const baby: HatKind = {
	id: 'baby-hat',
	called: 'A baby hat',
	head: { kind: 'table', size: 'baby' },
	turnedUp: false,
	brimCm: 3,
	closing: 'gather',
	scheme: (a) => ({ kind: 'one', yarn: a }),
	stretch: SMALL_HEAD_STRETCH,
	pins: { least: 20, most: 40 }
};
