<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import SchemeBar from './SchemeBar.svelte';

	let { project, editor }: { project: Project; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
</script>

<div class="py-4">
	<p class="mb-2">
		This plan waits for a part that left the bench. Choose another in its place, here or above:
	</p>
	<SchemeBar {project} {editor} yarns={workbench.bench.yarns} />
	<p class="mt-3"><a class="act" href="/bench">To the bench</a></p>
</div>
