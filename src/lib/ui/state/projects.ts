import type { Bench, HatProject, Project } from '$lib/core/model/project';
import type { LinedHatWish, Wish } from '$lib/core/model/wish';
import { bunting } from '$lib/core/recipe/bunting';
import type { TubeKindId } from '$lib/core/model/kinds';
import { TUBE_KINDS, tubeRecipe } from '$lib/core/recipe/plain-tube';
import { linedHat } from '$lib/core/recipe/lined-hat';
import { newId } from '$lib/store/store';

/** A new lined hat from the bench as it is; undefined where the bench lacks a machine or a yarn. */
export function newHat(
	bench: Bench,
	prefer?: { machineId?: string; yarnId?: string }
): HatProject | undefined {
	const machine = bench.machines.find((m) => m.id === prefer?.machineId) ?? bench.machines.at(-1);
	const yarn = bench.yarns.find((y) => y.id === prefer?.yarnId);
	const wish = linedHat.defaults(yarn ? { ...bench, yarns: [yarn] } : bench);
	if (!machine || !wish) return undefined;
	return fresh('Lined hat', machine.id, wish);
}

/** A new hat by a wish that is worked out already. */
export const hatOf = (machineId: Project['machineId'], wish: LinedHatWish): Project =>
	fresh('Lined hat', machineId, wish);

/** A new string of flags, its colours those of the yarns there are most of. */
export function newBunting(bench: Bench): Project | undefined {
	const machine = bench.machines.at(-1);
	const wish = bunting.defaults(bench);
	return machine && wish && fresh('Bunting', machine.id, wish);
}

/** What can be begun from the shelf. */
export type New = 'hat' | 'bunting' | TubeKindId;

/** A new tube of a kind, from the bench as it is. */
export function newTube(bench: Bench, kind: TubeKindId): Project | undefined {
	const of = TUBE_KINDS[kind];
	// The machine nearest the middle of what is usual for it.
	const usual = Math.sqrt(of.pins.least * of.pins.most);
	const machine = [...bench.machines].sort(
		(a, b) => Math.abs(Math.log(a.pins / usual)) - Math.abs(Math.log(b.pins / usual))
	)[0];
	const wish = tubeRecipe(of).defaults(bench);
	return machine && wish && fresh(of.name, machine.id, wish);
}

function fresh<W extends Wish>(
	name: string,
	machineId: Project['machineId'],
	wish: W
): Project & { wish: W } {
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
