<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { PlanOf } from '$lib/core/plan';
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import FabricPatterns from './FabricPatterns.svelte';

	interface Props {
		plan: PlanOf<'flags'>;
		/** Which yarn each flag along the cord has, by index. */
		order: readonly number[];
		units: Units;
		/** Width of the drawing, px. */
		width?: number;
	}
	let { plan, order, units, width = 420 }: Props = $props();
	const id = $props.id();
	const MOST_SHOWN = 9;
	const shown = $derived(order.slice(0, MOST_SHOWN));
	const flag = $derived(plan.finished.flag);
	const px = $derived((width - 24) / (flag.width.mean * shown.length));
	const w = $derived(flag.width.mean * px);
	const h = $derived(flag.height.mean * px);
	const tip = $derived((w * flag.tip) / flag.stitches);
	const gauge = $derived(entryAt(plan.gauges, 0));
	const sag = 14;
	const y = (x: number) => 12 + sag * (1 - ((x - width / 2) / (width / 2)) ** 2);
	const cord = $derived(`M0 ${y(0)}Q${width / 2} ${y(0) + 2 * sag} ${width} ${y(width)}`);
	const height = $derived(h + sag + 44);
	const barCm = $derived(units === 'cm' ? 10 : 10.16);
</script>

<svg
	{width}
	{height}
	viewBox={`0 0 ${width} ${height}`}
	role="img"
	class="h-auto max-w-full"
	aria-label={`${flag.flags} flags of ${printValue(flag.width.mean, 'length', units)} by ${printValue(flag.height.mean, 'length', units)} on a cord`}
>
	<defs>
		<FabricPatterns
			prefix={id}
			yarns={plan.yarns}
			stitchPx={px / gauge.stitchesPerCm.mean}
			rowPx={px / gauge.rowsPerCm.mean}
		/>
	</defs>
	{#each shown as yarn, i (i)}
		{@const x0 = 12 + i * w}
		{@const mid = x0 + w / 2}
		<path
			d={`M${x0} ${y(x0)}L${x0 + w} ${y(x0 + w)}L${mid + tip / 2} ${y(mid) + h}H${mid - tip / 2}Z`}
			fill={`url(#${id}-${yarn})`}
			class="stroke-base-content/75"
			stroke-width="1.5"
			stroke-linejoin="round"
		/>
	{/each}
	<path d={cord} fill="none" class="stroke-base-content" stroke-width="4.5" />
	<path d={cord} fill="none" class="stroke-base-100" stroke-width="2" />
	<g class="fill-base-content stroke-base-content text-[12px]">
		<path d={`M12 ${height - 16}v6h${barCm * px}v-6`} fill="none" stroke-width="1.2" />
		<text stroke="none" x="17" y={height - 15}>{units === 'cm' ? '10 cm' : '4 in'}</text>
		{#if order.length > MOST_SHOWN}
			<text stroke="none" x={width - 12} y={height - 8} text-anchor="end"
				>{MOST_SHOWN} of {order.length} flags shown</text
			>
		{/if}
	</g>
</svg>
