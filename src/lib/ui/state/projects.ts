import type { Bench, Project } from '$lib/core/model/project';
import type { HatProject } from '$lib/core/recipe/hats/options';
import type { Options } from '$lib/core/model/options';
import { loadRecipe, nameOf, recipeOf } from '$lib/core/recipe';
import { beginning, type Prefer } from '$lib/core/recipe/begin';
import { newId } from '$lib/store/store';

/** What can be begun from the shelf. */
export type New = Options['recipe'];

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
export function newProject(bench: Bench, what: New, prefer: Prefer = {}): Project | undefined {
	const recipe = recipeOf(what);
	const begun = recipe && beginning(recipe, bench, prefer);
	return begun && fresh(nameOf(what), begun.machine.id, begun.options);
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

/**
 * The next one like it: the same options, planned afresh with what was learned. Set rows give way to the length wished; `knitted` are the main rows that
 * were really knitted, which the next plan offers beside its own.
 */
export function makeAnother(
	project: Project,
	options: Options,
	names: readonly string[],
	knitted?: number
): Project {
	const base = project.name.replace(/ \d+$/, '');
	let n = 2;
	while (names.includes(`${base} ${n}`)) n++;
	return {
		...fresh(`${base} ${n}`, project.machineId, options),
		useFresh: project.useFresh,
		...(project.trims ? { trims: project.trims } : {}),
		...(project.gather ? { gather: project.gather } : {}),
		accepted: project.accepted,
		...(knitted === undefined ? {} : { after: { projectId: project.id, rows: knitted } })
	};
}
