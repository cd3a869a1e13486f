<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { Phase } from '$lib/core/model/bench';
	import type { PhaseRun } from '$lib/core/bench/yarn/phases';
	import { rulerStep, ticks } from '../../pictures/stitches';

	interface Props {
		phases: readonly Phase[];
		runs: readonly PhaseRun[];
		rows: number;
	}
	let { phases, runs, rows }: Props = $props();
	const WIDTH = 700;
	const px = $derived(WIDTH / Math.max(1, rows));
	const step = $derived(rulerStep(px, 34));
</script>

<!-- The tube from its first row to its last, in the colours as they fall. -->
<svg
	viewBox={`0 0 ${WIDTH} 48`}
	class="w-full"
	role="img"
	aria-label={runs
		.map((r) => `${r.to - r.from} rows ${entryAt(phases, r.phase).colourName}`)
		.join(', ')}
>
	{#each runs as r (r.from)}
		<rect
			x={r.from * px}
			y="2"
			width={(r.to - r.from) * px}
			height="28"
			fill={entryAt(phases, r.phase).colour}
		/>
	{/each}
	<rect
		x="0.75"
		y="2"
		width={WIDTH - 1.5}
		height="28"
		fill="none"
		class="stroke-base-content/70"
		stroke-width="1.5"
	/>
	{#each ticks(rows, step).slice(1) as t (t)}
		<path d={`M${t * px} 30v5`} class="stroke-base-content/60" />
		{#if t * px < WIDTH - 20}<text
				x={t * px}
				y="46"
				text-anchor="middle"
				class="fill-base-content/75 text-[11px]">{t}</text
			>{/if}
	{/each}
</svg>
