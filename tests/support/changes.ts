import type { Bench, Project } from '../../src/lib/core/model/project';
import type { Options } from '../../src/lib/core/model/options';
import { plan } from '../../src/lib/core/plan';
import { recipeOf, RECIPES } from '../../src/lib/core/recipe';
import { controlsOf, type Control } from '../../src/lib/core/recipe/controls';
import { projectOf } from './bench';

/** Every value that a maker can give by a control, its bounds among them. */
export function valuesOf(c: Control, bench: Bench): unknown[] {
	switch (c.kind) {
		case 'number':
			return [c.min, c.max, ...c.named.map((n) => n.value), ...(c.usual ? [null] : [])];
		case 'choice':
			return c.choices.map((x) => x.value);
		case 'yarn':
			return bench.yarns.map((y) => y.id);
		case 'again':
			return [c.next];
		case 'editor':
			return [];
	}
}

export interface Changed {
	readonly recipe: string;
	/** The option that was set, and to what; null for what the recipe begins with. */
	readonly key: string | null;
	readonly value: unknown;
	readonly project: Project;
}

/** A project with its ends drawn up in each other way there is: the tail doubled, and a strand of the last yarn of a bench. */
export const gatheredOtherwise = (project: Project, bench: Bench): Project[] => [
	{ ...project, gather: { how: 'doubled' } },
	{ ...project, gather: { how: 'yarn', yarnId: bench.yarns.at(-1)!.id } }
];

/** What every recipe begins with on the first ring of a bench, and that with each single option set to each of its values. */
export function everyChange(bench: Bench): Changed[] {
	const machine = bench.machines[0]!;
	return RECIPES.flatMap(({ id }): Changed[] => {
		const recipe = recipeOf(id)!;
		const options = recipe.defaults(bench, machine);
		if (!options) return [];
		const with_ = (next: Options): Project => ({
			...projectOf(),
			machineId: machine.id,
			options: next
		});
		const begun = { recipe: id, key: null, value: null, project: with_(options) };
		const made = plan(begun.project, bench);
		if (!made.ok) return [];
		const controls = controlsOf(recipe.options, options, { ...made, bench });
		return [
			begun,
			...controls.flatMap((c) =>
				valuesOf(c, bench).map((value) => ({
					recipe: id,
					key: c.key,
					value,
					project: with_({ ...options, ...c.patch(value) } as Options)
				}))
			)
		];
	});
}
