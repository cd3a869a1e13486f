<script lang="ts">
	import { BREAK_AFTER_MINUTES } from '$lib/core/crank/pace';
	import { MOST_EVENTS, type SettledBy } from '$lib/core/model/kinds';
	import { CAUTIONS } from '$lib/core/technique/cautions';
	import NotStored from '../parts/NotStored.svelte';
	import type { Run } from '../state/run.svelte';
	import type { Crank } from './crank.svelte';
	import { practiceAtCrank } from '$lib/core/practice/asked-for';
	import { wordEvent } from '$lib/core/words/events';
	import type { EventContext } from '$lib/core/words/context';
	import PracticeOffer from '../practice/PracticeOffer.svelte';
	import DoubtBar from './DoubtBar.svelte';

	interface Props {
		run: Run;
		crank: Crank;
		context: EventContext;
		/** Rows are coming in: nothing is put before the count. */
		moving: boolean;
		/** What would be lost by leaving now. */
		unstored: string | null;
		unplugged: boolean;
		/** At the crank since the last rest, by now (ms). */
		minutes: number;
		now: number;
		onsettle: (to: number, by: SettledBy) => void;
		onfind: () => void;
	}
	let { run, crank, context, moving, unstored, unplugged, minutes, now, onsettle, onfind }: Props =
		$props();
	let snoozedUntil = $state(0);
	/** Rows before something at which it is offered to be practised. */
	const SOON_ROWS = 5;
	const asked = $derived(
		[...crank.due, ...crank.coming].find((e) => e.after - crank.state.done <= SOON_ROWS)
	);
	const breakDue = $derived(minutes >= BREAK_AFTER_MINUTES && now > snoozedUntil);
</script>

<div class="grid gap-1">
	{#if run.trouble}
		<NotStored trouble={run.trouble} what={unstored ?? 'the run'} onagain={() => run.retry()} />
	{/if}
	{#if run.full}
		<p class="border-error mx-3 rounded-[5px] border px-3 py-1.5 sm:mx-5" role="alert">
			This run has {MOST_EVENTS.toLocaleString('en-GB')} events, the most that a file takes: no more are
			counted. Go on with another project.
		</p>
	{/if}
	{#if !run.leads}
		<p class="border-warning mx-3 rounded-[5px] border px-3 py-1.5 sm:mx-5" role="status">
			Another tab counts this run; this one follows it row by row.
			<button class="btn btn-sm" data-control onclick={() => run.takeOver()}
				>Count here instead</button
			>
		</p>
	{/if}
	{#if unplugged}
		<p class="border-warning mx-3 rounded-[5px] border px-3 py-1.5 sm:mx-5" role="alert">
			The row sensor is unplugged: turns are not seen. Stop and plug it in, or count by key.
		</p>
	{/if}
	{#if crank.state.doubt && run.leads}
		<DoubtBar
			{crank}
			doubt={crank.state.doubt}
			{moving}
			onsettle={(to) => onsettle(to, to === crank.state.done ? 'kept' : 'counter')}
			{onfind}
		/>
	{/if}
	{#if breakDue && !moving}
		<p class="border-warning mx-3 rounded-[5px] border px-3 py-1.5 text-sm sm:mx-5" role="status">
			{Math.round(minutes)} minutes at the crank: rest hands and shoulders for five. {CAUTIONS.strain}
			<button
				class="btn btn-sm"
				data-control
				onclick={() => (snoozedUntil = Date.now() + 10 * 60_000)}>Later</button
			>
		</p>
	{/if}
	{#if asked && !moving}
		<PracticeOffer
			what={practiceAtCrank(asked, crank.machine.pins)}
			name={wordEvent(asked, context).title}
		/>
	{/if}
</div>
