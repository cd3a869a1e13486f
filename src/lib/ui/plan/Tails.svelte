<script lang="ts">
	import type { PlannedPiece } from '$lib/core/plan';
	import { say } from '$lib/core/quantity/say';
	import { likeTails, wordUse } from '$lib/core/words/tails';
	import Working from '../parts/Working.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	/** The tails of one piece, like ones once, each opening to its arithmetic. */
	let { piece }: { piece: PlannedPiece } = $props();
	const s = $derived(say(useWorkbench().units));
	const tails = $derived(likeTails(piece.tails));
</script>

<ul class="text-sm">
	{#each tails as t (t.id + t.use + t.lengthCm)}
		<li>
			<details>
				<summary class="cursor-pointer"
					><span class="figure font-semibold">{s.tail(t.lengthCm)}</span>
					{t.place}{t.times > 1 ? `, ${t.times} in all` : ''}{wordUse(t.use)}</summary
				>
				<div class="my-1 ml-4"><Working working={t.working} /></div>
			</details>
		</li>
	{/each}
</ul>
