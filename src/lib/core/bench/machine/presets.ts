import type { Machine } from '../../model/bench';

export type MachinePreset = Omit<Machine, 'id'>;

/** Pins stand about 2.1 cm apart on these rings (common practice: about 1 m round for 48); the maker corrects it. */
const PIN_SPACING_CM = 2.1;

function preset(
	pins: number,
	rest: Pick<Machine, 'counter' | 'slots' | 'clearanceCm'>
): MachinePreset {
	return {
		name: `${pins} pins`,
		pins,
		marker: 'first',
		panelLost: { start: 2, end: 2 },
		turns: 'clockwise',
		tripPin: null,
		handPanels: 'keep-off',
		edgeRule: 'under-bar',
		markerColour: '',
		firstPin: 1,
		rightSide: 'away',
		ringCm: Math.round(pins * PIN_SPACING_CM),
		counter: rest.counter,
		slots: rest.slots,
		clearanceCm: rest.clearanceCm
	};
}

/** Generic machines by pin count, to start from and to edit (common practice). */
export const MACHINE_PRESETS: readonly MachinePreset[] = [
	preset(22, { counter: 'none', slots: 3, clearanceCm: 14 }),
	preset(40, { counter: 'tube', slots: 3, clearanceCm: 16 }),
	preset(44, { counter: 'none', slots: 3, clearanceCm: 16 }),
	preset(46, { counter: 'both', slots: 3, clearanceCm: 18 }),
	preset(48, { counter: 'tube', slots: 3, clearanceCm: 18 })
];

/** A ring of so many pins: one of the usual ones, or what is usual for its nearest, as large as so many pins make it. */
export function presetOf(pins: number): MachinePreset {
	const off = (m: MachinePreset) => Math.abs(m.pins - pins);
	const nearest = MACHINE_PRESETS.reduce((best, m) => (off(m) < off(best) ? m : best));
	return nearest.pins === pins ? nearest : preset(pins, nearest);
}
