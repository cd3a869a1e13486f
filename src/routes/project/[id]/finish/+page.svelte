<script lang="ts">
	import { page } from '$app/state';
	import FinishView from '$lib/ui/finish/FinishView.svelte';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	const workbench = useWorkbench();
	const project = $derived(workbench.project(page.params.id ?? ''));
</script>

<svelte:head><title>Finish · {project?.name ?? 'Tomble'}</title></svelte:head>
{#if project}<FinishView {project} />{/if}
