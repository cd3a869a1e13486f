<script lang="ts">
	import { afterwards } from '$lib/core/learn/afterwards';
	import type { MeasuredResult, Project } from '$lib/core/model/project';
	import { wordChange, wordRemedy } from '$lib/core/words/afterwards';
	import { useWorkbench } from '../state/workbench.svelte';

	/** What can still be done to the finished thing, by what was measured of it. */
	let { project, result }: { project: Project; result: MeasuredResult } = $props();
	const workbench = useWorkbench();
	const changes = $derived(afterwards(project, workbench.bench, result));
</script>

{#if changes.length > 0}
	<section aria-labelledby="after-title" data-testid="afterwards">
		<h2 id="after-title" class="mb-1 text-xl">What can still be changed</h2>
		<ul class="grid gap-2">
			{#each changes as change (change.id)}
				<li>
					<p class="font-semibold">{wordChange(change, workbench.units)}</p>
					<ul class="list-disc pl-5">
						{#each change.ways as way, i (i)}<li>{wordRemedy(way, workbench.units)}</li>{/each}
					</ul>
				</li>
			{/each}
		</ul>
	</section>
{/if}
