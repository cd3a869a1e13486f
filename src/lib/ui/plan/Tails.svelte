<script lang="ts">
	import type { PlannedPiece } from '$lib/core/plan';
	import { say } from '$lib/core/quantity/say';
	import { wordUse } from '$lib/core/words/tails';
	import Working from '../parts/Working.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	/** The tails of one piece, like ones once, each opening to its arithmetic. */
	let { piece }: { piece: PlannedPiece } = $props();
	const s = $derived(say(useWorkbench().units));
	const TAILS = {
		'cast-on': 'at the start',
		'cast-off': 'at the end',
		join: 'at each side of a join'
	} as const;
	const tails = $derived.by(() => {
		const joins = piece.tails.filter((t) => t.id === 'join');
		return [...piece.tails.filter((t) => t.id !== 'join'), ...joins.slice(0, 1)].map((t) => ({
			...t,
			count: t.id === 'join' ? joins.length : 1
		}));
	});
</script>

<ul class="text-sm">
	{#each tails as t (t.id)}
		<li>
			<details>
				<summary class="cursor-pointer"
					><span class="figure font-semibold">{s.tail(t.lengthCm)}</span>
					{TAILS[t.id]}{t.count > 1 ? `, ${t.count} in all` : wordUse(t.use)}</summary
				>
				<div class="my-1 ml-4"><Working working={t.working} /></div>
			</details>
		</li>
	{/each}
</ul>
