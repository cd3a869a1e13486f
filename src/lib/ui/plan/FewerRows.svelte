<script lang="ts">
	import { rowsWord } from '$lib/core/quantity/say';
	import Dialog from '../parts/Dialog.svelte';
	import type { AskFewer } from './ask-fewer.svelte';

	/** A change would plan fewer rows than hang on the machine already. */
	let { ask }: { ask: AskFewer } = $props();
</script>

{#if ask.short}
	<Dialog open title="More is knitted than this plans" onclose={() => ask.answer(false)}>
		<ul class="mb-3 grid gap-1">
			{#each ask.short as s (s.key)}
				<li>
					<b>{s.name}</b>: {rowsWord(s.knitted)} are on the machine, and the change plans {s.planned}.
				</li>
			{/each}
		</ul>
		<p class="mb-4">
			What is knitted stays as it is: take it off there, unravel to that row, or leave the plan as
			it was.
		</p>
		<div class="flex flex-wrap gap-2">
			<button class="btn btn-accent" onclick={() => ask.answer(false)}
				>Leave the plan as it was</button
			>
			<button class="btn" onclick={() => ask.answer(true)}>Plan fewer rows all the same</button>
		</div>
	</Dialog>
{/if}
