<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { AssembledOf } from '$lib/core/recipe/assembled/form/assembled';
	import type { AssembledPlan } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import FabricPatterns from '../FabricPatterns.svelte';
	import ScaleBar from './ScaleBar.svelte';

	interface Props {
		finished: AssembledOf<'side-by-side'>;
		plan: AssembledPlan;
		sewn: boolean;
		units: Units;
		width: number;
		height: number;
	}
	let { finished, plan, sewn, units, width, height }: Props = $props();
	const id = $props.id();
	const gauge = $derived(entryAt(plan.gauges, 0));
	const gap = $derived(sewn ? 0 : finished.tubeCm * 0.15);
	const edge = $derived(sewn && finished.border.stitches > 0 ? 1.2 : 0);
	const whole = $derived(finished.across * finished.tubeCm + (finished.across - 1) * gap);
	const px = $derived(
		Math.min((width - 20) / whole, (height - 40) / (finished.lengthCm + 2 * edge))
	);
	const left = $derived((width - whole * px) / 2);
	const top = $derived(6 + edge * px);
	const long = $derived(finished.lengthCm * px);
	const trim = $derived(plan.yarns[0]?.colour);
</script>

<svg
	{width}
	{height}
	viewBox={`0 0 ${width} ${height}`}
	class="h-auto max-w-full"
	role="img"
	aria-label={sewn ? 'The finished blanket, to scale' : 'Its tubes side by side, to scale'}
>
	<defs>
		<FabricPatterns
			prefix={id}
			yarns={plan.yarns}
			stitchPx={px / gauge.stitchesPerCm.mean}
			rowPx={px / gauge.rowsPerCm.mean}
		/>
	</defs>
	{#each finished.tubes as tube, i (i)}
		{@const x = left + i * (finished.tubeCm + gap) * px}
		{#each tube.bands as b, k (k)}
			{@const from = tube.bands.slice(0, k).reduce((t, z) => t + z.rows, 0)}
			<rect
				{x}
				y={top + long - ((from + b.rows) / finished.rows) * long}
				width={finished.tubeCm * px}
				height={(b.rows / finished.rows) * long}
				fill={`url(#${id}-${b.yarn})`}
			/>
		{/each}
		<rect
			{x}
			y={top}
			width={finished.tubeCm * px}
			height={long}
			fill="none"
			class="stroke-base-content/70"
			stroke-width={sewn ? 1 : 1.5}
			rx={sewn ? 0 : 2}
		/>
		{#if sewn && i > 0}<path
				d={`M${x} ${top}V${top + long}`}
				class="stroke-base-content/50"
				stroke-width="2.5"
				stroke-dasharray="2 3"
			/>{/if}
	{/each}
	{#if edge > 0}
		{#each [top - edge * px, top + long] as y (y)}
			<rect
				x={left}
				{y}
				width={whole * px}
				height={edge * px}
				fill={trim}
				class="stroke-base-content/70"
			/>
		{/each}
	{/if}
	<ScaleBar x={10} y={height - 6} {px} {units} />
</svg>
