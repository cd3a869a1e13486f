import { presetOf } from '../../src/lib/core/bench/machine/presets';
import type { Learner } from '../../src/lib/core/practice/lesson';

/** A machine of so many pins to practise on, and its chance. */
export const learner = (pins: number, more: Partial<Learner> = {}): Learner => ({
	...presetOf(pins),
	seed: 4,
	units: 'cm',
	...more
});
