<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import type { Project } from '$lib/core/model/project';
	import { LivePlan } from '../state/live-plan.svelte';
	import { Run } from '../state/run.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import BeforeStart from './BeforeStart.svelte';
	import CrankView from './CrankView.svelte';

	let { project }: { project: Project } = $props();
	const workbench = useWorkbench();
	const live = new LivePlan(
		() => project,
		() => workbench.bench
	);
	const plan = $derived(live.value);
	const run = new Run(
		workbench.db,
		untrack(() => project.id)
	);
	const stop = $derived(plan?.findings.find((f) => f.severity === 'stop'));

	onMount(() => {
		void run.load();
		const seen = () => document.visibilityState === 'visible' && void run.load();
		document.addEventListener('visibilitychange', seen);
		return () => document.removeEventListener('visibilitychange', seen);
	});
</script>

<!-- Dark whatever the setting: the screen stands behind the machine and is read from a metre away. -->
<div data-theme="night" class="bg-base-100 text-base-content min-h-dvh">
	{#if !run.ready || !plan}
		<p class="quiet p-6">Opening the run…</p>
	{:else if !plan.ok}
		<div class="p-6">
			<h1 class="mb-2 text-2xl">{project.name} cannot be knitted yet</h1>
			<p class="mb-4">Its machine or one of its yarns is not on the bench.</p>
			<a class="act" href={`/project/${project.id}/plan`}>To the plan</a>
		</div>
	{:else if run.state.started || run.state.done > 0}
		<CrankView {project} {plan} {run} />
	{:else}
		<BeforeStart {project} {plan} {run} stop={stop !== undefined} />
	{/if}
</div>
