<script lang="ts">
	import { markerPin } from '$lib/core/machine/ring';
	import { EDGE_RULE, wordEdge } from '$lib/core/words/hands';
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
	/** Until the hands have done their work, its pins still hold their loops. */
	const now = $derived.by(() => {
		const touched = crank.hands.flatMap((w) => w.pins);
		return (
			row && {
				low: Math.min(row.low, ...touched),
				high: Math.max(row.high, ...touched)
			}
		);
	});
	const at = $derived(panel && row && now ? now[row.yarnAt] + 1 : 1);
	const next = $derived(
		crank.hands.flatMap((w) => ('edge' in w || w.do !== 'hang-hem' ? w.pins : [])).map((p) => p + 1)
	);
	const other = $derived(row?.yarnAt === 'low' ? 'high' : 'low');
	const words = $derived.by(() => {
		if (!row) return 'All rows are done.';
		if (!panel) return `The marker, pin ${markerPin(machine)}, passes the feeder once a row.`;
		return `Yarn at the ${wordEdge(row.yarnAt, machine.turns)}, pin ${at}. This row goes to pin ${row[other] + 1}.`;
	});
</script>

<div class="flex items-center gap-3 sm:grid sm:justify-items-center sm:gap-1">
	<span class="now shrink-0">
		<Ring
			pins={machine.pins}
			marker={markerPin(machine)}
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
		{words}
		{#if suspects.length > 0}
			<span class="max-sm:hidden"
				>Watch pin {suspects.join(' and ')}: it faults more than chance.</span
			>
		{/if}
		{#if panel && row}
			<b class="text-base-content">Row {row.row}, {row.even ? 'even' : 'odd'}.</b>
			<span class="max-sm:hidden">At the turn {EDGE_RULE[machine.edgeRule]}.</span>
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
