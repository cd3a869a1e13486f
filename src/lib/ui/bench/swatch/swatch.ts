import type { Machine, Swatch, Yarn } from '$lib/core/model/bench';
import { newId } from '$lib/store/store';

/** The swatch of this yarn, in its strands, on this machine. */
export const swatchOf = (
	swatches: readonly Swatch[],
	machine: Machine,
	yarn: Yarn
): Swatch | undefined =>
	swatches.find(
		(s) => s.machineId === machine.id && s.yarnId === yarn.id && s.strands === yarn.strands
	);

/** The swatch there is, or an empty one for this machine and yarn. */
export const blankSwatch = (swatch: Swatch | undefined, machine: Machine, yarn: Yarn): Swatch =>
	swatch ?? {
		id: newId() as Swatch['id'],
		machineId: machine.id,
		yarnId: yarn.id,
		strands: yarn.strands,
		slot: Math.min(2, machine.slots),
		hand: 'none',
		fabric: null,
		readings: [],
		loops: [],
		note: ''
	};

/** Readings are called a, b, c, … */
export const letterOf = (i: number): string => String.fromCharCode(97 + (i % 26));
