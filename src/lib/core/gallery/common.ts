import type { Machine, MachineId, Yarn, YarnId } from '../model/bench';
import type { Bench } from '../model/project';
import { MACHINE_PRESETS } from '../bench/machine/presets';
import { usualYarn } from '../bench/yarn/usual';
import { USUAL_METRES_PER_100G } from '../bench/yarn/weight-class';

/** A ring for what is small and one for what is worn, and three colours of a medium yarn: what most begin with. */
const PINS = [22, 46];
const COLOURS = [
	['teal', '#2f7f93'],
	['rust', '#c65a3a'],
	['straw', '#e0b64a']
] as const;

const machines = (): Machine[] =>
	MACHINE_PRESETS.filter((m) => PINS.includes(m.pins)).map((m) => ({
		...m,
		id: `common-${m.pins}` as MachineId
	}));
const yarns = (): Yarn[] =>
	COLOURS.map(([colourName, colour]) => ({
		id: `common-${colourName}` as YarnId,
		name: 'a medium yarn',
		colourName,
		colour,
		weightClass: 4,
		metresPer100g: USUAL_METRES_PER_100G[4],
		fibres: [{ fibre: 'wool', percent: 100 }],
		gramsOnHand: 300,
		...usualYarn()
	}));

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
