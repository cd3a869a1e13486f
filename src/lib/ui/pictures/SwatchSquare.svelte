<script lang="ts">
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import FabricPatterns from './FabricPatterns.svelte';

	interface Props {
		stitchesPerCm: number;
		rowsPerCm: number;
		colour: string;
		units: Units;
		size?: number;
	}
	let { stitchesPerCm, rowsPerCm, colour, units, size = 190 }: Props = $props();
	const id = $props.id();
	const spanCm = $derived(units === 'cm' ? 10 : 10.16);
	const divisions = $derived(units === 'cm' ? 10 : 4);
	const side = $derived(size - 44);
	const px = $derived(side / spanCm);
</script>

<!-- A square of fabric as it lies relaxed, on its grid: 10 cm or 4 in a side. -->
<svg
	width={size}
	height={size}
	viewBox={`0 0 ${size} ${size}`}
	role="img"
	aria-label={`${printValue(stitchesPerCm, 'stitch-density', units)}, ${printValue(rowsPerCm, 'row-density', units)}`}
>
	<defs>
		<FabricPatterns
			prefix={id}
			yarns={[{ colour }]}
			stitchPx={px / stitchesPerCm}
			rowPx={px / rowsPerCm}
		/>
	</defs>
	<g transform="translate(6 6)">
		<rect
			width={side}
			height={side}
			fill={`url(#${id}-0)`}
			class="stroke-base-content/70"
			stroke-width="1.5"
		/>
		{#each { length: divisions - 1 }, i (i)}
			{@const at = ((i + 1) * side) / divisions}
			<path
				d={`M${at} 0V${side}M0 ${at}H${side}`}
				stroke="#ffffff"
				stroke-opacity="0.28"
				stroke-width="1"
			/>
		{/each}
		<g class="stroke-base-content fill-base-content text-[12px]">
			<path d={`M0 ${side + 5}v6H${side}v-6`} fill="none" stroke-width="1.2" />
			<text stroke="none" x={side / 2} y={side + 26} text-anchor="middle"
				>{printValue(stitchesPerCm, 'stitch-density', units)}</text
			>
			<path d={`M${side + 5} 0h6V${side}h-6`} fill="none" stroke-width="1.2" />
			<text
				stroke="none"
				transform={`translate(${side + 26} ${side / 2}) rotate(-90)`}
				text-anchor="middle">{printValue(rowsPerCm, 'row-density', units)}</text
			>
		</g>
	</g>
</svg>
