<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import type { Estimate } from '$lib/core/quantity/estimate';

	let { need, have, colour }: { need: Estimate; have: number; colour: string } = $props();
	const W = 300;
	const x = $derived(
		scaleLinear()
			.domain([0, Math.max(have, need.mean + 2 * need.sd, 1)])
			.range([0, W - 4])
	);
</script>

<!-- What is needed, with its spread, against what is there. -->
<svg width={W} height="20" viewBox={`0 0 ${W} 20`} class="h-auto max-w-full" aria-hidden="true">
	<rect
		x="1"
		y="5"
		width={x(have)}
		height="10"
		fill={colour}
		class="stroke-base-content/60"
		stroke-width="1"
		rx="2"
	/>
	<path d={`M${1 + x(need.mean)} 0V20`} class="stroke-base-content" stroke-width="2.5" />
	<path
		d={`M${1 + x(Math.max(0, need.mean - need.sd))} 17.5H${1 + x(need.mean + need.sd)}`}
		class="stroke-base-content"
		stroke-width="1.5"
	/>
</svg>
