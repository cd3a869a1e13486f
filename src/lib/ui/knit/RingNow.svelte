<script lang="ts">
	import { markerPin } from '$lib/core/bench/machine/ring';
	import { pinNumber } from '$lib/core/model/pin-number';
	import { wordWhere } from '$lib/core/words/hands';
	import Ring from '../pictures/Ring.svelte';
	import type { Crank } from './crank.svelte';

	interface Props {
		crank: Crank;
		/** Pins that fault more than chance, from 1. */
		suspects: readonly number[];
		size?: number;
	}
	let { crank, suspects, size = 300 }: Props = $props();
	const machine = $derived(crank.machine);
	const row = $derived(crank.row);
	const panel = $derived(crank.panel && row !== undefined);
	const now = $derived(crank.inWork);
	const at = $derived(panel && row && now ? now[row.yarnAt] + 1 : 1);
	const next = $derived(
		crank.hands.flatMap((w) => ('edge' in w || w.do !== 'hang-hem' ? w.pins : [])).map((p) => p + 1)
	);
	const words = $derived(wordWhere(crank.row, now, machine));
</script>

<div class="flex items-center gap-3 sm:grid sm:justify-items-center sm:gap-1">
	<span class="now shrink-0">
		<Ring
			pins={machine.pins}
			marker={markerPin(machine)}
			firstPin={machine.firstPin}
			turns={machine.turns}
			{size}
			turn={panel ? 0 : crank.state.done}
			{at}
			colour={crank.colour}
			inWork={panel && now ? { low: now.low + 1, high: now.high + 1 } : null}
			{next}
			{suspects}
			way={row ? (panel && row.yarnAt === 'high' ? 'back' : 'forward') : null}
			label={`${words} ${crank.state.done} rows done.`}
		/>
	</span>
	<span class="quiet block max-w-72 text-sm leading-snug sm:text-center">
		{#if !panel}{words}{/if}
		{#if suspects.length > 0}
			<span class="max-sm:hidden"
				>Watch pin {suspects.map((p) => pinNumber(machine, p - 1)).join(' and ')}: it faults more
				than chance.</span
			>
		{/if}
	</span>
</div>

<style>
	@media (max-width: 760px) {
		.now {
			width: 138px;
		}
	}
</style>
