<script lang="ts">
	import { page } from '$app/state';
	import { yarnsOfProject } from '$lib/core/recipe/uses';
	import PatternView from '$lib/ui/pattern/PatternView.svelte';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	const workbench = useWorkbench();
	const pattern = $derived(workbench.records.patterns.find((p) => p.id === page.params.id));
	const current = $derived(workbench.project(workbench.settings.currentProject ?? ''));
	const { machines, yarns } = $derived(workbench.records);
	const asked = $derived(page.url.searchParams);
	const machine = $derived(
		machines.find((m) => m.id === asked.get('machine')) ??
			machines.find((m) => m.id === current?.machineId) ??
			machines.toSorted((a, b) => a.pins - b.pins).at(-1)
	);
	const yarn = $derived(
		yarns.find((y) => y.id === asked.get('yarn')) ??
			yarns.find((y) => current && yarnsOfProject(current).includes(y.id)) ??
			yarns[0]
	);
</script>

<svelte:head><title>{pattern?.name ?? 'Written pattern'} · Tomble</title></svelte:head>
{#if pattern && machine && yarn}
	{#key pattern.id}<PatternView {pattern} {machine} {yarn} />{/key}
{:else if workbench.ready}
	<h1 class="text-2xl">
		{pattern
			? 'A pattern needs a machine and a yarn'
			: workbench.unsound.some((u) => u.id === page.params.id)
				? 'This pattern does not read: it stands apart on the shelf'
				: 'No such pattern'}
	</h1>
	<p class="mt-2"><a class="underline" href="/bench?show=written">To the bench</a></p>
{/if}
