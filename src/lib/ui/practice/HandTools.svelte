<script lang="ts">
	import { numberOf } from '$lib/core/practice/acts';
	import type { Tool } from '$lib/core/practice/lesson';
	import Choice from '../parts/Choice.svelte';
	import NumberField from '../parts/NumberField.svelte';
	import type { Practice } from './practice.svelte';

	let { practice }: { practice: Practice } = $props();
	const { m } = $derived(practice);
	let count = $state<number | null>(null);
	const name = (t: Tool) =>
		t.on === 'pin' ? `${t.name(m)}, pin ${numberOf(m, practice.pin)}` : t.name(m);
	const forth = $derived(practice.rowLeft('forward'));
	const back = $derived(practice.rowLeft('back'));
	const TURNS = [
		{ way: 'back', pins: 5, sign: '‹‹ 5' },
		{ way: 'back', pins: 1, sign: '‹ 1' },
		{ way: 'forward', pins: 1, sign: '1 ›' },
		{ way: 'forward', pins: 5, sign: '5 ››' }
	] as const;
</script>

<div class="space-y-3">
	<section aria-labelledby="hand-title">
		<h2 id="hand-title" class="mb-1 text-base">
			The hand at <span class="figure">pin {numberOf(m, practice.pin)}</span>
		</h2>
		<div class="grid grid-cols-2 gap-1.5 lg:grid-cols-1">
			{#each practice.t.tools as tool, i (tool.id)}
				{#if tool.on === 'number'}
					<form
						class="flex items-center gap-2"
						onsubmit={(e) => {
							e.preventDefault();
							if (count === null) return;
							practice.use(tool, count);
							// The keys are the hand's again.
							if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
						}}
					>
						<kbd class="key" aria-hidden="true">{i + 1}</kbd>
						<NumberField
							label="Main rows you count"
							value={count}
							min={0}
							max={9999}
							of="rows"
							live
							onvalue={(rows) => (count = rows)}
							onempty={() => (count = null)}
						/>
						<button class="btn btn-md" disabled={count === null}>{tool.name(m)}</button>
					</form>
				{:else}
					<button
						class="btn btn-md h-auto min-h-11 justify-start py-1.5 text-left leading-tight"
						aria-label={name(tool)}
						aria-keyshortcuts={String(i + 1)}
						onclick={() => practice.use(tool)}
						><kbd class="key" aria-hidden="true">{i + 1}</kbd>{tool.name(m)}</button
					>
				{/if}
			{/each}
		</div>
		{#if practice.hand.pick.length > 1}
			<div class="mt-2">
				<Choice
					label="Which of the lifted loops goes down next"
					value={practice.chosen ?? practice.hand.pick.at(-1)?.from ?? 0}
					options={practice.hand.pick.map((x) => ({
						value: x.from,
						label: `of pin ${numberOf(m, x.from)}`
					}))}
					onvalue={(from) => (practice.chosen = from)}
				/>
			</div>
		{/if}
	</section>
	{#if practice.turns}
		<section aria-labelledby="crank-title">
			<h2 id="crank-title" class="mb-1 text-base">The crank</h2>
			<div class="flex flex-wrap gap-1.5">
				{#each TURNS as t (t.sign)}
					<button
						class="btn btn-md figure"
						aria-label={`${t.way === 'forward' ? 'Forward' : 'Back'} ${t.pins} ${t.pins === 1 ? 'pin' : 'pins'}`}
						onclick={() => practice.turn(t.pins, t.way)}>{t.sign}</button
					>
				{/each}
				<button class="btn btn-md" onclick={() => practice.turn(forth, 'forward')}
					>Row: {forth} ›</button
				>
				{#if practice.hand.isPanel}
					<button class="btn btn-md" onclick={() => practice.turn(back, 'back')}
						>‹ Row: {back}</button
					>
				{/if}
			</div>
			<div class="mt-2">
				<Choice
					label="How fast"
					value={practice.pace}
					options={[
						{ value: 'slow', label: 'Slow' },
						{
							value: 'fast',
							label: 'Fast',
							hint: 'In first rows, one pin in twelve may not take its loop'
						}
					]}
					onvalue={(pace) => (practice.pace = pace)}
				/>
			</div>
			{#if practice.pace === 'fast'}
				<p class="hint mt-1">
					Fast, while the yarn is new or in a panel, about one pin in twelve does not take its loop
					(from memory).
				</p>
			{/if}
		</section>
	{/if}
	{#if practice.goesOn}
		<button class="btn btn-md" onclick={() => practice.soOn()}>And so on, eight times</button>
	{/if}
</div>

<style>
	.key {
		min-width: 1.5rem;
		border: 1px solid color-mix(in oklch, currentColor 40%, transparent);
		border-radius: 3px;
		padding: 0 0.3rem;
		text-align: center;
		font-size: 0.8125rem;
		font-weight: 500;
	}
	@media (hover: none) {
		.key {
			display: none;
		}
	}
</style>
