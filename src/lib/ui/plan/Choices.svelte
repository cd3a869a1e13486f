<script lang="ts">
	import type { HatProject } from '$lib/core/model/project';
	import { HEAD_SIZES } from '$lib/core/model/kinds';
	import { parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import { HEAD_CM, headCm, type HeadSize } from '$lib/core/bench/size/head';
	import MachinePick from './MachinePick.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import Select from '../parts/Select.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';

	let { project, editor }: { project: HatProject; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const wish = $derived(project.wish);
	const head = $derived(lengthBetween(units, 20, 80));
	const sizes = $derived([
		...HEAD_SIZES.map((s) => ({
			value: s as string,
			label: `${s}, head ${printValue(HEAD_CM[s], 'length', units)}`
		})),
		{ value: 'measured', label: 'a head I measured' }
	]);

	function pick(v: string) {
		if (v === 'measured')
			editor.wish('head', { head: { kind: 'measured', cm: headCm(wish.head) } });
		else editor.wish('head', { head: { kind: 'table', size: v as HeadSize } });
	}
	function measured(typed: string) {
		const r = parseLengthCm(typed, units);
		if (r.ok) editor.wish('head…', { head: { kind: 'measured', cm: r.value } });
	}
</script>

<div class="w-44">
	<MachinePick {project} {editor} />
</div>
<div class="w-52">
	<Select
		label="For"
		value={wish.head.kind === 'table' ? wish.head.size : 'measured'}
		options={sizes}
		onvalue={pick}
	/>
</div>
{#if wish.head.kind === 'measured'}
	<div class="w-28">
		<QuantityField
			label="Round the head"
			text={printValue(wish.head.cm, 'length', units)}
			parse={(t) => head(parseLengthCm(t, units))}
			onvalue={measured}
		/>
	</div>
{/if}
