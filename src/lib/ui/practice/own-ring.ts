import { presetOf } from '$lib/core/bench/machine/presets';
import type { Learner } from '$lib/core/practice/lesson';
import type { Units } from '$lib/core/quantity/units';
import { yarnsOf } from '$lib/core/recipe/uses';
import type { Workbench } from '../state/workbench.svelte';

/** A ring to practise on where the maker has none yet. */
const USUAL_PINS = 48;

/** The maker's own ring: of the project at hand, else the one that most is made on. As text, which is the same while it is. */
export function ownRing(workbench: Workbench, seed = 1): string {
	const { machines, projects } = workbench.records;
	const at = workbench.project(workbench.settings.currentProject ?? '');
	const uses = (id: string) => projects.filter((p) => p.machineId === id).length;
	const most = [...machines].sort((a, b) => uses(b.id) - uses(a.id))[0];
	const machine = machines.find((m) => m.id === at?.machineId) ?? most ?? presetOf(USUAL_PINS);
	return JSON.stringify({ ...machine, seed } satisfies Omit<Learner, 'units'>);
}
/** What is said of it in the maker's unit. */
export const learnerOf = (ring: string, units: Units): Learner => ({
	...(JSON.parse(ring) as Omit<Learner, 'units'>),
	units
});

/** The colour of what is made, or a yarn of no project. */
export function ownColour(workbench: Workbench): string {
	const project = workbench.project(workbench.settings.currentProject ?? '');
	const id = project && yarnsOf(project.options)[0];
	return workbench.records.yarns.find((y) => y.id === id)?.colour ?? '#6f8f9c';
}
