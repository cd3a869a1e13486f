import { SMALL_HEAD_STRETCH } from '../../bench/size/stretch';
import type { HatKind } from './kind';

/**
 * For a very small baby: on 22 pins in light yarn, 60 or 65 rows (common practice). A hospital that takes gifts has a list of its own for what it can use.
 */
export const tiny: HatKind = {
	id: 'tiny-hat',
	called: 'A very small hat',
	head: { kind: 'table', size: 'preemie' },
	turnedUp: false,
	brimCm: 2,
	closing: 'gather',
	scheme: (a) => ({ kind: 'one', yarn: a }),
	stretch: SMALL_HEAD_STRETCH,
	counts: [60, 65],
	pins: { least: 16, most: 28 }
};
