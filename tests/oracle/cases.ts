import { harbour } from '../../src/lib/demo/harbour';
import type { Bench, Project } from '../../src/lib/core/model/project';
import { benchWith, everyStart, RINGS } from '../support/every';

/** One project on one bench, by a name that stays. */
export interface Case {
	readonly name: string;
	readonly project: Project;
	readonly bench: Bench;
}

/** Worsted, a thinner yarn held double, a weak fuzzy one: by their places among the yarns of `benchWith`. */
const FIRST = { worsted: 0, double: 2, fuzzy: 3 } as const;

/** Every project of the demo, and what every recipe begins with on three rings with three yarns. */
export const cases = (): Case[] => [
	...harbour.projects.map((project) => ({
		name: `demo, ${project.name}`,
		project,
		bench: harbour.bench
	})),
	...Object.entries(FIRST).flatMap(([yarn, first]) =>
		everyStart(
			(p) => p,
			RINGS.map((pins) => benchWith(pins, first))
		).map(({ what, pins, project, bench }) => ({
			name: `${what} on ${pins}, ${yarn}`,
			project,
			bench
		}))
	)
];
