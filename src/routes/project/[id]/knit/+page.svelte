<script lang="ts">
	import { page } from '$app/state';
	import KnitView from '$lib/ui/knit/KnitView.svelte';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	const workbench = useWorkbench();
	const project = $derived(workbench.project(page.params.id ?? ''));
</script>

<svelte:head><title>Knit · {project?.name ?? 'Tomble'}</title></svelte:head>
{#if project}<KnitView {project} />{/if}
