import { found } from '../core/quantity/sure';
import { MACHINE_PRESETS } from '../core/bench/machine/presets';
import type { Machine } from '../core/model/bench';

const preset = (pins: number) => found(MACHINE_PRESETS, (p) => p.pins === pins);
export const big: Machine = {
	...preset(48),
	id: 'machine-48' as Machine['id'],
	name: '48 pins, the stall',
	ringCm: 98,
	clearanceCm: 19
};
export const small: Machine = {
	...preset(22),
	id: 'machine-22' as Machine['id'],
	name: '22 pins, the window',
	ringCm: 46
};
