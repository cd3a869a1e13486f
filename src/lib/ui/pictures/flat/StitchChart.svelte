<script lang="ts">
	import type { PlanOf } from '$lib/core/plan';
	import type { GarmentOptions } from '$lib/core/recipe/garments/options';
	import Choice from '../../parts/Choice.svelte';
	import type { Pointing } from '../../state/pointing.svelte';
	import PieceChart from './PieceChart.svelte';

	let {
		plan,
		options,
		pointing
	}: { plan: PlanOf<'flat'>; options: GarmentOptions; pointing: Pointing } = $props();
	const made = $derived(plan.finished.made);
	const drawn = $derived(
		made.pieces.find((p) => p.id === pointing.piece || p.of === pointing.piece)?.of ??
			made.pieces[0]?.of
	);
	/** A piece too wide for the machine is several panels. */
	const panels = $derived(made.pieces.filter((m) => m.of === drawn && !m.cut.tube));
	let panel = $state(0);
	const at = $derived(Math.min(panel, panels.length - 1));
	const shown = $derived(panels[at]);
	const gauge = $derived(plan.gauges[0]);
</script>

{#if shown && gauge}
	<section class="min-w-0" aria-labelledby="chart-title">
		<div class="flex flex-wrap items-baseline gap-3">
			<h2 id="chart-title" class="text-base">Stitch chart, {shown.name}, right side</h2>
			{#if panels.length > 1}
				<Choice
					hideLabel
					label="Panel"
					value={at}
					options={panels.map((_, i) => ({ value: i, label: `panel ${i + 1}` }))}
					onvalue={(i) => (panel = i)}
				/>
			{/if}
		</div>
		<PieceChart
			piece={shown}
			{options}
			yarns={plan.yarns}
			aspect={gauge.stitchesPerCm.mean / gauge.rowsPerCm.mean}
		/>
	</section>
{/if}
