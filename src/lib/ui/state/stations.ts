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

/** The five stations of the work for where the maker is now. Without a project only the bench is open. */
export function stationsFor(
	path: string,
	project: Project | undefined,
	known: { readonly measured: boolean; readonly bench: boolean }
): Station[] {
	const here = WAY.findIndex((w) => path === `/${w}` || path.endsWith(`/${w}`));
	return WAY.map((id, i): Station => {
		const href = id === 'bench' ? '/bench' : project ? `/project/${project.id}/${id}` : null;
		const past = id === 'bench' ? known.bench && i !== here : here > i || (known.measured && i < 5);
		return { id, label: LABELS[id], href, state: i === here ? 'here' : past ? 'done' : 'ahead' };
	});
}
