<script lang="ts">
	import type { Look } from '../state/shelf-plans.svelte';

	/** A thing's ribbon as a thin line: what is knitted full, what is to come pale. */
	let { look, done }: { look: Look; done: number } = $props();
	const ribbon = $derived(look.ribbon);
	const stops = $derived(
		ribbon
			? ribbon.runs
					.map((r) => {
						const at = (row: number) => `${((row / Math.max(1, ribbon.rows)) * 100).toFixed(1)}%`;
						return `${look.colours[r.yarn]} ${at(r.from)} ${at(r.to)}`;
					})
					.join(', ')
			: ''
	);
</script>

{#if ribbon}
	<span class="line" aria-hidden="true">
		<span class="colours" style:background={`linear-gradient(90deg, ${stops})`}></span>
		<span class="ahead" style:left={`${done * 100}%`}></span>
	</span>
{/if}

<style>
	.line {
		display: block;
		position: relative;
		height: 6px;
		border-radius: 3px;
		overflow: hidden;
		outline: 1px solid color-mix(in oklch, var(--color-base-content) 45%, transparent);
		outline-offset: -1px;
	}
	.colours,
	.ahead {
		position: absolute;
		inset: 0;
	}
	.ahead {
		background: color-mix(in oklch, var(--color-base-100) 82%, transparent);
	}
</style>
