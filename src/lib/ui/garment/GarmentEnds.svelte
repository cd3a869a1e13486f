<script lang="ts">
	import type { GarmentProject } from '$lib/core/model/project';
	import type { PlanOf } from '$lib/core/plan';
	import Choice from '../parts/Choice.svelte';
	import WasteChoices from '../plan/WasteChoices.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';

	let {
		project,
		plan,
		editor
	}: { project: GarmentProject; plan: PlanOf<'flat'>; editor: ProjectEditor } = $props();
	const wish = $derived(project.wish);
	const worn = $derived(plan.finished.body !== null);
	const panels = $derived(plan.finished.made.pieces.some((p) => !p.cut.tube));
</script>

<section aria-labelledby="ends-title" class="no-print">
	<h2 id="ends-title" class="mb-1 text-base">Edges, shaping and waste</h2>
	<div class="flex flex-wrap gap-x-5 gap-y-2">
		<Choice
			label="Edges"
			value={wish.edging}
			options={[
				{ value: 'none', label: 'as they are' },
				{ value: 'crochet', label: 'crochet' },
				...(wish.recipe === 'cardigan' || wish.recipe === 'jacket'
					? [{ value: 'knitted' as const, label: 'knitted bands' }]
					: [])
			]}
			onvalue={(edging) => editor.wish('edges', { edging })}
		/>
		{#if worn || wish.recipe === 'free-garment'}
			<Choice
				label="Shaped by"
				value={wish.shaping}
				options={[
					{
						value: 'fashioned',
						label: 'fashioned',
						hint: 'Whole stitches run up the edge: best to sew'
					},
					{
						value: 'held',
						label: 'held on waste',
						hint: 'Groups on waste yarn, chained off later'
					},
					{
						value: 'stacked',
						label: 'stacked',
						hint: 'The edge stitch onto its neighbour: quickest'
					}
				]}
				onvalue={(shaping) => editor.wish('shaping', { shaping })}
			/>
		{/if}
		{#if panels}
			<Choice
				label="Turned"
				value={wish.turn}
				options={[
					{ value: 'switch', label: 'by the switch', hint: 'Panel mode: stops near the marker' },
					{ value: 'hand', label: 'by hand', hint: 'Tube mode: you turn back at each edge' }
				]}
				onvalue={(turn) => editor.wish('how it is turned', { turn })}
			/>
		{/if}
		<WasteChoices {wish} {editor} />
	</div>
</section>
