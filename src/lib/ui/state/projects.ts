import type { Bench, Project } from '$lib/core/model/project';
import type { Wish } from '$lib/core/model/wish';
import { linedHat } from '$lib/core/recipe/lined-hat';
import { newId } from '$lib/store/store';

/** A new lined hat from the bench as it is; undefined where the bench lacks a machine or a yarn. */
export function newHat(
	bench: Bench,
	prefer?: { machineId?: string; yarnId?: string }
): Project | undefined {
	const machine = bench.machines.find((m) => m.id === prefer?.machineId) ?? bench.machines.at(-1);
	const yarn = bench.yarns.find((y) => y.id === prefer?.yarnId);
	const wish = linedHat.defaults(yarn ? { ...bench, yarns: [yarn] } : bench);
	if (!machine || !wish) return undefined;
	return fresh('Lined hat', machine.id, wish);
}

/** A new hat by a wish that is worked out already. */
export const hatOf = (machineId: Project['machineId'], wish: Wish): Project =>
	fresh('Lined hat', machineId, wish);

function fresh(name: string, machineId: Project['machineId'], wish: Wish): Project {
	return {
		id: newId() as Project['id'],
		name,
		createdAt: Date.now(),
		machineId,
		wish,
		accepted: [],
		useFresh: false,
		holdsYarn: true,
		used: null,
		note: ''
	};
}

/** The next one like it: the same wish, planned afresh with what was learned. Set rows give way to the length wished. */
export function makeAnother(project: Project, wish: Wish, names: readonly string[]): Project {
	const base = project.name.replace(/ \d+$/, '');
	let n = 2;
	while (names.includes(`${base} ${n}`)) n++;
	return {
		...fresh(`${base} ${n}`, project.machineId, wish),
		useFresh: project.useFresh,
		accepted: project.accepted
	};
}
