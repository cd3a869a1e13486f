<script lang="ts">
	import { progressOf } from '$lib/core/crank/makes';
	import type { Project, RunEvent } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { eventContext } from '$lib/core/words/context';
	import { wordProgress } from '$lib/core/words/progress';
	import { useWorkbench } from '../state/workbench.svelte';

	/** How far what was begun is: what a change of the plan means for it is read off here at once. */
	interface Props {
		plan: Plan;
		project: Project;
		events: readonly RunEvent[];
	}
	let { plan, project, events }: Props = $props();
	const workbench = useWorkbench();
	const begun = $derived(
		progressOf(plan.pieces, events).makes.filter(({ run }) => run.done > 0 && !run.off)
	);
</script>

{#if begun.length > 0}
	<ul class="no-print mt-2 text-sm" aria-label="On the machine">
		{#each begun as { make, run } (make.key)}
			<li class="border-accent my-1 border-l-4 pl-3" data-testid="on-machine">
				{wordProgress(make, run, eventContext(plan, make.piece.machine, workbench.units))}
				<a class="underline" href={`/project/${project.id}/knit`}>Go on</a>
			</li>
		{/each}
	</ul>
{/if}
