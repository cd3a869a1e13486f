<script lang="ts">
	import { page } from '$app/state';
	import OrderView from '$lib/ui/order/OrderView.svelte';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	const workbench = useWorkbench();
	const order = $derived(workbench.records.orders.find((o) => o.id === page.params.id));
</script>

<svelte:head><title>{order?.name ?? 'Order'} · Tomble</title></svelte:head>
{#if order}
	{#key order.id}<OrderView {order} />{/key}
{:else if workbench.ready}
	<h1 class="text-2xl">
		{workbench.unsound.some((u) => u.id === page.params.id)
			? 'This order does not read: it stands apart on the shelf'
			: 'No such order'}
	</h1>
	<p class="mt-2"><a class="underline" href="/">To the shelf</a></p>
{/if}
