<script lang="ts">
	import type { Working } from '$lib/core/quantity/working';
	import { printValue } from '$lib/core/quantity/print';
	import { useWorkbench } from '../state/workbench.svelte';

	let { working }: { working: Working } = $props();
	const workbench = useWorkbench();
</script>

<!-- One line of arithmetic; what the maker typed or measured is underlined, what was worked out is not. -->
<p class="flex flex-wrap items-start gap-x-1.5 gap-y-1 text-sm">
	{#each working as term, i (i)}
		{#if typeof term === 'string'}
			<span class="quiet">{term}</span>
		{:else}
			<span class="inline-flex flex-col">
				<span
					class={['whitespace-nowrap', term.own && 'border-base-content border-b-2 font-semibold']}
				>
					{printValue(term.value, term.kind, workbench.units)}
				</span>
				<span class="hint max-w-32 text-[0.7rem]">{term.label}</span>
			</span>
		{/if}
	{/each}
</p>
