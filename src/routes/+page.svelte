<script lang="ts">
	import { goto } from '$app/navigation';
	import Shelf from '$lib/ui/shelf/Shelf.svelte';
	import Welcome from '$lib/ui/shelf/Welcome.svelte';
	import { newHat } from '$lib/ui/state/projects';
	import { useWorkbench } from '$lib/ui/state/workbench.svelte';

	const workbench = useWorkbench();

	async function start() {
		const project = newHat(workbench.bench);
		if (!project) return goto('/bench');
		await workbench.addProject(project);
		await goto(`/project/${project.id}/plan`);
	}
	function onkeydown(e: KeyboardEvent) {
		const typing = e.target instanceof HTMLElement && e.target.matches('input, textarea, select');
		if (e.key.toLowerCase() === 'n' && !typing && !e.ctrlKey && !e.metaKey) void start();
	}
</script>

<svelte:head><title>Shelf · Tomble</title></svelte:head>
<svelte:window {onkeydown} />

{#if workbench.records.projects.length > 0}
	<Shelf onnew={start} />
{:else}
	<Welcome onstart={start} />
{/if}
