<script lang="ts">
	import type { Plan } from '$lib/core/plan';
	import type { Project, RunEvent } from '$lib/core/model/project';
	import { lengthOf } from '$lib/core/plan/lies';
	import { eventsOf } from '$lib/store/store';
	import { GROUPS, RECIPES, type Group } from '$lib/core/recipe';
	import type { New } from '../state/projects';
	import { useWorkbench } from '../state/workbench.svelte';
	import ShelfTube from './ShelfTube.svelte';

	let { onnew }: { onnew: (what: New | 'order') => void } = $props();
	const workbench = useWorkbench();
	let runs = $state.raw(new Map<string, readonly RunEvent[]>());
	let find = $state('');
	let width = $state(0);

	$effect(() => {
		const ids = workbench.records.projects.map((p) => p.id);
		return workbench.live(
			() => Promise.all(ids.map(async (id) => [id, await eventsOf(workbench.db, id)] as const)),
			(found) => (runs = new Map(found))
		);
	});

	const GROUP_NAMES: Record<Group, string> = {
		hats: 'On the head',
		tubes: 'Worn and used',
		panels: 'Panels and garments',
		several: 'Folded, stuffed and hung',
		parts: 'Parts, and your own'
	};
	interface Item {
		readonly project: Project;
		readonly plan: Plan | null;
		/** Its plan is on its way. */
		readonly waiting: boolean;
	}
	const items = $derived(
		workbench.records.projects
			.map((project): Item => {
				const p = workbench.planOf(project);
				return { project, plan: p?.ok ? p : null, waiting: p === null };
			})
			.toReversed()
	);
	const shown = $derived(
		items.filter((i) => i.project.name.toLowerCase().includes(find.trim().toLowerCase()))
	);
	// One scale for all: the longest tube fills the rack.
	const longest = $derived(
		Math.max(0, ...items.map((i) => (i.plan ? lengthOf(i.plan).mean : 0))) || 60
	);
</script>

<div class="mb-2 flex flex-wrap items-end justify-between gap-3">
	<h1 class="text-2xl">The shelf</h1>
	<div class="flex items-end gap-2">
		{#if items.length > 6}
			<input
				class="input w-full max-w-48"
				placeholder="Find by name"
				aria-label="Find a project by name"
				bind:value={find}
			/>
		{/if}
		<label class="flex items-center gap-2">
			<span class="sr-only">Begin something else</span>
			<select
				class="select w-44"
				value=""
				onchange={(e) => {
					const what = e.currentTarget.value;
					e.currentTarget.value = '';
					if (what) onnew(what as New | 'order');
				}}
			>
				<option value="">Something else…</option>
				{#each GROUPS as group (group)}
					<optgroup label={GROUP_NAMES[group]}>
						{#each RECIPES.filter((r) => r.group === group && r.id !== 'lined-hat') as r (r.id)}
							<option value={r.id}>{r.name}</option>
						{/each}
					</optgroup>
				{/each}
				<optgroup label="For the stall"><option value="order">Order of several</option></optgroup>
			</select>
		</label>
		<button class="btn btn-accent" onclick={() => onnew('lined-hat')}>New hat</button>
	</div>
</div>
{#if workbench.records.orders.length > 0}
	<ul class="mb-1 flex flex-wrap gap-2" aria-label="Stall orders">
		{#each workbench.records.orders as o (o.id)}
			<li>
				<a class="btn btn-sm" href={`/order/${o.id}`}
					>{o.name}:
					<span class="figure"
						>{o.lines.reduce((t, l) => t + Math.min(l.made, l.count), 0)} of {o.lines.reduce(
							(t, l) => t + l.count,
							0
						)} made</span
					></a
				>
			</li>
		{/each}
	</ul>
{/if}
<ul bind:clientWidth={width}>
	{#each shown as { project, plan: planned, waiting } (project.id)}
		<svelte:boundary onerror={() => void workbench.check()}>
			<ShelfTube
				{project}
				plan={planned}
				{waiting}
				events={runs.get(project.id) ?? null}
				measured={workbench.records.results.filter((r) => r.projectId === project.id)}
				{longest}
				{width}
			/>
			{#snippet failed(_, reset)}
				<li class="rule-line border-t py-3">
					<b>{project.name}</b> cannot be shown here.
					<a class="underline" href={`/project/${project.id}/plan`}>Its plan</a>
					<button class="btn btn-sm" onclick={reset}>Try again</button>
				</li>
			{/snippet}
		</svelte:boundary>
	{:else}
		<li class="quiet py-6">No project is called that.</li>
	{/each}
</ul>
