<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import { wholeLength } from '$lib/core/learn/lesson';
	import type { Plan } from '$lib/core/plan';
	import { wordAnother } from '$lib/core/words/lessons';
	import { recipeFor } from '$lib/core/recipe';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	/** What this one was made another of: the rows that were really knitted then, and those that it has now. */
	let { plan, project, editor }: { plan: Plan; project: Project; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const { after } = $derived(project);
	const of = $derived(workbench.records.projects.find((p) => p.id === after?.projectId));
	const rows = $derived(plan.pieces[0]?.mainRows ?? 0);
	const measured = $derived(
		workbench.records.results.some((r) => r.projectId === project.id && r.sizes.length > 0)
	);
	const asThen = $derived(
		after && after.rows !== rows
			? recipeFor(project.options)?.withRows?.(project.options, after.rows)
			: undefined
	);
</script>

{#if after && of && !measured}
	<p class="no-print my-2 flex flex-wrap items-baseline gap-x-3 gap-y-1">
		<span
			><a class="underline" href={`/project/${of.id}/log`}>{of.name}</a>
			{wordAnother(after.rows, { rows, long: wholeLength(plan) }, workbench.units)}</span
		>
		{#if asThen}<button
				class="btn btn-sm"
				onclick={() => editor.change(`${after.rows} rows, as ${of.name}`, { options: asThen })}
				>Knit {after.rows} again</button
			>{/if}
	</p>
{/if}
