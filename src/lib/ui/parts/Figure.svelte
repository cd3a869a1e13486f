<script lang="ts">
	import type { Figure } from '$lib/core/quantity/working';
	import { printEstimate } from '$lib/core/quantity/print';
	import { useWorkbench } from '../state/workbench.svelte';
	import Working from './Working.svelte';

	interface Props {
		figure: Figure;
		large?: boolean;
		/** A short word after the label, such as "set by you". */
		mark?: string;
		label?: string;
	}
	let { figure, large = false, mark, label = figure.label }: Props = $props();
	const workbench = useWorkbench();
	const shown = $derived(printEstimate(figure.value, figure.kind, workbench.units));
	const BASIS = {
		measured: '',
		learned: 'learned from your log',
		estimated: 'estimated, not measured'
	} as const;
	const guessed = $derived(figure.value.basis === 'estimated' && figure.value.sd > 0);
</script>

<!-- Opened, it takes the whole row, so that the arithmetic is one line. -->
<details class="min-w-0 open:col-span-full">
	<summary class="block cursor-pointer list-none" title="How this number came about">
		<span class="hint block">
			{label}
			{#if mark}<span class="bg-accent text-accent-content rounded-sm px-1">{mark}</span>{/if}
		</span>
		<span
			class={[
				'figure block sm:whitespace-nowrap',
				large ? 'text-[1.35rem] leading-8 sm:text-[1.65rem]' : 'text-xl'
			]}
		>
			<span class="font-semibold">{shown.value}</span><span class="ml-[0.25em] text-[0.62em]"
				>{shown.unit}</span
			>
			{#if shown.spread}
				<span class={['text-[0.62em]', guessed && 'underline decoration-dotted underline-offset-3']}
					>± {shown.spread}</span
				>
			{/if}
		</span>
	</summary>
	<div class="mt-1 mb-2">
		<Working working={figure.working} />
		{#if BASIS[figure.value.basis]}
			<p class="hint mt-0.5">
				{BASIS[figure.value.basis]}{shown.spread ? '; ± is one standard deviation' : ''}
			</p>
		{:else if shown.spread}
			<p class="hint mt-0.5">from your readings; ± is one standard deviation</p>
		{/if}
	</div>
</details>
