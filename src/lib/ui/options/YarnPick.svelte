<script lang="ts">
	import type { Yarn } from '$lib/core/model/bench';

	interface Props {
		label: string;
		value: string;
		yarns: readonly Yarn[];
		onvalue: (id: string) => void;
	}
	let { label, value, yarns, onvalue }: Props = $props();
	const id = $props.id();
	const chosen = $derived(yarns.find((y) => y.id === value));
	const sorted = $derived([...yarns].sort((a, b) => a.colourName.localeCompare(b.colourName)));
</script>

<div class="w-56">
	<label for={id} class="hint mb-0.5 block">{label}</label>
	<span class="relative block">
		<span
			class="border-base-content/60 pointer-events-none absolute top-2 left-2 size-5 rounded-[4px] border-[1.5px]"
			style:background={chosen?.colour ?? 'transparent'}
		></span>
		<select {id} class="field pl-9!" {value} onchange={(e) => onvalue(e.currentTarget.value)}>
			{#if !chosen}<option {value}>not on the bench</option>{/if}
			{#each sorted as y (y.id)}<option value={y.id}>{y.colourName}, {y.name}</option>{/each}
		</select>
	</span>
</div>
