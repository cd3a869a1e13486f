import type { Project } from '$lib/core/model/project';
import type { Station } from '../parts/Strand.svelte';

const WAY = ['bench', 'plan', 'knit', 'finish', 'log'] as const;
const LABELS = {
	bench: 'Bench',
	plan: 'Plan',
	knit: 'Knit',
	finish: 'Finish',
	log: 'Log'
} as const;

/** What is behind the maker, station by station. */
export type Done = Readonly<Record<(typeof WAY)[number], boolean>>;

export interface HowFar {
	readonly started: boolean;
	readonly off: boolean;
	readonly steps: ReadonlySet<string>;
}

/** What the records and the run say is done: planned once it is cranked, knitted once all of it is off the machine. */
export function doneOf(run: HowFar | null, bench: boolean, measured: boolean): Done {
	return {
		bench,
		plan: measured || run?.started === true,
		knit: measured || run?.off === true,
		finish: run?.steps.has('measure') === true,
		log: measured
	};
}

/** The five stations of the work for where the maker is now. Without a project only the bench is open. */
export function stationsFor(path: string, project: Project | undefined, done: Done): Station[] {
	// Standing in for a yarn is part of planning.
	// And a written pattern lies on the bench.
	const at = path.replace(/\/stand-ins$/, '/plan').replace(/^\/pattern\/.*/, '/bench');
	const here = WAY.find((w) => at === `/${w}` || at.endsWith(`/${w}`));
	return WAY.map((id): Station => {
		const href = id === 'bench' ? '/bench' : project ? `/project/${project.id}/${id}` : null;
		return {
			id,
			label: LABELS[id],
			href,
			state: id === here ? 'here' : done[id] ? 'done' : 'ahead'
		};
	});
}
