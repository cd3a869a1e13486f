<script lang="ts">
	import type { Plan } from '$lib/core/plan';

	/** A thing's ribbon as a thin line: what is knitted full, what is to come pale. */
	let { plan, done }: { plan: Plan; done: number } = $props();
	const piece = $derived(plan.pieces[0]);
	const stops = $derived(
		piece
			? piece.runs
					.map((r) => {
						const at = (row: number) =>
							`${((row / Math.max(1, piece.mainRows)) * 100).toFixed(1)}%`;
						return `${plan.yarns[r.yarn]?.colour} ${at(r.from)} ${at(r.to)}`;
					})
					.join(', ')
			: ''
	);
</script>

{#if piece}
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
