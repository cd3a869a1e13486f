<script lang="ts">
	import { movesOf } from '$lib/core/learn/ask';
	import type { Forecast } from '$lib/core/model/project';

	/** Where the tape lies for a size: along the rows that follow one another, or across them; of a worn thing over its curve. */
	let { size }: { size: Forecast['sizes'][number] } = $props();
	const moves = $derived(movesOf(size));
	const along = $derived(Math.abs(moves.rows) >= Math.abs(moves.stitches));
	const words = $derived(
		size.lies === 'worn'
			? 'the tape over the curve, as worn'
			: size.lies === 'stuffed'
				? along
					? 'the tape from end to end, stuffed'
					: 'across the thickest place, stuffed'
				: along
					? 'the tape along it, from the first row to the last'
					: 'the tape across it, along a row'
	);
</script>

<svg viewBox="0 0 64 44" class="w-16 shrink-0" role="img" aria-label={words}>
	{#if size.lies === 'worn'}
		<path d="M14 36V26a18 18 0 0 1 36 0v10z" class="fill-base-300 stroke-base-content" />
		<path d="M10 36V25a22 22 0 0 1 22-21" class="tape" />
	{:else if size.lies === 'stuffed'}
		<ellipse cx="32" cy="20" rx="24" ry="13" class="fill-base-300 stroke-base-content" />
		{#if along}<path d="M8 39H56M8 35v8M56 35v8" class="tape" />{:else}<path
				d="M32 7V33M28 7h8M28 33h8"
				class="tape"
			/>{/if}
	{:else}
		<rect x="6" y="6" width="52" height="24" class="fill-base-300 stroke-base-content" />
		{#each [14, 22, 30, 38, 46, 54] as x (x)}<path
				d={`M${x} 6V30`}
				class="stroke-base-content/25"
			/>{/each}
		{#if along}<path d="M6 38H58M6 34v8M58 34v8" class="tape" />{:else}<path
				d="M32 6V30M28 6h8M28 30h8"
				class="tape"
			/>{/if}
	{/if}
</svg>

<style>
	.tape {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 2.5;
	}
</style>
