<script lang="ts">
	import type { Judged } from '$lib/core/practice/judge';
	import { LATER_ROWS } from '$lib/core/practice/acts';
	import { wordLater, wordWrong } from '$lib/core/practice/words';
	import ClothPicture from './ClothPicture.svelte';
	import type { Practice } from './practice.svelte';

	interface Props {
		practice: Practice;
		judged: Judged;
		colour: string;
		onagain: () => void;
	}
	let { practice, judged, colour, onagain }: Props = $props();
	const onMachine = $derived(judged.later.bed.ends() !== undefined);
	/** What is wrong from the cast-on on is looked at there. */
	const from = $derived(
		judged.first && /^(weave|rag|hang|join|tail|tied|two)/.test(judged.first.code)
			? 'bottom'
			: 'top'
	);
</script>

<section class="space-y-2" aria-labelledby="judged-title">
	<h2 id="judged-title" class="text-lg">
		<span class="figure">{judged.good} of {judged.of}</span>
		{practice.t.counts.what}
	</h2>
	{#if judged.first}
		<p><b>First: {wordWrong(judged.first, practice.m)}</b></p>
		<p>
			{onMachine ? `${LATER_ROWS} rows on` : 'Worn and pulled'}: {wordLater(judged.first)}.
			{#if judged.more > 0}<span class="quiet"
					>{judged.more} more {judged.more === 1 ? 'thing' : 'things'} came of it or after it.</span
				>{/if}
		</p>
	{:else}
		<p>
			Nothing went wrong. {onMachine ? `${LATER_ROWS} rows on` : 'Worn and pulled'} it looks so:
		</p>
	{/if}
	<ClothPicture
		hand={judged.later}
		m={practice.m}
		{colour}
		{from}
		pin={judged.first?.pin ?? null}
	/>
	<p class="quiet text-sm"><b>Watch for:</b> {practice.lesson.watch}</p>
	<div class="flex flex-wrap gap-2">
		{#if judged.act !== null && judged.first}
			{@const act = judged.act}
			<button class="btn btn-md btn-neutral" onclick={() => practice.backTo(act)}
				>Back to before it</button
			>
		{/if}
		<button class="btn btn-md" onclick={onagain}>Again, other pins</button>
	</div>
</section>
