<script lang="ts">
	import type { Doubt } from '$lib/core/crank/run';
	import type { Crank } from './crank.svelte';

	interface Props {
		crank: Crank;
		doubt: Doubt;
		/** The crank turns: nothing is asked now. */
		moving: boolean;
		onsettle: (to: number) => void;
		onfind: () => void;
	}
	let { crank, doubt, moving, onsettle, onfind }: Props = $props();
	const WHY = {
		'too-early': 'A pulse came too early for your pace: it may have been counted twice.',
		'too-late': 'A pulse came too late for your pace: one may have been missed.',
		unplugged: 'The sensor was unplugged for a while.',
		'two-devices': 'Two devices counted this piece without knowing of one another.'
	} as const;
	const MOST_BUTTONS = 5;
	const choices = $derived(
		Array.from({ length: doubt.high - doubt.low + 1 }, (_, i) => doubt.low + i)
	);
	// The maker reads main rows off the counter; waste before them shifts the run's own count.
	const shift = $derived(
		crank.position.leg.kind === 'waste' ? 0 : crank.state.done - crank.position.main
	);
	const shown = (done: number) => done - shift;
</script>

{#if moving}
	<p class="border-warning mx-3 rounded-[5px] border px-3 py-1 text-sm sm:mx-5">
		{shown(doubt.low)} to {shown(doubt.high)}: asked when the crank stops.
	</p>
{:else}
	<div
		class="bg-warning text-warning-content mx-3 flex flex-wrap items-center gap-x-4 gap-y-2 rounded-[5px] px-3 py-2 sm:mx-5"
		role="alert"
	>
		<p class="min-w-48 flex-1">
			<b>How many rows are done?</b>
			{WHY[doubt.why]} Read the machine’s counter if it has one.
		</p>
		<span class="flex flex-wrap gap-1">
			{#if choices.length <= MOST_BUTTONS}
				{#each choices as to (to)}
					<button class="btn figure text-lg" data-control onclick={() => onsettle(to)}
						>{shown(to)}{to === crank.state.done ? ', as counted' : ''}</button
					>
				{/each}
			{:else}
				<button class="btn figure text-lg" data-control onclick={() => onsettle(crank.state.done)}
					>{shown(crank.state.done)}, as counted</button
				>
				<span class="self-center">or up to {shown(doubt.high)}</span>
			{/if}
			<button class="btn" data-control onclick={onfind}>Find out</button>
		</span>
	</div>
{/if}
