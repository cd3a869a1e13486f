<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import Select from '../parts/Select.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { project, editor }: { project: Project; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const machines = $derived(
		workbench.bench.machines.map((m) => ({ value: m.id as string, label: m.name }))
	);
</script>

<Select
	label="On"
	value={project.machineId}
	options={machines}
	onvalue={(v) => editor.change('machine', { machineId: v as Project['machineId'] })}
/>
