<script lang="ts">
	import type { Yarn, YarnId } from '$lib/core/model/bench';
	import YarnPick from './YarnPick.svelte';

	interface Props {
		/** The yarns of a wish, A first. */
		chosen: readonly YarnId[];
		yarns: readonly Yarn[];
		most?: number;
		onvalue: (chosen: YarnId[]) => void;
	}
	let { chosen, yarns, most = 12, onvalue }: Props = $props();
	const letter = (i: number) => String.fromCharCode(65 + i);
</script>

{#each chosen as y, i (i)}
	<YarnPick
		label={letter(i)}
		value={y}
		{yarns}
		onvalue={(v) => onvalue(chosen.map((x, k) => (k === i ? (v as YarnId) : x)))}
	/>
{/each}
<div class="flex gap-1">
	{#if chosen.length < most}<button
			class="act act-small mb-1"
			onclick={() =>
				onvalue([...chosen, (yarns.find((y) => !chosen.includes(y.id)) ?? yarns[0]!).id])}
			>Add {letter(chosen.length)}</button
		>{/if}
	{#if chosen.length > 1}<button
			class="act act-small mb-1"
			onclick={() => onvalue(chosen.slice(0, -1))}>Take {letter(chosen.length - 1)} out</button
		>{/if}
</div>
