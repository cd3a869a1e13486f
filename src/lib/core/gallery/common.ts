import type { Machine, MachineId, Yarn, YarnId } from '../model/bench';
import type { Bench } from '../model/project';
import { presetOf } from '../bench/machine/presets';
import { FIRST_COLOURS } from '../bench/yarn/colour-names';
import { yarnIn } from '../bench/yarn/usual';

/** A ring for what is small and one for what is worn, and three colours of a medium yarn: what most begin with. */
const PINS = [22, 46];
const COLOURS = 3;
const GRAMS = 300;

const machines = (): Machine[] =>
	PINS.map((pins) => ({ ...presetOf(pins), id: `common-${pins}` as MachineId }));
const yarns = (): Yarn[] =>
	FIRST_COLOURS.slice(0, COLOURS).map((colour) =>
		yarnIn(`common-${colour}` as YarnId, colour, { name: 'a medium yarn', grams: GRAMS })
	);

/** What a bench lacks, a machine or a yarn, filled in with a common one. */
export interface Filled {
	readonly bench: Bench;
	/** What is not the maker's own. */
	readonly common: { readonly machine: boolean; readonly yarn: boolean };
}
export function filledBench(bench: Bench): Filled {
	const common = { machine: bench.machines.length === 0, yarn: bench.yarns.length === 0 };
	return {
		bench: {
			...bench,
			...(common.machine ? { machines: machines() } : {}),
			...(common.yarn ? { yarns: yarns() } : {})
		},
		common
	};
}
