import type { Machine, Yarn } from '../model/bench';
import type { Units } from '../quantity/units';

export interface EventContext {
	readonly units: Units;
	readonly machine: Machine;
	readonly yarnName: (yarn: number) => string;
	/** Held together, of a yarn of the plan. */
	readonly strands: (yarn: number) => number;
}

/** What the words at the crank need to know of a plan. */
export const eventContext = (
	plan: { readonly yarns: readonly Pick<Yarn, 'colourName' | 'strands'>[] },
	machine: Machine,
	units: Units
): EventContext => ({
	units,
	machine,
	yarnName: (i) => plan.yarns[i]?.colourName ?? 'yarn',
	strands: (i) => plan.yarns[i]?.strands ?? 1
});
