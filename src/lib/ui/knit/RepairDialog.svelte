<script lang="ts">
	import { pinNumber } from '$lib/core/model/pin-number';
	import type { Machine } from '$lib/core/model/bench';
	import type { Fault } from '$lib/core/crank/run';
	import { CAUTIONS } from '$lib/core/technique/cautions';
	import { FAULT_WORDS, repairOf } from '$lib/core/words/repair';
	import Caution from '../parts/Caution.svelte';
	import Dialog from '../parts/Dialog.svelte';

	interface Props {
		/** Not mended yet, newest last. */
		faults: readonly Fault[];
		machine: Machine;
		onmended: (fault: Fault) => void;
		onclose: () => void;
	}
	let { faults, machine, onmended, onclose }: Props = $props();
</script>

<Dialog open title={faults.length === 1 ? 'Set it right' : 'Set them right'} wide {onclose}>
	{#each faults.toReversed() as f (f.id)}
		{@const repair = repairOf(f.fault, f.row)}
		<section class="rule-line mb-4 border-b pb-3">
			<h3 class="mb-1 text-lg">
				<span class="figure font-semibold">Pin {pinNumber(machine, f.pin - 1)}</span>, row {f.row}: {FAULT_WORDS[
					f.fault
				]}
			</h3>
			{#if repair.startAgain}<p class="mb-1 font-semibold">{repair.startAgain}</p>{/if}
			<ol class="ml-5 list-decimal space-y-1">
				{#each repair.steps as s (s)}<li>{s}</li>{/each}
			</ol>
			<button class="btn btn-neutral mt-2" onclick={() => onmended(f)}>It is mended</button>
		</section>
	{:else}
		<p>Nothing is open: every fault you noted is mended.</p>
	{/each}
	<Caution text={CAUTIONS['hooks-and-scissors']} />
</Dialog>
