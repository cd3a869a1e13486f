<script lang="ts">
	import type { YarnId } from '$lib/core/model/bench';
	import { isHat, type Project } from '$lib/core/model/project';
	import { recipeFor } from '$lib/core/recipe/registry';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import SchemeBar from './SchemeBar.svelte';
	import YarnPick from './YarnPick.svelte';

	let { project, editor }: { project: Project; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
</script>

<div class="py-4">
	<p class="mb-2">
		This plan waits for a part that left the bench. Choose another in its place, here or above:
	</p>
	{#if isHat(project)}
		<SchemeBar {project} {editor} yarns={workbench.bench.yarns} />
	{:else}
		{#each recipeFor(project.wish).yarns(project.wish) as y (y)}
			<YarnPick
				label="Colour"
				value={y}
				yarns={workbench.bench.yarns}
				onvalue={(v) =>
					editor.change('colours', {
						wish: recipeFor(project.wish).withYarn(project.wish, y, v as YarnId)
					})}
			/>
		{/each}
	{/if}
	<p class="mt-3"><a class="act" href="/bench">To the bench</a></p>
</div>
