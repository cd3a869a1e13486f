<script lang="ts">
	import { onMount } from 'svelte';
	import type { Fault } from '$lib/core/crank/run';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import { notedFaults } from '$lib/store/runs';
	import { useWorkbench } from '../../state/workbench.svelte';
	import FaultRing from './FaultRing.svelte';
	import GaugeOverTime from './GaugeOverTime.svelte';
	import PlannedMeasured from './PlannedMeasured.svelte';

	/** What the logs show over time: of this pair, of everything, and of this ring. */
	let { machine, yarn }: { machine: Machine; yarn: Yarn } = $props();
	const workbench = useWorkbench();
	// Read once a visit: faults are noted at the crank, not here.
	let faults = $state.raw<readonly Fault[]>([]);
	onMount(() => {
		notedFaults(workbench.db).then(
			(noted) => (faults = noted.get(machine.id) ?? []),
			() => undefined
		);
	});
</script>

<div class="grid gap-8">
	<GaugeOverTime {machine} {yarn} />
	<PlannedMeasured />
	<FaultRing {machine} {faults} />
</div>
