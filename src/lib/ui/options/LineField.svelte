<script lang="ts">
	import { MOST_LINE_LETTERS } from '$lib/core/quantity/bounds';
	import { readStripes } from '$lib/core/stripes/stripe-line';
	import { wordStripeProblem } from '$lib/core/words/stripes';
	import { untrack } from 'svelte';
	import { drafted, type Draft } from '../parts/drafts.svelte';

	interface Props {
		line: string;
		yarns: number;
		onvalue: (line: string) => void;
		label?: string;
		/** As in QuantityField. */
		draft?: string;
	}
	let { line, yarns, onvalue, label = 'Stripes, repeated', draft }: Props = $props();
	const id = $props.id();
	const kept = untrack(() =>
		drafted(draft, (): Draft | null => (problem === null ? null : { typed, problem }))
	);
	let typed: string = $state(untrack(() => kept ?? line));
	let focused = $state(false);
	$effect(() => {
		const stored = line;
		untrack(() => {
			if (!focused && read.ok) typed = stored;
		});
	});
	const read = $derived(readStripes(typed, yarns, MOST_LINE_LETTERS));
	const problem = $derived(read.ok ? null : wordStripeProblem(read.problem, yarns));
</script>

<div class="w-44 min-w-0">
	<label for={id} class="hint mb-0.5 block">{label}</label>
	<input
		{id}
		class="input w-full"
		bind:value={typed}
		aria-invalid={problem !== null}
		onfocus={() => (focused = true)}
		onblur={() => (focused = false)}
		oninput={() => {
			if (read.ok) onvalue(typed);
		}}
	/>
	{#if problem}<p class="text-error mt-0.5 text-sm" role="status">{problem}</p>{/if}
</div>
