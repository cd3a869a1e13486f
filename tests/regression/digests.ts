import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import type { Bench, Project } from '../../src/lib/core/model/project';
import { plan, type Plan } from '../../src/lib/core/plan';
import { everyChange } from '../support/changes';
import { benchWith } from '../support/every';
import { recipeOf } from '../../src/lib/core/recipe';
import { controlsOf } from '../../src/lib/core/recipe/controls';
import { FACETS, facetOf } from './facets';

/** What every recipe says as it begins and with each single option changed: a few digits for each facet. */
export type Digests = Record<string, Record<string, string>>;

const PATH = new URL('digests.json', import.meta.url);
export const frozenDigests = (): Digests => JSON.parse(readFileSync(PATH, 'utf8')) as Digests;
export const freezeDigests = (all: Digests): void =>
	writeFileSync(PATH, `${JSON.stringify(all, null, '\t')}\n`);

/** Everything that can be asked of it as it stands: labels, ranges, choices; and on which rings it is usual. */
function optionsOf(project: Project, bench: Bench, made: Plan): unknown {
	const recipe = recipeOf(project.options.recipe)!;
	return [recipe.pins, controlsOf(recipe.options, project.options, { ...made, bench })];
}

/** By recipe and facet, and how many plans they stand for. */
export function digests(): { readonly plans: number; readonly all: Digests } {
	const bench = benchWith(48);
	const hashes = new Map<string, ReturnType<typeof createHash>[]>();
	const changes = everyChange(bench);
	for (const { recipe, project } of changes) {
		const made = plan(project, bench);
		const each = hashes.get(recipe) ?? [...FACETS, 'options'].map(() => createHash('sha256'));
		hashes.set(recipe, each);
		const asked = made.ok ? optionsOf(project, bench, made) : made.why;
		each[FACETS.length]!.update(JSON.stringify(asked));
		for (const [i, facet] of FACETS.entries())
			each[i]!.update(JSON.stringify(made.ok ? facetOf(facet, made) : made.why));
	}
	const all = Object.fromEntries(
		[...hashes].map(([recipe, each]) => [
			recipe,
			Object.fromEntries(
				[...FACETS, 'options'].map((f, i) => [f, each[i]!.digest('hex').slice(0, 8)])
			)
		])
	);
	return { plans: changes.length, all };
}
