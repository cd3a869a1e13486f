<script lang="ts">
	import { page } from '$app/state';
	import LogView from '$lib/ui/log/LogView.svelte';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	const workbench = useWorkbench();
	const project = $derived(workbench.project(page.params.id ?? ''));
</script>

<svelte:head><title>Log · {project?.name ?? 'Tomble'}</title></svelte:head>
{#if project}<LogView {project} />{/if}
