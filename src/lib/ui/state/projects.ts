import type { Bench, Project } from '$lib/core/model/project';
import type { HatProject } from '$lib/core/recipe/hats/options';
import type { Options } from '$lib/core/model/options';
import type { Recipe } from '$lib/core/recipe/recipe';
import { loadRecipe, nameOf, recipeOf } from '$lib/core/recipe';
import { withUsual, type UsualWaste } from '$lib/core/recipe/uses';
import { newId } from '$lib/store/store';

/** What can be begun from the shelf. */
export type New = Options['recipe'];

interface Prefer {
	readonly machineId?: string | undefined;
	readonly yarnId?: string | undefined;
	readonly usual?: UsualWaste | null;
}

/** The machine a recipe is begun on: nearest the middle of its usual pins, the one with most, or the last. */
function machineFor({ begins, pins }: Pick<Recipe, 'begins' | 'pins'>, { machines }: Bench) {
	if (begins === 'last') return machines.at(-1);
	if (begins === 'most-pins' || !pins) return [...machines].sort((a, b) => b.pins - a.pins)[0];
	const usual = Math.sqrt(pins.least * pins.most);
	const off = (m: Bench['machines'][number]) => Math.abs(Math.log(m.pins / usual));
	return [...machines].sort((a, b) => off(a) - off(b))[0];
}

/** Anything that can be made, its recipe fetched first where it has to be. */
export async function beginProject(
	bench: Bench,
	what: New,
	prefer: Prefer = {}
): Promise<Project | undefined> {
	await loadRecipe(what);
	return newProject(bench, what, prefer);
}

/** The same with a recipe that is loaded; undefined where the bench lacks a machine or a yarn. */
export function newProject(
	bench: Bench,
	what: New,
	{ machineId, yarnId, usual }: Prefer = {}
): Project | undefined {
	const recipe = recipeOf(what);
	const machine =
		recipe && (bench.machines.find((m) => m.id === machineId) ?? machineFor(recipe, bench));
	const yarn = bench.yarns.find((y) => y.id === yarnId);
	const options = recipe?.defaults(yarn ? { ...bench, yarns: [yarn] } : bench, machine);
	if (!machine || !options) return undefined;
	return fresh(
		nameOf(what),
		machine.id,
		usual && !recipe.ownWaste ? withUsual(options, usual) : options
	);
}

/** A new hat from the bench as it is; undefined where the bench lacks a machine or a yarn. */
export const newHat = (bench: Bench, prefer: Prefer = {}): HatProject | undefined =>
	newProject(bench, 'lined-hat', prefer) as HatProject | undefined;

/** A new project by options that are worked out already. */
export const projectOf = (machineId: Project['machineId'], options: Options): Project =>
	fresh(nameOf(options.recipe), machineId, options);

function fresh<W extends Options>(
	name: string,
	machineId: Project['machineId'],
	options: W
): Project & { options: W } {
	return {
		id: newId() as Project['id'],
		name,
		createdAt: Date.now(),
		machineId,
		options,
		accepted: [],
		useFresh: false,
		holdsYarn: true,
		used: null,
		note: ''
	};
}

/** The next one like it: the same options, planned afresh with what was learned. Set rows give way to the length wished. */
export function makeAnother(project: Project, options: Options, names: readonly string[]): Project {
	const base = project.name.replace(/ \d+$/, '');
	let n = 2;
	while (names.includes(`${base} ${n}`)) n++;
	return {
		...fresh(`${base} ${n}`, project.machineId, options),
		useFresh: project.useFresh,
		...(project.trims ? { trims: project.trims } : {}),
		...(project.gather ? { gather: project.gather } : {}),
		accepted: project.accepted
	};
}
