<script lang="ts">
	import { entryAt, last } from '$lib/core/quantity/sure';
	import type { EventContext } from '$lib/core/words/context';
	import { wordEvent } from '$lib/core/words/events';
	import { wordFed } from '$lib/core/words/feed';
	import { decreaseShort, EDGE_RULE, wordWhere } from '$lib/core/words/hands';
	import { pinNumber } from '$lib/core/model/pin-number';
	import DecreasePicture from '../pictures/DecreasePicture.svelte';
	import type { RunSheetEvent } from '$lib/core/crank/events';
	import { saidAt } from '$lib/core/crank/said';
	import type { Crank } from './crank.svelte';

	let { crank, context }: { crank: Crank; context: EventContext } = $props();
	/** So long a slow stretch says what to watch for; then it is known. */
	const SAID_ROWS = 6;
	const no = (at: number) => pinNumber(crank.machine, at);
	const done = $derived(crank.state.done);
	const inRows = (e: RunSheetEvent) => e.after - done;
	const next = $derived(crank.coming[0]);
	/** What the written pattern says there, where the piece was taken from one. */
	const said = (e: RunSheetEvent) => saidAt(crank.piece, e.after);
	const decreases = $derived(crank.hands.filter((w) => w.do === 'decrease'));
</script>

{#snippet tipOf(e: RunSheetEvent)}
	{@const tip = crank.tip(e)}
	{#if tip && !tip.known}
		<span class="also block text-sm leading-snug"><b>Tip:</b> {tip.text}</span>
	{/if}
{/snippet}
{#if crank.state.past.length === 0 && crank.state.done === 0}
	<span class="block text-base leading-snug sm:text-lg" data-testid="how-to-count"
		>Count a row when it is done{crank.panel ? ', at its far edge' : ', as the marker passes you'}:
		tap anywhere here, or press the space bar. Undo takes one back.</span
	>
{/if}
{#if crank.panel && crank.row}
	<span class="where block text-base leading-snug sm:text-lg"
		>{wordWhere(crank.row, crank.inWork, crank.machine)}
		<b class="whitespace-nowrap">Row {crank.row.row}, {crank.row.even ? 'even' : 'odd'}.</b>
		<span class="quiet turn">At the turn {EDGE_RULE[crank.machine.edgeRule]}.</span></span
	>
{/if}
{#each crank.due as e, i (e.kind + e.after)}
	{@const w = wordEvent(e, context)}
	<span class="bg-accent text-accent-content block rounded-[5px] px-3 py-2">
		<span class={['figure due block leading-tight font-semibold', e.kind === 'hands' && 'hands']}
			>{w.title}</span
		>
		{#if e.kind === 'hands' && decreases.length > 0}
			{#each decreases as work (work.edge)}
				<span class="instead text-base leading-snug">{decreaseShort(work, crank.machine)}</span>
			{/each}
		{:else}
			<span class={['how block text-base leading-snug sm:text-lg', i > 0 && 'second']}>{w.how}</span
			>
		{/if}
		{#if w.also}<span class="also block text-sm leading-snug">{w.also}</span>{/if}
		{#if i === 0 && said(e)}
			<span class="also block text-sm leading-snug" data-testid="pattern-line"
				>The pattern: “{said(e)}”</span
			>
		{/if}
		{@render tipOf(e)}
	</span>
	{#if e.kind === 'hands' && decreases.length > 0}
		<span class="drawn flex gap-3 sm:flex-wrap">
			{#each decreases as work (work.edge)}
				<span class="block w-[168px] min-w-0 sm:shrink-0">
					<DecreasePicture
						{work}
						machine={crank.machine}
						colour={crank.colour}
						width={crank.panel && decreases.length > 1 ? 168 : 190}
					/>
					<span class="quiet block text-sm"
						>pins {no(entryAt(work.pins, 0))} to {no(last(work.pins))}; {work.pins
							.slice(0, work.way === 'single' ? 1 : 2)
							.map(no)
							.join(' and ')} out of work</span
					>
				</span>
			{/each}
		</span>
		<span class="drawn quiet block text-sm max-sm:hidden"
			>Yarn out of the guide first; lift a loop only as its pin rises. Then knit on.</span
		>
	{/if}
{:else}
	{#if next}
		{@const w = wordEvent(next, context)}
		<span class="next block">
			<span class="quiet block text-base sm:text-xl">next, in</span>
			<span class="figure in block leading-none font-semibold" data-testid="next-in"
				>{inRows(next)}</span
			>
			<span class="figure title block leading-tight">{w.title}</span>
			{#if said(next)}
				<span class="also quiet mt-1 block text-sm leading-snug" data-testid="pattern-line"
					>The pattern: “{said(next)}”</span
				>
			{/if}
		</span>
	{/if}
{/each}
{#if crank.fedAnew && crank.feed}
	<span class="roll quiet block text-sm sm:text-base" data-testid="fed"
		>fed {wordFed(crank.feed, crank.machine)}</span
	>
{/if}
{#if crank.rollIn !== null}
	<span class="roll quiet block text-sm sm:text-base" data-testid="roll"
		>{crank.rollIn === 0
			? 'roll it up again now'
			: `roll it up again in ${crank.rollIn === 1 ? 'one row' : `${crank.rollIn} rows`}`}</span
	>
{/if}
{#if crank.slow?.kind === 'slow'}
	{@const rows = crank.slow.until - done}
	<span class="slow block text-lg sm:text-2xl"
		><span class="border-accent text-accent rounded-[5px] border-2 px-2">slowly</span>
		<span class="quiet"
			>{crank.slow.why === 'panel'
				? 'a panel to its end'
				: rows === 1
					? 'this row'
					: `${rows} rows`}</span
		></span
	>
	{#if done - crank.slow.after < SAID_ROWS}
		<span class="also quiet block text-sm leading-snug">{wordEvent(crank.slow, context).how}</span>
		{@render tipOf(crank.slow)}
	{/if}
{/if}
<span
	class={['later quiet block text-sm sm:text-lg', crank.due.length > 0 && 'busy max-sm:hidden']}
>
	{#each crank.coming.slice(crank.due.length ? 0 : 1, crank.due.length ? 2 : 3) as e (e.kind + e.after)}
		<span class="block truncate"
			><span class="figure">{inRows(e)}</span> to: {wordEvent(e, context).title}</span
		>
	{/each}
</span>

<style>
	.in {
		font-size: clamp(2.5rem, 20cqh, 6rem);
	}
	.title {
		margin-top: 0.5rem;
		font-size: clamp(1.5rem, 9cqh, 2.25rem);
	}
	.due {
		font-size: clamp(1.25rem, min(8cqh, 6.5cqw), 2.25rem);
	}
	.due.hands {
		font-size: clamp(1.25rem, min(6cqh, 6.5cqw), 2.25rem);
	}
	/* Drawn where there is room; said where there is not. */
	.instead {
		display: none;
	}
	@container tap (height < 480px) {
		.drawn,
		.turn,
		.how.second,
		.also,
		.roll,
		.later.busy {
			display: none;
		}
		.instead {
			display: block;
		}
		/* One line: in 5, Change to lantern. */
		.next {
			display: flex;
			flex-wrap: wrap;
			align-items: baseline;
			column-gap: 0.6rem;
		}
		.title {
			margin-top: 0;
			font-size: 1.5rem;
		}
		.in {
			font-size: 2.75rem;
		}
	}
	@container tap (height < 420px) {
		.later {
			display: none;
		}
	}
	@container tap (height < 330px) {
		.how,
		.instead,
		.where,
		.slow {
			font-size: 0.9375rem;
			line-height: 1.25;
		}
	}
</style>
