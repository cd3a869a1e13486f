<script lang="ts">
	import type { YarnId } from '$lib/core/model/bench';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { EditorProps } from './editor';
	import YarnPick from './YarnPick.svelte';

	/** Several yarns in order: by the letters of a stripe line, or as first, second … of what its label says. */
	let { control, editor }: EditorProps = $props();
	const workbench = useWorkbench();
	const yarns = $derived(workbench.bench.yarns);
	const chosen = $derived(control.value as readonly YarnId[]);
	const letters = $derived(control.label === '');
	const nameOf = (i: number) =>
		letters
			? String.fromCharCode(65 + i)
			: chosen.length > 1
				? `${control.label} ${i + 1}`
				: control.label;
	const put = (next: readonly YarnId[]) => editor.options(control.what, control.patch(next));
	const another = $derived(yarns.find((y) => !chosen.includes(y.id)) ?? yarns[0]);
</script>

{#each chosen as y, i (i)}
	<YarnPick
		label={nameOf(i)}
		value={y}
		{yarns}
		onvalue={(v) => put(chosen.map((x, k) => (k === i ? (v as YarnId) : x)))}
	/>
{/each}
<div class="flex gap-1">
	{#if chosen.length < control.most && another}<button
			class="btn btn-sm mb-1"
			onclick={() => put([...chosen, another.id])}
			>{letters ? `Add ${nameOf(chosen.length)}` : 'Add a colour'}</button
		>{/if}
	{#if chosen.length > control.least}<button
			class="btn btn-sm mb-1"
			onclick={() => put(chosen.slice(0, -1))}
			>{letters ? `Take ${nameOf(chosen.length - 1)} out` : 'One less'}</button
		>{/if}
</div>
