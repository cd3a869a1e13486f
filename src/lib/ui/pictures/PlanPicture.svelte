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
	/** Px for what is as wide as the page. */
	let room = $state(1180);
</script>

{#if comesOut(plan, 'flat')}
	<FlatPicture {plan} {project} {editor} {units} {pointing} />
{:else if comesOut(plan, 'hung')}
	<div bind:clientWidth={room}>
		<AssembledPicture {plan} {units} width={Math.min(1180, Math.max(300, room))} height={300} />
	</div>
{:else if comesOut(plan, 'stuffed')}
	<AssembledPicture
		{plan}
		{units}
		width={480}
		height={340}
		picked={pointing.piece || (plan.finished.parts[0]?.part.id ?? '')}
		onpick={(p) => (pointing.piece = p)}
		onedit={(edit) => {
			const parts = editPart(project.options, plan.finished, edit);
			if (parts) editor.options('proportions…', { parts });
		}}
	/>
{:else if comesOut(plan, 'folded') || comesOut(plan, 'side-by-side') || comesOut(plan, 'wound')}
	<AssembledPicture {plan} {units} width={480} height={340} />
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
	<Finished {plan} {project} {units} width={300} height={comesOut(plan, 'tube') ? 250 : 340} />
{/if}
