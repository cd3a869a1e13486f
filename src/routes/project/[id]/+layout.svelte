<script lang="ts">
	import type { Snippet } from 'svelte';
	import { page } from '$app/state';
	import StoreGone from '$lib/ui/parts/StoreGone.svelte';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	let { children }: { children: Snippet } = $props();
	const workbench = useWorkbench();
	const project = $derived(workbench.project(page.params.id ?? ''));

	const unsound = $derived(
		workbench.unsound.find((u) => u.table === 'projects' && u.id === page.params.id)
	);

	$effect(() => {
		if (project && workbench.settings.currentProject !== project.id)
			void workbench.set({ currentProject: project.id });
	});
</script>

{#if project}
	{#key project.id}{@render children()}{/key}
{:else if unsound}
	<div class="py-10">
		<h1 class="mb-2 text-2xl">{unsound.name || 'This project'} does not read</h1>
		<p class="mb-4">
			At “{unsound.path}”, expected {unsound.expected}. It stands apart on the shelf, where it can
			be mended, saved as it is, or removed; its counted rows are kept.
		</p>
		<a class="btn btn-neutral" href="/">To the shelf</a>
	</div>
{:else if workbench.gone}
	<h1 class="sr-only">Nothing is here</h1>
	<StoreGone />
{:else}
	<div class="py-10">
		<h1 class="mb-2 text-2xl">This project is not in this browser</h1>
		<p class="mb-4">
			It may be on another device: there, save it under Files, and open that file here.
		</p>
		<a class="btn" href="/">To the shelf</a>
		<a class="btn" href="/keep">Open a file</a>
	</div>
{/if}
