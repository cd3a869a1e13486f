import { caterpillar } from '../../src/lib/core/recipe/assembled/toys/caterpillar';
import { lighthouse } from '../../src/lib/core/recipe/assembled/toys/lighthouse';
import { harbour } from '../../src/lib/demo/harbour';
import type { Bench, Project } from '../../src/lib/core/model/project';
import { benchWith, everyStart } from '../support/every';

/** One project on one bench, by a name that stays. */
export interface Case {
	readonly name: string;
	readonly project: Project;
	readonly bench: Bench;
}

/** Of the demo: one of each family, with joins, a hem, panels in both hands, ladders, several machines. */
const OF_THE_DEMO = [
	'Foghorn',
	'Gull ears',
	'Night watch',
	'Landing socks',
	'Candle pouch',
	'Quay flags',
	'Lamplit cardigan',
	'Stall cloth',
	'Ferry bag',
	'Skerry the seal',
	'Lantern garland'
];
/** And as they begin on 48 pins: what the demo has none of. */
const BEGUN = ['shrug', 'tube-blanket', 'cord'];
/** The demo's toy in other forms. */
const FORMS = { caterpillar, lighthouse };

/** A dozen plans and a few: as different as they come. */
export const cases = (): Case[] => [
	...harbour.projects
		.filter((p) => OF_THE_DEMO.includes(p.name))
		.map((project) => ({ name: project.name, project, bench: harbour.bench })),
	...everyStart((p) => p, [benchWith(48)])
		.filter(({ what }) => BEGUN.includes(what))
		.map(({ what, project, bench }) => ({ name: `${what} on 48 pins`, project, bench })),
	...Object.entries(FORMS).flatMap(([name, form]) =>
		harbour.projects
			.filter((p) => p.options.recipe === 'toy')
			.map((p) => ({
				name,
				project: { ...p, options: { ...p.options, ...form.toy(null) } as Project['options'] },
				bench: harbour.bench
			}))
	)
];
