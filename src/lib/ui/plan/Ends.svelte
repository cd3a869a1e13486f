<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import Choice from '../parts/Choice.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';

	let { project, editor }: { project: Project; editor: ProjectEditor } = $props();
	const wish = $derived(project.wish);
	/** The schools, and whatever count a file may have brought. */
	const rows = (now: number, none: string) =>
		[...new Set([0, 4, 5, 10, now])]
			.sort((a, b) => a - b)
			.map((n) => ({ value: n, label: n === 0 ? none : `${n} rows` }));
</script>

<div class="no-print mt-3 flex flex-wrap gap-x-6 gap-y-2">
	<Choice
		label="Waste yarn at the start"
		value={wish.wasteStart}
		options={rows(wish.wasteStart, 'none')}
		onvalue={(wasteStart) => editor.wish('waste at the start', { wasteStart })}
	/>
	<Choice
		label="At the end"
		value={wish.wasteEnd}
		options={rows(wish.wasteEnd, 'onto a needle')}
		onvalue={(wasteEnd) => editor.wish('waste at the end', { wasteEnd })}
	/>
	<Choice
		label="Tails at the joins"
		value={wish.joinTails}
		options={[
			{ value: 'tie', label: 'tie' },
			{ value: 'weave', label: 'weave in' }
		]}
		onvalue={(joinTails) => editor.wish('tails at the joins', { joinTails })}
	/>
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
