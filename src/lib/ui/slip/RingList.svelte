<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import { changedBetween } from '$lib/core/plan/changed';
	import { say } from '$lib/core/quantity/say';
	import { wordRing } from '$lib/core/words/changed';
	import { planner } from '$lib/worker/planner';
	import { notices } from '../state/notices.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import ChoiceList from './ChoiceList.svelte';

	interface Props {
		project: Project;
		editor: ProjectEditor;
		ondone: () => void;
	}
	let { project, editor, ondone }: Props = $props();
	const workbench = useWorkbench();
	/** What another ring changes is said once it is taken; where that cannot be worked out, it is taken all the same. */
	async function take(machineId: Project['machineId']) {
		const { bench } = workbench;
		const was = project;
		editor.change('machine', { machineId });
		const [from, to] = [was.machineId, machineId].map((id) =>
			bench.machines.find((m) => m.id === id)
		);
		const plans = [was, { ...was, machineId }].map((p) => planner.bare(p, bench));
		const [before, after] = await Promise.all(plans).catch(() => []);
		if (from && to && from !== to && before?.ok && after?.ok)
			void notices.say(wordRing(changedBetween(before, after), from, to, say(workbench.units)));
	}
	const machines = $derived(
		workbench.bench.machines.map((m) => ({ value: m.id as string, label: m.name }))
	);
</script>

<ChoiceList
	label="On"
	value={project.machineId}
	options={machines}
	onvalue={(v) => void take(v as Project['machineId'])}
	{ondone}
/>
<a class="btn btn-sm mt-1" href="/bench">To the machines</a>
