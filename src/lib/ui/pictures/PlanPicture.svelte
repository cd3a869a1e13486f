<script lang="ts">
	import { comesOut, type Plan } from '$lib/core/plan';
	import type { Project } from '$lib/core/model/project';
	import type { Units } from '$lib/core/quantity/units';
	import type { Pointing } from '../state/pointing.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import Finished from './Finished.svelte';
	import FlatPicture from './flat/FlatPicture.svelte';
	import HatPicture from './HatPicture.svelte';
	import AssembledPicture from './assembled/AssembledPicture.svelte';
	import { editPart } from './assembled/toy-edit';

	/** What comes of a plan, as large as it asks for, with whatever of it can be taken hold of. */
	interface Props {
		plan: Plan;
		project: Project;
		editor: ProjectEditor;
		units: Units;
		pointing: Pointing;
	}
	let { plan, project, editor, units, pointing }: Props = $props();
	const gauge = $derived(plan.gauges[0]);
	/** Px across for it: what is drawn smaller than it is would have letters too small to read. */
	let room = $state(1180);
	const wanted = $derived(
		comesOut(plan, 'flat') || comesOut(plan, 'hung')
			? '100%'
			: comesOut(plan, 'worn')
				? undefined
				: comesOut(plan, 'tube') || comesOut(plan, 'flags')
					? '300px'
					: '480px'
	);
	const upTo = (most: number) => Math.min(most, Math.max(260, room));
</script>

<div bind:clientWidth={room} class="max-w-full min-w-0" style:width={wanted}>
	{#if comesOut(plan, 'flat')}
		<FlatPicture {plan} {project} {editor} {units} {pointing} />
	{:else if comesOut(plan, 'hung')}
		<AssembledPicture {plan} {units} width={upTo(1180)} height={300} />
	{:else if comesOut(plan, 'stuffed')}
		<AssembledPicture
			{plan}
			{units}
			width={upTo(480)}
			height={340}
			picked={pointing.piece || (plan.finished.parts[0]?.part.id ?? '')}
			onpick={(p) => (pointing.piece = p)}
			onedit={(edit) => {
				const parts = editPart(project.options, plan.finished, edit);
				if (parts) editor.options('proportions…', { parts });
			}}
		/>
	{:else if comesOut(plan, 'folded') || comesOut(plan, 'side-by-side') || comesOut(plan, 'wound')}
		<AssembledPicture {plan} {units} width={upTo(480)} height={340} />
	{:else if comesOut(plan, 'worn') && gauge && !plan.steps.some((s) => s.do === 'close-crown')}
		<HatPicture
			hat={plan.finished.hat}
			yarns={plan.yarns}
			{gauge}
			boundaryOnFold={plan.finished.tucked.boundaryOnFold}
			{units}
			height={330}
		/>
	{:else}
		<Finished
			{plan}
			{project}
			{units}
			width={upTo(300)}
			height={comesOut(plan, 'tube') ? 250 : 340}
		/>
	{/if}
</div>
