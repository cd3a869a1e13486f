<script lang="ts">
	import type { HatProject } from '$lib/core/model/project';
	import Choice from '../parts/Choice.svelte';
	import WasteChoices from './WasteChoices.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';

	let { project, editor }: { project: HatProject; editor: ProjectEditor } = $props();
	const wish = $derived(project.wish);
</script>

<div class="no-print mt-3 flex flex-wrap gap-x-6 gap-y-2">
	<WasteChoices {wish} {editor} />
	<Choice
		label="Closing"
		value={wish.closing}
		options={[
			{ value: 'gather', label: 'gather each end' },
			{ value: 'zip', label: 'zip both' }
		]}
		onvalue={(closing) => editor.wish('closing', { closing })}
	/>
</div>
