<script lang="ts">
	import type { YarnId } from '$lib/core/model/bench';
	import { isHat, isThing, type Project } from '$lib/core/model/project';
	import { yarnsOf, machinesOf, withYarn } from '$lib/core/recipe/uses';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import SchemeBar from './SchemeBar.svelte';
	import YarnPick from './YarnPick.svelte';

	let { project, editor }: { project: Project; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const here = (id: string | null) =>
		id === null || workbench.bench.machines.some((m) => m.id === id);
	const elsewhere = $derived(isThing(project) && machinesOf(project.wish).some((id) => !here(id)));
	/** Parts whose machine is gone are made on the project's. */
	function allHere() {
		if (!isThing(project)) return;
		const { wish } = project;
		if ('parts' in wish)
			editor.wish('machine of the parts', {
				parts: wish.parts.map((p) => (here(p.on) ? p : { ...p, on: null }))
			});
		else if ('items' in wish)
			editor.wish('machine of the things', {
				items: wish.items.map((x) => (here(x.on) ? x : { ...x, on: null }))
			});
	}
</script>

<div class="py-4">
	<p class="mb-2">
		This plan waits for a part that left the bench. Choose another in its place, here or above:
	</p>
	{#if isHat(project)}
		<SchemeBar {project} {editor} yarns={workbench.bench.yarns} />
	{:else}
		{#each yarnsOf(project.wish) as y (y)}
			<YarnPick
				label="Colour"
				value={y}
				yarns={workbench.bench.yarns}
				onvalue={(v) =>
					editor.change('colours', {
						wish: withYarn(project.wish, y, v as YarnId)
					})}
			/>
		{/each}
	{/if}
	{#if elsewhere}<p class="mt-3">
			<button class="act" onclick={allHere}>Make all parts on this project’s machine</button>
		</p>{/if}
	<p class="mt-3"><a class="act" href="/bench">To the bench</a></p>
</div>
