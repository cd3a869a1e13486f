<script lang="ts">
	import { notesFor, type Alike } from '$lib/core/learn/next-time';
	import { wordAbout } from '$lib/core/words/lessons';
	import type { Project } from '$lib/core/model/project';
	import { useWorkbench } from '../state/workbench.svelte';

	/** Notes for next time, from the logs of things like this one, until each is seen to. */
	let { project }: { project: Project } = $props();
	const workbench = useWorkbench();
	const notes = $derived(notesFor(project, workbench.records.projects, workbench.records.results));
	const LIKE: Record<Alike, string> = {
		recipe: 'one like this',
		yarn: 'of this yarn',
		machine: 'on this machine'
	};
	const MOST = 3;
</script>

{#if notes.length > 0}
	<section class="no-print my-3 border-accent border-l-4 pl-3" aria-label="From last time">
		<ul class="grid gap-1">
			{#each notes.slice(0, MOST) as { result, of, alike } (result.id)}
				<li class="flex flex-wrap items-baseline gap-x-3 gap-y-1">
					<span
						><a class="underline" href={`/project/${of.id}/log`}>{of.name}</a>
						<span class="quiet"
							>({LIKE[alike]}, {result.rowsKnitted} rows{wordAbout(result.about) &&
								`; ${wordAbout(result.about)}`})</span
						>:
						<span class="whitespace-pre-line">{result.note}</span></span
					>
					<button
						class="btn btn-sm"
						aria-label={`Seen to: ${result.note.slice(0, 60)}`}
						onclick={() => void workbench.addResult({ ...result, next: 'done' }, of)}
						>Seen to</button
					>
				</li>
			{/each}
		</ul>
		{#if notes.length > MOST}<p class="hint">
				and {notes.length - MOST} more in the logs of things like this
			</p>{/if}
	</section>
{/if}
