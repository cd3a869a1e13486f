import { expect, it } from 'vitest';
import type { Project } from '../core/model/project';
import { plan } from '../core/plan';
import { HAT_KINDS } from '../core/recipe/hats/kinds';
import { TUBE_KINDS } from '../core/recipe/tubes/kinds';
import { RECIPES, recipeOf } from '../core/recipe';
import { harbour } from './harbour';

const KINDS: Record<string, { readonly pins: { readonly least: number; readonly most: number } }> =
	{
		...HAT_KINDS,
		...TUBE_KINDS
	};

it.each(RECIPES.map((r) => [r.id, recipeOf(r.id)!] as const))(
	'the defaults of %s can be knitted on the lantern fair’s bench as it is',
	(id, recipe) => {
		const { bench } = harbour;
		const pins = KINDS[id]?.pins ?? { least: 40, most: 100 };
		const machine =
			bench.machines.find((m) => m.pins >= pins.least && m.pins <= pins.most) ?? bench.machines[0]!;
		const project: Project = {
			...harbour.projects[0]!,
			machineId: machine.id,
			options: recipe.defaults(bench)!
		};
		const p = plan(project, bench);
		expect(p.findings.filter((f) => f.severity === 'stop').map((f) => f.code)).toEqual([]);
		expect(p.ok && p.pieces.every((x) => x.mainRows > 0)).toBe(true);
	}
);
