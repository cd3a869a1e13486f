<script lang="ts">
	import { page } from '$app/state';
	import SubstitutesView from '$lib/ui/substitutes/SubstitutesView.svelte';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	const workbench = useWorkbench();
	const project = $derived(workbench.project(page.params.id ?? ''));
</script>

<svelte:head><title>Stand-ins · {project?.name ?? 'Tomble'}</title></svelte:head>
{#if project}<SubstitutesView {project} wanted={page.url.searchParams.get('yarn')} />{/if}
