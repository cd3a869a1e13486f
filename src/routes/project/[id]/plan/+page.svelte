<script lang="ts">
	import { page } from '$app/state';
	import PlanView from '$lib/ui/plan/PlanView.svelte';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	const workbench = useWorkbench();
	const project = $derived(workbench.project(page.params.id ?? ''));
</script>

<svelte:head><title>Plan · {project?.name ?? 'Tomble'}</title></svelte:head>
{#if project}<PlanView {project} />{/if}
