<script lang="ts">
	import { layoutOf } from '$lib/core/recipe/garments/blanket';
	import { wholeGarment } from '$lib/core/recipe/garments/start';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { EditorProps } from './editor';

	let { control, project, editor }: EditorProps = $props();
	const workbench = useWorkbench();
	const options = $derived(wholeGarment(project.options));
	const places = $derived(layoutOf(options));
	const colourOf = (place: number) =>
		workbench.bench.yarns.find((y) => y.id === options.yarns[place])?.colour ?? '#9fb0b8';
	/** The next colour at a place of the blanket. */
	function recolour(i: number) {
		const next = [...places];
		next[i] = ((places[i] ?? 0) + 1) % options.yarns.length;
		editor.options(control.what, control.patch(next));
	}
</script>

<fieldset>
	<legend class="hint mb-0.5">{control.label}</legend>
	<div
		class="grid w-fit gap-0.5"
		style:grid-template-columns={`repeat(${options.layout.across}, 1.75rem)`}
	>
		{#each places as place, i (i)}
			<button
				class="border-base-content/60 h-6 cursor-pointer rounded-[4px] border-[1.5px]"
				style:background={colourOf(place)}
				aria-label={`Panel ${i + 1}: ${String.fromCharCode(65 + place)}`}
				onclick={() => recolour(i)}
			></button>
		{/each}
	</div>
</fieldset>
