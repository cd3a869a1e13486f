<script lang="ts">
	import { goto } from '$app/navigation';
	import StoreGone from '$lib/ui/parts/StoreGone.svelte';
	import Shelf from '$lib/ui/shelf/Shelf.svelte';
	import type { New } from '$lib/ui/state/projects';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	const workbench = useWorkbench();

	async function start(what: New | 'order' = 'lined-hat') {
		if (what === 'order') {
			const { newOrder } = await import('$lib/ui/state/orders');
			const order = newOrder(workbench.records.orders);
			await workbench.putOrder(order);
			return goto(`/order/${order.id}`);
		}
		const { beginProject } = await import('$lib/ui/state/projects');
		const project = await beginProject(workbench.bench, what, { usual: workbench.settings.waste });
		if (!project) return goto('/bench');
		await workbench.addProject(project);
		await goto(`/project/${project.id}/plan`);
	}
	function onkeydown(e: KeyboardEvent) {
		const typing = e.target instanceof HTMLElement && e.target.matches('input, textarea, select');
		if (typing || e.ctrlKey || e.metaKey || e.altKey) return;
		if (e.key.toLowerCase() === 'n') void start();
		else if (e.key.toLowerCase() === 'm') void goto('/make');
	}
</script>

<svelte:head><title>Shelf · Tomble</title></svelte:head>
<svelte:window {onkeydown} />

{#if workbench.unsound.length > 0}
	{#await import('$lib/ui/shelf/Unsound.svelte') then { default: Unsound }}
		<Unsound />
	{:catch}
		<p class="border-warning mb-4 border-l-4 pl-4">
			{workbench.unsound.length} records do not read; reload to see which.
		</p>
	{/await}
{/if}
{#if workbench.gone}<StoreGone />{/if}
{#if workbench.records.projects.length > 0}
	<Shelf onorder={() => void start('order')} />
{:else}
	{#await import('$lib/ui/shelf/Welcome.svelte') then { default: Welcome }}
		<Welcome onstart={(what) => void start(what)} />
	{:catch}
		<p class="py-8">
			Your shelf is empty. A part of Tomble could not be fetched: reload to begin, or go to
			<a class="underline" href="/bench">the bench</a>.
		</p>
	{/await}
{/if}
