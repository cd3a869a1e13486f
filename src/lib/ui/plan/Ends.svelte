<script lang="ts">
	import { CLOSINGS, type Closing } from '$lib/core/model/kinds';
	import type { HatProject } from '$lib/core/model/project';
	import { CLOSING_WORDS } from '$lib/core/recipe/closings';
	import Choice from '../parts/Choice.svelte';
	import WasteChoices from './WasteChoices.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';

	let { project, editor }: { project: HatProject; editor: ProjectEditor } = $props();
	const wish = $derived(project.wish);
	const options = CLOSINGS.map((value): { value: Closing; label: string; hint: string } => ({
		value,
		label: CLOSING_WORDS[value].label,
		hint: CLOSING_WORDS[value].goodFor
	}));
</script>

<div class="no-print mt-3 flex flex-wrap gap-x-6 gap-y-2">
	<WasteChoices {wish} {editor} />
	<Choice
		label="Crown closed by"
		value={wish.closing}
		{options}
		onvalue={(closing) => editor.wish('closing', { closing })}
	/>
</div>
