<script lang="ts">
	import type { Yarn } from '$lib/core/model/bench';
	import { lyingStitchPath, stitchPath } from './stitches';

	interface Props {
		/** Prefix of the pattern ids: `url(#prefix-0)` is the first yarn. */
		prefix: string;
		yarns: readonly Pick<Yarn, 'colour'>[];
		/** Size of one stitch, px: across the wales and along them. */
		stitchPx: number;
		rowPx: number;
		/** True where rows run from left to right. */
		lying?: boolean;
	}
	let { prefix, yarns, stitchPx, rowPx, lying = false }: Props = $props();
	/** Below this a stitch is a speck: far away one sees colour only. */
	const NEAR_PX = 2.6;
	const near = $derived(Math.min(stitchPx, rowPx) >= NEAR_PX);
	const w = $derived(lying ? rowPx : stitchPx);
	const h = $derived(lying ? stitchPx : rowPx);
</script>

{#each yarns as y, i (i)}
	<pattern id={`${prefix}-${i}`} width={w} height={h} patternUnits="userSpaceOnUse">
		<rect
			width={w}
			height={h}
			style:fill={near ? `color-mix(in oklab, ${y.colour} 70%, black)` : y.colour}
		/>
		{#if near}
			<path
				d={lying ? lyingStitchPath(w, h) : stitchPath(w, h)}
				fill={y.colour}
				style:stroke={`color-mix(in oklab, ${y.colour} 88%, white)`}
				stroke-width={Math.min(w, h) * 0.05}
			/>
		{/if}
	</pattern>
{/each}
