import { describe, expect, it } from 'vitest';
import * as z from 'zod';
import { anyProject } from '../../../../tests/support/some-options';
import { valuesOf } from '../../../../tests/support/changes';
import { benchWith } from '../../../../tests/support/every';
import { projectOf } from '../../../../tests/support/bench';
import type { Options } from '../model/options';
import { plan, type Plan } from '../plan';
import { recipeFor, recipeOf, RECIPES } from '.';
import { controlsOf } from './controls';
import { asked, OPTION_GROUPS, type Asked } from './option';

const bench = benchWith(48);
const now = (p: Plan) => ({ ...p, bench });
const planOf = (options: Options) =>
	plan({ ...projectOf(), machineId: bench.machines[0]!.id, options }, bench);

describe.each(RECIPES.map((r) => r.id))('the options of %s', (id) => {
	const recipe = recipeOf(id)!;
	const options = recipe.defaults(bench, bench.machines[0])!;

	it('are its own and no more: what it begins with is what its schema holds', () => {
		expect(recipe.options.parse(options)).toEqual(options);
		expect(Object.keys(options).sort()).toEqual(Object.keys(recipe.options.shape).sort());
	});

	it('are all asked for, each once, by a name, in a place', () => {
		const p = planOf(options);
		if (!p.ok) throw new Error(JSON.stringify(p));
		const controls = controlsOf(recipe.options, options, now(p));
		expect(new Set(controls.map((c) => c.key)).size).toBe(controls.length);
		for (const c of controls) {
			expect(OPTION_GROUPS).toContain(c.group);
			// Yarns are told by the letters of the stripe line.
			if (c.kind !== 'editor') expect(c.label, c.key).not.toBe('');
			expect(c.what, c.key).not.toBe('');
			if (c.kind === 'choice')
				expect(
					c.choices.map((x) => x.id),
					c.key
				).toContain(c.chosen);
		}
	});

	it('take every value that is offered, and what is set so can be planned', () => {
		const p = planOf(options);
		if (!p.ok) throw new Error(JSON.stringify(p));
		for (const c of controlsOf(recipe.options, options, now(p)))
			for (const value of valuesOf(c, bench)) {
				const next = { ...options, ...c.patch(value) } as Options;
				const read = recipe.options.safeParse(next);
				expect(read.error?.issues, `${c.key} ${JSON.stringify(value)}`).toBeUndefined();
				expect(read.data).toEqual(next);
				const made = planOf(next);
				expect(made.ok || made.why === 'too-much', `${c.key} ${JSON.stringify(value)}`).toBe(true);
			}
	});

	it('begin, when set another way, with what the plan says now', () => {
		const p = planOf(options);
		if (!p.ok) throw new Error(JSON.stringify(p));
		const rows = p.pieces[0]?.mainRows;
		for (const c of controlsOf(recipe.options, options, now(p))) {
			const way = c.kind === 'choice' && c.choices.find((x) => x.id === 'rows');
			if (!way || rows === undefined) continue;
			const made = planOf({ ...options, ...c.patch(way.value) } as Options);
			expect(made.ok && made.pieces[0]!.mainRows).toBe(rows);
		}
	});
});

/** What is asked for together with something else, or follows from the picture: by its place, and why. */
const WITH_ANOTHER: Readonly<Record<string, string>> = {
	wasteWith: 'by the school of waste',
	wasteEnd: 'with the waste',
	joinTails: 'with the waste',
	alone: 'by a point of one piece on the drawing',
	seams: 'with the pieces',
	'eyes.part': 'with the set of parts',
	'eyes.count': 'with the set of parts'
};
/** Every place of a schema that holds a value, and whether it says how it is asked for. */
function places(schema: z.ZodType, path: string): [string, boolean][] {
	const how = asked.get(schema as never) as Asked | undefined;
	const inner =
		schema instanceof z.ZodNullable || schema instanceof z.ZodOptional
			? (schema.unwrap() as z.ZodType)
			: schema;
	// A part of its own asks for all that lies within.
	if (how?.editor !== undefined) return [[path, true]];
	if (inner instanceof z.ZodDiscriminatedUnion) {
		const silent = [inner.def.discriminator, how?.split];
		return [
			[path, how !== undefined],
			...(inner.options as unknown as z.ZodObject[]).flatMap((way) =>
				Object.entries(way.shape as Record<string, z.ZodType>).flatMap(([k, s]) =>
					silent.includes(k) ? [] : places(s, `${path}.${k}`)
				)
			)
		];
	}
	if (inner instanceof z.ZodObject)
		return Object.entries(inner.shape as Record<string, z.ZodType>).flatMap(([k, s]) =>
			places(s, path === '' ? k : `${path}.${k}`)
		);
	return [[path, how !== undefined]];
}
it('every option of every recipe can be set: none is forgotten', () => {
	const forgotten = RECIPES.flatMap(({ id }) =>
		places(recipeOf(id)!.options, '')
			.filter(([path, is]) => !is && path !== 'recipe' && !(path in WITH_ANOTHER))
			.map(([path]) => `${id}: ${path}`)
	);
	expect(forgotten).toEqual([]);
});

it('anything a maker can set can be shown, and any control of it set again', () => {
	const SEEDS = 400;
	let shown = 0;
	for (let seed = 1; seed <= SEEDS; seed++) {
		const { project, bench: on } = anyProject(seed);
		const p = plan(project, on);
		const recipe = recipeFor(project.options)!;
		if (!p.ok) continue;
		for (const c of controlsOf(recipe.options, project.options, { ...p, bench: on }))
			for (const value of valuesOf(c, bench).filter(
				(v) => c.kind !== 'yarn' || on.yarns.some((y) => y.id === v)
			)) {
				const read = recipe.options.safeParse({ ...project.options, ...c.patch(value) });
				expect(
					read.error?.issues,
					`seed ${seed}: ${c.key} ${JSON.stringify(value)}`
				).toBeUndefined();
				shown++;
			}
	}
	expect(shown).toBeGreaterThan(5 * SEEDS);
});
