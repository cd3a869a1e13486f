<script lang="ts">
	import type { WasteWith } from '$lib/core/model/kinds';
	import { schoolOf, WASTE_SCHOOLS } from '$lib/core/words/waste';
	import Choice from '../parts/Choice.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { EditorProps } from './editor';

	interface Waste {
		readonly wasteStart: number;
		readonly wasteWith: WasteWith;
		readonly wasteEnd: number;
		readonly joinTails: 'tie' | 'weave';
	}

	let { project, editor }: EditorProps = $props();
	const options = $derived(project.options as unknown as Waste);
	const workbench = useWorkbench();
	const school = $derived(schoolOf(options));
	const starts = $derived([
		...(school
			? []
			: [{ value: 'own', label: `${options.wasteStart} rows`, hint: 'as it was brought' }]),
		...WASTE_SCHOOLS.map((s) => ({ value: s.id, label: s.label, hint: s.goodFor }))
	]);
	const ends = $derived(
		[...new Set([0, 4, 5, 10, options.wasteEnd])]
			.sort((a, b) => a - b)
			.map((n) => ({ value: n, label: n === 0 ? 'onto a needle' : `${n} rows` }))
	);
	function begin(id: string) {
		const s = WASTE_SCHOOLS.find((x) => x.id === id);
		if (s) editor.options('waste at the start', { wasteStart: s.rows, wasteWith: s.with });
	}
	const usual = $derived(workbench.settings.waste);
	const isUsual = $derived(
		usual !== null &&
			usual.start === options.wasteStart &&
			usual.with === options.wasteWith &&
			usual.end === options.wasteEnd &&
			usual.joinTails === options.joinTails
	);
</script>

<Choice
	label="Below the main yarn at the start"
	value={school?.id ?? 'own'}
	options={starts}
	onvalue={begin}
/>
<Choice
	label="Waste at the end"
	value={options.wasteEnd}
	options={ends}
	onvalue={(wasteEnd) => editor.options('waste at the end', { wasteEnd })}
/>
<Choice
	label="Tails at the joins"
	value={options.joinTails}
	options={[
		{ value: 'tie', label: 'tie' },
		{ value: 'weave', label: 'weave in' }
	]}
	onvalue={(joinTails) => editor.options('tails at the joins', { joinTails })}
/>
<div class="self-end">
	<button
		class="btn btn-sm"
		disabled={isUsual}
		title="What is begun from now on starts with these"
		onclick={() =>
			workbench.set({
				waste: {
					start: options.wasteStart,
					with: options.wasteWith,
					end: options.wasteEnd,
					joinTails: options.joinTails
				}
			})}>{isUsual ? 'This is my usual' : 'Make this my usual'}</button
	>
</div>
