<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { wordFinding } from '$lib/core/finding/says';
	import { STORE_WORDS } from '$lib/store/failure';
	import { suspectPins } from '$lib/core/learn/pin-faults';
	import { earlierRuns, faultPins, offElsewhere } from '$lib/store/runs';
	import NotWorked from '../parts/NotWorked.svelte';
	import { darkDialogs } from '../parts/dialog-theme';
	import { LivePlan } from '../state/live-plan.svelte';
	import { Run } from '../state/run.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import BeforeStart from './BeforeStart.svelte';
	import { Crank } from './crank.svelte';
	import CrankView from './CrankView.svelte';

	let { project }: { project: Project } = $props();
	darkDialogs();
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
	const crank = new Crank(() => plan as Plan, run);
	let faulted = $state.raw<ReadonlyMap<string, number[]>>(new Map());
	const suspects = $derived.by(() => {
		if (!plan?.ok || plan.pieces.length === 0) return [];
		const { id, pins } = crank.machine;
		return suspectPins(faulted.get(id) ?? [], pins).map((s) => s.pin);
	});
	const yarnName = (i: number) => (plan?.ok ? plan.yarns[i]?.colourName : null) ?? 'A yarn';
	const stop = $derived(plan?.findings.find((f) => f.severity === 'stop'));

	/** The machine of the piece at hand: the pace is that of earlier pieces on it. */
	const machineId = $derived(
		plan?.ok && plan.pieces.length > 0 ? crank.machine.id : project.machineId
	);
	$effect(() => {
		const at = machineId;
		// Without them the pace is learned from this run alone.
		earlierRuns(workbench.db, at, project.id).then(
			(runs) => {
				if (at === machineId) crank.earlier = runs;
			},
			() => undefined
		);
	});
	function again() {
		live.again();
		void run.retry();
	}
	onMount(() => {
		// Without it every tip is shown.
		offElsewhere(workbench.db, project.id).then(
			(off) => (crank.offElsewhere = off),
			() => undefined
		);
		faultPins(workbench.db).then(
			(pins) => (faulted = pins),
			() => undefined
		);
		return run.follow();
	});
</script>

<!-- Dark whatever the setting: the screen stands behind the machine and is read from a metre away. -->
<div data-theme="night" class="bg-base-100 text-base-content min-h-dvh">
	{#if !run.ready || !plan}
		<div class="p-6">
			<NotWorked
				failure={live.failure ?? (run.trouble && STORE_WORDS[run.trouble].why)}
				onagain={again}
				waiting="Opening the run…"
			/>
		</div>
	{:else if !plan.ok || (plan.pieces.length > 0 && crank.sheet.totalRows === 0)}
		<!-- No plan, or a piece of it that cannot be shaped: it has no rows. -->
		<div class="p-6">
			<h1 class="mb-2 text-2xl">{project.name} cannot be knitted yet</h1>
			{#each plan.findings.filter((f) => f.severity === 'stop') as f (f.key)}
				{@const w = wordFinding(f, { units: workbench.units, yarnName })}
				<p class="mb-4">{w.what} {w.why}</p>
			{/each}
			<a class="btn" href={`/project/${project.id}/plan`}>To the plan</a>
		</div>
	{:else if plan.pieces.length === 0}
		<div class="p-6">
			<h1 class="mb-2 text-2xl">Nothing of {project.name} is cranked</h1>
			<p class="mb-4">It is wound and tied by hand: its steps are under Finish.</p>
			<a class="btn btn-accent" href={`/project/${project.id}/finish`}>To its steps</a>
		</div>
	{:else if crank.begun}
		{#key crank.key}<CrankView {project} {crank} {run} {suspects} />{/key}
	{:else}
		{#key crank.key}<BeforeStart {project} {crank} {run} stop={stop !== undefined} />{/key}
	{/if}
</div>
