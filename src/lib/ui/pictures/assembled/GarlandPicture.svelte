<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { hangsAt } from '$lib/core/recipe/assembled/form/catenary';
	import { placesAlong } from '$lib/core/recipe/assembled/form/garland';
	import type { AssembledOf } from '$lib/core/recipe/assembled/form/assembled';
	import type { AssembledPlan } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import FabricPatterns from '../FabricPatterns.svelte';
	import { hungPath } from '$lib/core/thing/hung-path';
	import ScaleBar from './ScaleBar.svelte';

	interface Props {
		finished: AssembledOf<'hung'>;
		plan: AssembledPlan;
		hung: boolean;
		units: Units;
		width: number;
		height: number;
	}
	let { finished, plan, hung, units, width, height }: Props = $props();
	const id = $props.id();
	const gauge = $derived(entryAt(plan.gauges, 0));
	const { cord } = $derived(finished.solved);
	const tallest = $derived(Math.max(...finished.items.map((i) => i.heightCm)));
	const widest = $derived(Math.max(...finished.items.map((i) => i.widthCm)));
	const px = $derived(Math.min((width - 40) / cord.spanCm, (height - 50) / (cord.sagCm + tallest)));
	const left = $derived((width - cord.spanCm * px) / 2);
	const TOP = 14;
	const line = $derived(
		Array.from({ length: 61 }, (_, i) => hangsAt(cord, (i / 60) * cord.lengthCm))
			.map((p) => `${(left + p.x * px).toFixed(1)} ${(TOP + p.y * px).toFixed(1)}`)
			.join('L')
	);
	const places = $derived(placesAlong(finished.solved));
	/** Batches: alike things beside each other, as many rows as they need. */
	const batch = $derived.by(() => {
		const order = finished.items.toSorted(
			(a, b) => (a.piece ?? 'z').localeCompare(b.piece ?? 'z') || a.yarn - b.yarn
		);
		// The largest scale at which all of them find room.
		for (let scale = 9; scale > 0.2; scale *= 0.94) {
			const step = (widest + 0.8) * scale;
			const inRow = Math.max(1, Math.floor((width - 16) / step));
			const rows = Math.ceil(order.length / inRow);
			if (rows * (tallest + 0.8) * scale <= height - 40)
				return {
					scale,
					items: order.map((item, i) => ({
						item,
						x: 8 + step * ((i % inRow) + 0.5),
						y: 8 + Math.floor(i / inRow) * (tallest + 0.8) * scale
					}))
				};
		}
		return { scale: 0.2, items: [] };
	});
	const drawn = $derived(
		hung
			? finished.items.map((item, i) => {
					const p = hangsAt(cord, entryAt(places, i));
					const end = (s: -1 | 1) => hangsAt(cord, entryAt(places, i) + (s * item.widthCm) / 2);
					const [a, b] = [end(-1), end(1)];
					// A flag hangs by its whole edge and lies along the cord; all else hangs straight down.
					const tilt =
						item.kind === 'flag' ? (Math.atan2(b.y - a.y, b.x - a.x) * 180) / Math.PI : 0;
					return { item, x: left + p.x * px, y: TOP + p.y * px, tilt };
				})
			: batch.items.map((x) => ({ ...x, tilt: 0 }))
	);
	const scale = $derived(hung ? px : batch.scale);
	const cordColour = $derived(plan.yarns[0]?.colour ?? '#888');
</script>

<svg
	{width}
	{height}
	viewBox={`0 0 ${width} ${height}`}
	class="h-auto max-w-full"
	role="img"
	aria-label={hung
		? 'The garland as it hangs, to scale'
		: 'Its things by kind and colour, to scale'}
>
	<defs>
		<FabricPatterns
			prefix={id}
			yarns={plan.yarns}
			stitchPx={scale / gauge.stitchesPerCm.mean}
			rowPx={scale / gauge.rowsPerCm.mean}
		/>
		<radialGradient id={`${id}-round`} cx="0.38" cy="0.3" r="0.8">
			<stop offset="0" stop-color="white" stop-opacity="0.35" />
			<stop offset="0.55" stop-color="white" stop-opacity="0" />
			<stop offset="1" stop-color="black" stop-opacity="0.35" />
		</radialGradient>
	</defs>
	{#if hung}
		<path d={`M${line}`} fill="none" class="stroke-base-content" stroke-width="4" />
		<path d={`M${line}`} fill="none" stroke={cordColour} stroke-width="2.2" />
		{#each [left, left + cord.spanCm * px] as x (x)}
			<circle cx={x} cy={TOP} r="6" fill="none" stroke={cordColour} stroke-width="3" />
			<circle cx={x} cy={TOP} r="3" class="fill-base-content" />
		{/each}
	{/if}
	{#each drawn as { item, x, y, tilt }, i (i)}
		{@const d = hungPath(item, x, y, scale)}
		<g transform={tilt === 0 ? undefined : `rotate(${tilt} ${x} ${y})`}>
			<path
				{d}
				fill={item.kind === 'pom-pom' ? plan.yarns[item.yarn]?.colour : `url(#${id}-${item.yarn})`}
			/>
			{#if item.kind === 'bauble' || item.kind === 'pumpkin'}<path
					{d}
					fill={`url(#${id}-round)`}
				/>{/if}
			{#if item.kind === 'pumpkin'}
				{#each [-0.55, -0.2, 0.2, 0.55] as k (k)}<path
						d={`M${x} ${y}Q${x + k * item.widthCm * scale} ${y + (item.heightCm * scale) / 2} ${x} ${y + item.heightCm * scale}`}
						fill="none"
						stroke="black"
						stroke-opacity="0.25"
						stroke-width="1.2"
					/>{/each}
			{/if}
			<path
				{d}
				fill="none"
				class="stroke-base-content/70"
				stroke-width="1.2"
				stroke-linejoin="round"
			/>
		</g>
	{/each}
	<ScaleBar x={10} y={height - 6} px={scale} {units} />
</svg>
