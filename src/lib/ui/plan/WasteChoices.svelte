<script lang="ts">
	import Choice from '../parts/Choice.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';

	interface Props {
		wish: {
			readonly wasteStart: number;
			readonly wasteEnd: number;
			readonly joinTails: 'tie' | 'weave';
		};
		editor: ProjectEditor;
	}
	let { wish, editor }: Props = $props();
	/** The schools, and whatever count a file may have brought. */
	const rows = (now: number, none: string) =>
		[...new Set([0, 4, 5, 10, now])]
			.sort((a, b) => a - b)
			.map((n) => ({ value: n, label: n === 0 ? none : `${n} rows` }));
</script>

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
