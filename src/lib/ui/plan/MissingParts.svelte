<script lang="ts">
	import type { MachineId, YarnId } from '$lib/core/model/bench';
	import type { Project } from '$lib/core/model/project';
	import { machinesOf, madeHere, yarnSwapped, yarnsOfProject } from '$lib/core/recipe/uses';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import YarnPick from '../options/YarnPick.svelte';

	let { project, editor }: { project: Project; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const here = (id: MachineId) => workbench.bench.machines.some((m) => m.id === id);
	const has = (id: YarnId) => workbench.bench.yarns.some((y) => y.id === id);
	const elsewhere = $derived(machinesOf(project.options).some((id) => !here(id)));
	/** Parts whose machine is gone are made on the project's. */
	const allHere = () =>
		editor.change('machine of the parts', { options: madeHere(project.options, here) });
</script>

<div class="py-4">
	<p class="mb-2">This plan waits for a part that left the bench. Choose another in its place:</p>
	{#each yarnsOfProject(project) as y (y)}
		<YarnPick
			label={has(y) ? 'Colour' : 'In place of the one that is gone'}
			value={y}
			yarns={workbench.bench.yarns}
			onvalue={(v) => editor.change('colours', yarnSwapped(project, y, v as YarnId))}
		/>
	{/each}
	{#if elsewhere}<p class="mt-3">
			<button class="btn" onclick={allHere}>Make all parts on this project’s machine</button>
		</p>{/if}
	<p class="mt-3"><a class="btn" href="/bench">To the bench</a></p>
</div>
