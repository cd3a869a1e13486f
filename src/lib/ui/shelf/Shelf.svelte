<script lang="ts">
	import { max } from 'd3-array';
	import { liveQuery } from 'dexie';
	import { foldRun, type RunState } from '$lib/core/learn/count';
	import type { Plan } from '$lib/core/plan';
	import { plan } from '$lib/core/plan';
	import type { Project } from '$lib/core/model/project';
	import { eventsOf } from '$lib/store/store';
	import { useWorkbench } from '../state/workbench.svelte';
	import ShelfTube from './ShelfTube.svelte';

	let { onnew }: { onnew: () => void } = $props();
	const workbench = useWorkbench();
	let runs = $state.raw(new Map<string, RunState>());
	let find = $state('');

	$effect(() => {
		const ids = workbench.records.projects.map((p) => p.id);
		const subscription = liveQuery(() =>
			Promise.all(ids.map(async (id) => [id, foldRun(await eventsOf(workbench.db, id))] as const))
		).subscribe((found) => (runs = new Map(found)));
		return () => subscription.unsubscribe();
	});

	interface Item {
		readonly project: Project;
		readonly plan: Plan | null;
	}
	const items = $derived(
		workbench.records.projects
			.map((project): Item => {
				const p = plan(project, workbench.bench);
				return { project, plan: p.ok ? p : null };
			})
			.toReversed()
	);
	const shown = $derived(
		items.filter((i) => i.project.name.toLowerCase().includes(find.trim().toLowerCase()))
	);
	// One scale for all: the longest tube fills the rack.
	const longest = $derived(max(items, (i) => i.plan?.hat.tubeFlat.mean) ?? 60);
</script>

<div class="mb-2 flex flex-wrap items-end justify-between gap-3">
	<h1 class="text-2xl">The shelf</h1>
	<div class="flex items-end gap-2">
		{#if items.length > 6}
			<input
				class="field max-w-48"
				placeholder="Find by name"
				aria-label="Find a project by name"
				bind:value={find}
			/>
		{/if}
		<button class="act act-now" onclick={onnew}>New hat</button>
	</div>
</div>
<ul>
	{#each shown as { project, plan: planned } (project.id)}
		<ShelfTube
			{project}
			plan={planned}
			run={runs.get(project.id) ?? null}
			measured={workbench.records.results.filter((r) => r.projectId === project.id)}
			{longest}
		/>
	{:else}
		<li class="quiet py-6">No project is called that.</li>
	{/each}
</ul>
