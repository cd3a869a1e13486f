<script lang="ts">
	import { FLAT_CLOSINGS, TUBE_ENDS, type TubeEnd } from '$lib/core/model/kinds';
	import type { TubeProject } from '$lib/core/model/project';
	import type { PlanOf } from '$lib/core/plan';
	import { TUBE_KINDS } from '$lib/core/recipe/tubes/kinds';
	import { CLOSING_WORDS } from '$lib/core/recipe/closings';
	import Choice from '../parts/Choice.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import WasteChoices from './WasteChoices.svelte';

	let {
		project,
		editor,
		plan
	}: { project: TubeProject; editor: ProjectEditor; plan: PlanOf<'tube'> } = $props();
	const wish = $derived(project.wish);
	const kind = $derived(TUBE_KINDS[wish.recipe]);
	const closesFlat = $derived(plan.steps.some((s) => s.do === 'close-flat' && !s.toe));
	const END_WORDS: Record<TubeEnd, string> = {
		flat: 'closed flat',
		gather: 'gathered',
		bind: 'bound, open'
	};
	const ends = TUBE_ENDS.map((e) => ({ value: e, label: END_WORDS[e] }));
</script>

<div class="no-print mt-3 flex flex-wrap gap-x-6 gap-y-2">
	{#if wish.recipe === 'free-tube'}
		<Choice
			label="First end"
			value={wish.ends.castOn}
			options={ends}
			onvalue={(castOn) => editor.wish('first end', { ends: { ...wish.ends, castOn } })}
		/>
		<Choice
			label="Last end"
			value={wish.ends.castOff}
			options={ends}
			onvalue={(castOff) => editor.wish('last end', { ends: { ...wish.ends, castOff } })}
		/>
	{/if}
	{#if closesFlat}
		<Choice
			label="Ends closed flat by"
			value={wish.closing}
			options={FLAT_CLOSINGS.map((value) => ({
				value,
				label: CLOSING_WORDS[value].label.replace(', flat', ''),
				hint: CLOSING_WORDS[value].goodFor
			}))}
			onvalue={(closing) => editor.wish('closing', { closing })}
		/>
	{/if}
	{#if !kind.cord}<WasteChoices {wish} {editor} />{/if}
</div>
