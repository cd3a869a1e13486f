<script lang="ts">
	import { MOST_LINE_LETTERS } from '$lib/core/quantity/bounds';
	import { readStripes } from '$lib/core/stripes/stripe-line';
	import { wordStripeProblem } from '$lib/core/words/stripes';
	import { untrack } from 'svelte';

	interface Props {
		line: string;
		yarns: number;
		onvalue: (line: string) => void;
		label?: string;
	}
	let { line, yarns, onvalue, label = 'Stripes, repeated' }: Props = $props();
	const id = $props.id();
	let typed = $state(untrack(() => line));
	let focused = $state(false);
	$effect(() => {
		const stored = line;
		untrack(() => {
			if (!focused) typed = stored;
		});
	});
	const read = $derived(readStripes(typed, yarns, MOST_LINE_LETTERS));
</script>

<div class="w-44 min-w-0">
	<label for={id} class="hint mb-0.5 block">{label}</label>
	<input
		{id}
		class="input w-full"
		bind:value={typed}
		aria-invalid={!read.ok}
		onfocus={() => (focused = true)}
		onblur={() => (focused = false)}
		oninput={() => {
			if (read.ok) onvalue(typed);
		}}
	/>
	{#if !read.ok}<p class="text-error mt-0.5 text-[0.8rem]">
			{wordStripeProblem(read.problem, yarns)}
		</p>{/if}
</div>
