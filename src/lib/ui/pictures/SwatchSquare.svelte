<script lang="ts">
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import type { ReadingState } from '$lib/core/model/kinds';
	import FabricPatterns from './FabricPatterns.svelte';

	/** One reading's own idea of the square: where its corner would be. */
	export interface Corner {
		readonly id: string;
		/** A letter, as in the list of readings. */
		readonly letter: string;
		readonly state: ReadingState;
		readonly stitchesPerCm: number;
		readonly rowsPerCm: number;
		readonly apart: boolean;
	}
	interface Props {
		stitchesPerCm: number;
		rowsPerCm: number;
		colour: string;
		units: Units;
		size?: number;
		corners?: readonly Corner[];
	}
	let { stitchesPerCm, rowsPerCm, colour, units, size = 190, corners = [] }: Props = $props();
	const id = $props.id();
	const spanCm = $derived(units === 'cm' ? 10 : 10.16);
	const divisions = $derived(units === 'cm' ? 10 : 4);
	// As wide and as high as this reading says the stitches and rows of the square are.
	const placed = $derived(
		corners.map((c) => ({
			...c,
			width: (spanCm * stitchesPerCm) / c.stitchesPerCm,
			height: (spanCm * rowsPerCm) / c.rowsPerCm
		}))
	);
	const room = $derived(
		Math.min(1.6, Math.max(1, ...placed.map((p) => Math.max(p.width, p.height) / spanCm + 0.02)))
	);
	const px = $derived((size - 44) / (spanCm * room));
	const side = $derived(spanCm * px);
	const edge = $derived(side * room);
	const DASH: Record<ReadingState, string | undefined> = {
		washed: undefined,
		rested: undefined,
		fresh: '2 3',
		pulled: '6 3'
	};
	const LEG = 13;
</script>

<!-- A square of fabric as it lies relaxed, on its grid: 10 cm or 4 in a side. Each reading has its own corner. -->
<svg
	width={size}
	height={size}
	viewBox={`0 0 ${size} ${size}`}
	role="img"
	aria-label={`${printValue(stitchesPerCm, 'stitch-density', units)}, ${printValue(rowsPerCm, 'row-density', units)}${corners.length ? `, from ${corners.length} readings` : ''}`}
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
		{#each placed as p (p.id)}
			{@const cx = Math.min(edge, p.width * px)}
			{@const cy = Math.min(edge, p.height * px)}
			<g class={p.apart ? 'text-error' : 'text-base-content'}>
				<path
					d={`M${cx - LEG} ${cy}H${cx}V${cy - LEG}`}
					fill="none"
					stroke="var(--color-base-100)"
					stroke-width="4.5"
				/>
				<path
					d={`M${cx - LEG} ${cy}H${cx}V${cy - LEG}`}
					fill="none"
					stroke="currentColor"
					stroke-width={p.state === 'washed' ? 2.6 : 1.8}
					stroke-dasharray={DASH[p.state]}
				/>
				{#if p.apart || p.state === 'pulled'}
					<text
						x={cx - 5}
						y={cy - 6}
						text-anchor="end"
						class="halo fill-current text-[12px] font-bold">{p.letter}{p.apart ? '?' : ''}</text
					>
				{/if}
			</g>
		{/each}
		<g class="stroke-base-content fill-base-content text-[12px]">
			<path d={`M0 ${edge + 5}v6H${side}v-6`} fill="none" stroke-width="1.2" />
			<text stroke="none" x={side / 2} y={edge + 26} text-anchor="middle"
				>{printValue(stitchesPerCm, 'stitch-density', units)}</text
			>
			<path d={`M${edge + 5} 0h6V${side}h-6`} fill="none" stroke-width="1.2" />
			<text
				stroke="none"
				transform={`translate(${edge + 26} ${side / 2}) rotate(-90)`}
				text-anchor="middle">{printValue(rowsPerCm, 'row-density', units)}</text
			>
		</g>
	</g>
</svg>

<style>
	.halo {
		paint-order: stroke;
		stroke: var(--color-base-100);
		stroke-width: 4px;
	}
</style>
