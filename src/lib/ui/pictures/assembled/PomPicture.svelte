<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { AssembledOf } from '$lib/core/recipe/assembled/form/assembled';
	import type { AssembledPlan } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import { pomPath } from '$lib/core/thing/hung-path';
	import ScaleBar from './ScaleBar.svelte';

	interface Props {
		finished: AssembledOf<'wound'>;
		plan: AssembledPlan;
		cut: boolean;
		units: Units;
		width: number;
		height: number;
	}
	let { finished, plan, cut, units, width, height }: Props = $props();
	const CARD_WIDE = 7.6;
	const px = $derived(
		Math.min(
			(width - 40) / Math.max(CARD_WIDE, finished.cm),
			(height - 50) / Math.max(finished.cardCm, finished.cm)
		)
	);
	const cx = $derived(width / 2);
	const cy = $derived((height - 30) / 2);
	const colour = (i: number) =>
		plan.yarns[entryAt(finished.yarns, i % finished.yarns.length)]?.colour ?? '#888';
	const strands = $derived(Math.min(36, finished.wraps));
</script>

<svg
	{width}
	{height}
	viewBox={`0 0 ${width} ${height}`}
	class="h-auto max-w-full"
	role="img"
	aria-label={cut ? 'A trimmed pom-pom, to scale' : 'Yarn wound round the card, to scale'}
>
	{#if cut}
		{@const r = (finished.cm / 2) * px}
		<path
			d={pomPath(cx, cy, r, 40)}
			fill={colour(0)}
			class="stroke-base-content/70"
			stroke-width="1.5"
		/>
		{#each Array.from({ length: 90 }, (_, i) => i) as i (i)}
			{@const a = i * 2.399963}
			{@const q = Math.sqrt((i + 0.5) / 90) * r * 0.94}
			<path
				d={`M${cx + q * 0.55 * Math.cos(a)} ${cy + q * 0.55 * Math.sin(a)}L${cx + q * Math.cos(a)} ${cy + q * Math.sin(a)}`}
				stroke={colour(i)}
				style:filter={i % 2 ? 'brightness(0.82)' : 'brightness(1.12)'}
				stroke-width={Math.max(2, r * 0.06)}
				stroke-linecap="round"
			/>
		{/each}
	{:else}
		{@const h = finished.cardCm * px}
		{@const wide = CARD_WIDE * px}
		<rect
			x={cx - wide / 2}
			y={cy - h / 2}
			width={wide}
			height={h}
			class="fill-base-200 stroke-base-content/70"
			stroke-width="1.5"
		/>
		{#each Array.from({ length: strands }, (_, i) => i) as i (i)}
			{@const x = cx - wide * 0.36 + (wide * 0.72 * i) / Math.max(1, strands - 1)}
			<path
				d={`M${x} ${cy - h / 2 - 3}V${cy + h / 2 + 3}`}
				stroke={colour(i)}
				stroke-width={Math.max(2, (wide * 0.8) / strands)}
				stroke-linecap="round"
			/>
			<path
				d={`M${x + wide * 0.01} ${cy - h / 2 - 2}V${cy + h / 2 + 2}`}
				stroke="black"
				stroke-opacity="0.18"
			/>
		{/each}
	{/if}
	<ScaleBar x={10} y={height - 6} {px} {units} />
</svg>
