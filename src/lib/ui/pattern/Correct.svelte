<script lang="ts">
	import { untrack } from 'svelte';
	import { nthAt, placesOf } from '$lib/core/convert/pattern/correct';
	import { readPattern } from '$lib/core/convert/pattern/read';
	import { MOST_CORRECTIONS, type Correction } from '$lib/core/model/written';
	import { wordAct, wordWhy } from '$lib/core/words/pattern';

	/** Says what a stretch of a pattern means, in a pattern's words, with what that becomes. */
	interface Props {
		text: string;
		from: number;
		to: number;
		size: number;
		corrections: readonly Correction[];
		oncorrect: (corrections: Correction[]) => void;
	}
	let { text, from, to, size, corrections, oncorrect }: Props = $props();
	const id = $props.id();
	const words = $derived(text.slice(from, to));
	const here = $derived(corrections.find((c) => placesOf(text, [c])[0]?.from === from));
	let says = $state(untrack(() => here?.says ?? ''));
	const tried = $derived(says.trim() === '' ? null : readPattern(says, size));
	const acts = $derived(tried?.instructions.flatMap((i) => i.acts) ?? []);
	const wrong = $derived(tried?.instructions.find((i) => i.as === 'needs-you')?.why ?? null);
	const others = $derived(corrections.filter((c) => c !== here));
	const say = (what: string) =>
		oncorrect([...others, { words, nth: nthAt(text, words, from), says: what.trim() }]);
</script>

<form
	class="mt-2 grid gap-1"
	onsubmit={(e) => {
		e.preventDefault();
		if (acts.length > 0) say(says);
	}}
>
	<label class="hint" for={id}>It means, in a pattern’s words</label>
	<div class="flex flex-wrap gap-2">
		<input
			{id}
			class="input w-full min-w-0 sm:w-auto sm:flex-1"
			maxlength="400"
			placeholder="dec 1 st at each end of every 4th row 5 times"
			autocomplete="off"
			bind:value={says}
		/>
		<button class="btn btn-accent" disabled={acts.length === 0 || others.length >= MOST_CORRECTIONS}
			>Read it so</button
		>
		<button type="button" class="btn" onclick={() => say('')}>Only words</button>
		{#if here}
			<button type="button" class="btn" onclick={() => oncorrect([...others])}
				>As it was read</button
			>
		{/if}
	</div>
	<div class="text-sm" aria-live="polite">
		{#if tried}
			{#each acts as act, i (i)}<p>{wordAct(act)}</p>{/each}
			{#if acts.length === 0}<p class="text-error">
					{wrong ? wordWhy(wrong) : 'Nothing of that asks for knitting.'}
				</p>{/if}
		{/if}
	</div>
</form>
