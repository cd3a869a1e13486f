<script lang="ts">
	import { wordEvent, type EventContext } from '$lib/core/words/events';
	import DecreasePicture from '../pictures/DecreasePicture.svelte';
	import type { RunSheetEvent } from '$lib/core/runsheet/runsheet';
	import type { Crank } from './crank.svelte';

	let { crank, context }: { crank: Crank; context: EventContext } = $props();
	const done = $derived(crank.state.done);
	const inRows = (e: RunSheetEvent) => e.after - done;
	const next = $derived(crank.coming[0]);
	const decreases = $derived(crank.hands.filter((w) => w.do === 'decrease'));
</script>

{#each crank.due as e (e.kind + e.after)}
	{@const w = wordEvent(e, context)}
	<span class="bg-accent text-accent-content block rounded-[5px] px-3 py-2">
		<span
			class={[
				'figure block leading-tight font-semibold sm:text-4xl',
				e.kind === 'hands' ? 'text-xl' : 'text-2xl'
			]}>{w.title}</span
		>
		{#if !(e.kind === 'hands' && decreases.length > 0)}
			<span class="block text-base sm:text-lg">{w.how}</span>
		{/if}
	</span>
	{#if e.kind === 'hands' && decreases.length > 0}
		<span class="flex gap-3 sm:flex-wrap">
			{#each decreases as work (work.edge)}
				<span class="block w-[168px] shrink-0">
					<DecreasePicture
						{work}
						turns={crank.machine.turns}
						colour={crank.colour}
						width={crank.panel && decreases.length > 1 ? 168 : 190}
					/>
					<span class="quiet block text-sm"
						>pins {work.pins[0]! + 1} to {work.pins.at(-1)! + 1}; {work.pins
							.slice(0, work.way === 'single' ? 1 : 2)
							.map((p) => p + 1)
							.join(' and ')} out of work</span
					>
				</span>
			{/each}
		</span>
		<span class="quiet block text-sm max-sm:hidden"
			>Yarn out of the guide first; lift a loop only as its pin rises. Then knit on.</span
		>
	{/if}
{:else}
	{#if next}
		{@const w = wordEvent(next, context)}
		<span class="block">
			<span class="quiet block text-base sm:text-xl">next, in</span>
			<span
				class="figure block text-7xl leading-none font-semibold sm:text-8xl"
				data-testid="next-in">{inRows(next)}</span
			>
			<span class="figure mt-2 block text-3xl leading-tight sm:text-4xl">{w.title}</span>
		</span>
	{/if}
{/each}
{#if crank.slow?.kind === 'slow'}
	{@const rows = crank.slow.until - done}
	<span class="block text-lg sm:text-2xl"
		><span class="border-accent text-accent rounded-[5px] border-2 px-2">slowly</span>
		<span class="quiet"
			>{crank.slow.why === 'panel'
				? 'a panel to its end'
				: rows === 1
					? 'this row'
					: `${rows} rows`}</span
		></span
	>
{/if}
<span class={['quiet block text-sm sm:text-lg', crank.hands.length > 0 && 'max-sm:hidden']}>
	{#each crank.coming.slice(crank.due.length ? 0 : 1, crank.due.length ? 2 : 3) as e (e.kind + e.after)}
		<span class="block truncate"
			><span class="figure">{inRows(e)}</span> to: {wordEvent(e, context).title}</span
		>
	{/each}
</span>
