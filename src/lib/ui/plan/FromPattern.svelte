<script lang="ts">
	import { goto } from '$app/navigation';
	import type { Project } from '$lib/core/model/project';
	import { useWorkbench } from '../state/workbench.svelte';

	/** The written pattern that it was taken from, as it was then, with its notes. */
	let { project }: { project: Project } = $props();
	const workbench = useWorkbench();
	const pattern = $derived(project.pattern);
	const kept = $derived(workbench.records.patterns.some((p) => p.id === pattern?.id));
	async function open() {
		if (!pattern) return;
		if (!kept) await workbench.putPattern($state.snapshot(pattern));
		await goto(`/pattern/${pattern.id}?machine=${project.machineId}`);
	}
</script>

{#if pattern}
	<details class="mt-3" data-testid="from-pattern">
		<summary class="cursor-pointer text-base">From the pattern {pattern.name}</summary>
		{#if pattern.note}<p class="mt-2">{pattern.note}</p>{/if}
		<p class="rule-line mt-2 max-h-96 overflow-y-auto border p-3 text-sm whitespace-pre-wrap">
			{pattern.text}
		</p>
		<button class="btn btn-sm no-print mt-2" onclick={open}
			>{kept ? 'Open it on the bench' : 'Put it on the bench again'}</button
		>
	</details>
{/if}
