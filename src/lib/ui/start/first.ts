import { COLOUR_NAMES } from '$lib/core/bench/yarn/colour-names';
import { usualYarn } from '$lib/core/bench/yarn/usual';
import { USUAL_METRES_PER_100G } from '$lib/core/bench/yarn/weight-class';
import { MACHINE_PRESETS, type MachinePreset } from '$lib/core/bench/machine/presets';
import type { Machine, Yarn } from '$lib/core/model/bench';
import { entryAt } from '$lib/core/quantity/sure';
import { newId } from '$lib/store/store';

/** Pins stand about so far apart on these rings, cm (common practice). */
const PIN_SPACING_CM = 2.1;

/** A ring of so many pins: one of the usual ones, or its nearest with as many pins as were typed. */
export function ringOf(pins: number): Machine {
	const off = (m: MachinePreset) => Math.abs(m.pins - pins);
	const nearest = MACHINE_PRESETS.reduce((best, m) => (off(m) < off(best) ? m : best));
	return {
		...nearest,
		id: newId() as Machine['id'],
		name: `${pins} pins`,
		pins,
		ringCm: nearest.pins === pins ? nearest.ringCm : Math.round(pins * PIN_SPACING_CM)
	};
}

export interface Label {
	readonly weightClass: number;
	/** Off the label, m in 100 g; null takes what is usual for the class. */
	readonly metresPer100g: number | null;
	/** On hand, g. */
	readonly grams: number;
}

/** A yarn by its colour and what its label says; all else is what is usual, and can be said later. */
export const yarnIn = (colourName: string, label: Label): Yarn => ({
	id: newId() as Yarn['id'],
	name: colourName,
	colourName,
	colour: COLOUR_NAMES[colourName] ?? '#8f979c',
	weightClass: label.weightClass,
	metresPer100g: label.metresPer100g ?? entryAt(USUAL_METRES_PER_100G, label.weightClass),
	fibres: [{ fibre: 'wool', percent: 100 }],
	gramsOnHand: label.grams,
	...usualYarn()
});
