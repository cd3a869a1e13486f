<script lang="ts">
	import { goto } from '$app/navigation';
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
	/** No yarn is called that. */
	const ADD = '+';
	function choose(select: HTMLSelectElement) {
		const to = select.value;
		if (to !== ADD) return onvalue(to);
		// It stays as it was until a yarn is chosen.
		select.value = value;
		void goto('/bench?add=yarn');
	}
</script>

<div class="w-56">
	<label for={id} class="hint mb-0.5 block">{label}</label>
	<span class="relative block">
		<span
			class="border-base-content/60 pointer-events-none absolute top-2 left-2 size-5 rounded-[4px] border-[1.5px]"
			style:background={chosen?.colour ?? 'transparent'}
		></span>
		<select {id} class="select w-full pl-9!" {value} onchange={(e) => choose(e.currentTarget)}>
			{#if !chosen}<option {value}>not on the bench</option>{/if}
			{#each sorted as y (y.id)}<option value={y.id}>{y.colourName}, {y.name}</option>{/each}
			<option value={ADD}>Add a yarn…</option>
		</select>
	</span>
</div>
