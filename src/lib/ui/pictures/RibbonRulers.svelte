<script lang="ts">
	import { CM_PER_INCH, unitOf, type Units } from '$lib/core/quantity/units';
	import type { PlacedPin, RibbonPlaces } from './ribbon';
	import { rulerStep, ticks } from './stitches';

	interface Props {
		places: RibbonPlaces;
		rows: number;
		totalCm: number;
		/** px to a cm, and where the fabric begins. */
		px: number;
		left: number;
		/** Where the names of the rulers stand. */
		edge: number;
		units: Units;
		foldRow: number | null;
		/** Numbers of the ruler give way to these. */
		placed: readonly PlacedPin[];
	}
	let { places, rows, totalCm, px, left, edge, units, foldRow, placed }: Props = $props();
	const { x, top, band } = $derived(places);
	const rowStep = $derived(rulerStep((totalCm / Math.max(1, rows)) * px, 46));
	const unitCm = $derived(units === 'cm' ? 1 : CM_PER_INCH);
	const tapeStep = $derived(rulerStep(unitCm * px, 40));
	const fineStep = $derived(rulerStep(unitCm * px, 7));
</script>

<g class="fill-base-content stroke-base-content/60 text-[12px]">
	<text stroke="none" x={edge - 22} y={top - 8} class="hint fill-base-content">rows</text>
	{#each ticks(rows, rowStep) as r (r)}
		<path d={`M${x(r)} ${top - 1}v-6`} stroke-width="1" />
		{#if r > 0 && !placed.some((p) => Math.abs(p.at - x(r)) < (p.line === 1 && p.fits ? p.label.length * 3.4 + 10 : 13))}<text
				stroke="none"
				x={x(r)}
				y={top - 10}
				text-anchor="middle">{r}</text
			>{/if}
	{/each}
</g>
{#if foldRow !== null}
	<!-- The fold: a crease, and which side is which. -->
	<path
		d={`M${x(foldRow)} ${top - 4}V${top + band + 4}`}
		class="stroke-base-content"
		stroke-width="3.5"
	/>
	<path
		d={`M${x(foldRow)} ${top}V${top + band}`}
		stroke="white"
		stroke-width="1.5"
		stroke-dasharray="5 4"
	/>
{/if}
<g class="fill-base-content stroke-base-content/60 text-[12px]">
	<text stroke="none" x={edge - 22} y={top + band + 21}>{unitOf(units)}</text>
	{#each ticks(totalCm / unitCm, fineStep) as c (c)}
		<path d={`M${left + c * unitCm * px} ${top + band + 1}v4`} stroke-width="0.75" />
	{/each}
	{#each ticks(totalCm / unitCm, tapeStep) as c (c)}
		<path d={`M${left + c * unitCm * px} ${top + band + 1}v9`} stroke-width="1" />
		{#if c > 0}<text
				stroke="none"
				x={left + c * unitCm * px}
				y={top + band + 23}
				text-anchor="middle">{c}</text
			>{/if}
	{/each}
</g>
{#if foldRow !== null}<text
		x={x(foldRow) + 8}
		y={top + band - 8}
		class="text-[12px] font-semibold"
		fill="white"
		stroke="#0b1820"
		stroke-width="3"
		paint-order="stroke">fold, row {Number.isInteger(foldRow) ? foldRow : foldRow.toFixed(1)}</text
	>{/if}
