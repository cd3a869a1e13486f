<script lang="ts">
	import { page } from '$app/state';
	import StandInsView from '$lib/ui/stand-ins/StandInsView.svelte';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	const workbench = useWorkbench();
	const project = $derived(workbench.project(page.params.id ?? ''));
</script>

<svelte:head><title>Stand-ins · {project?.name ?? 'Tomble'}</title></svelte:head>
{#if project}<StandInsView {project} wanted={page.url.searchParams.get('yarn')} />{/if}
