import type { HatKind } from './kind';

/** The most made: both ends gathered at the crown, 110 to 140 rows with worsted on a large machine (common practice). */
export const lined: HatKind = {
	id: 'lined-hat',
	called: 'A lined hat',
	head: { kind: 'table', size: 'woman' },
	turnedUp: true,
	brimCm: 6,
	closing: 'gather',
	scheme: (a) => ({ kind: 'one', yarn: a }),
	pins: { least: 40, most: 100 }
};
