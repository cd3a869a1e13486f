<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import Ribbon from '../pictures/Ribbon.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { eventPins, findingMarks, foldRow, hiddenRows } from '../state/ribbon-pins';
	import { useWorkbench } from '../state/workbench.svelte';
	import EditedRibbon from './EditedRibbon.svelte';

	/** What is cranked from cast-on to cast-off, where that is one piece or pieces alike but for their colour. */
	interface Props {
		plan: Plan;
		project: Project;
		editor: ProjectEditor;
		/** Its stripe line is the maker's own: what lies on the ribbon can be taken hold of. */
		edited: boolean;
	}
	let { plan, project, editor, edited }: Props = $props();
	const units = $derived(useWorkbench().units);
	const piece = $derived(plan.pieces[0]);
	const alike = $derived(
		plan.pieces.every((p) => p.name === piece?.name && p.mainRows === piece.mainRows)
	);
	const label = $derived(
		piece && (plan.pieces.length > 1 || piece.count > 1)
			? `One ${piece.name.toLowerCase()}, cast-on at the left`
			: undefined
	);
</script>

{#if piece && alike}
	{#if edited}
		<EditedRibbon {project} {editor} {plan} {piece} />
	{:else}
		<Ribbon
			{piece}
			yarns={plan.yarns}
			gauges={plan.gauges}
			{units}
			foldRow={foldRow(plan)}
			{label}
			hiddenRows={hiddenRows(plan)}
			pins={eventPins(plan, units)}
			marks={findingMarks(plan, units)}
		/>
	{/if}
{/if}
