<script lang="ts">
	import type { Demonstration } from '$lib/core/practice/demonstration';
	import InkDrawing from './InkDrawing.svelte';

	/** Work shown a step at a time, drawn from how all stands after it. */
	interface Props {
		shown: Demonstration;
		/** What is shown, for the names of its buttons. */
		name: string;
		width?: number;
		outer?: string;
		inner?: string;
		/** It stands beside a step of a project, whose figures are its own. */
		beside?: boolean;
		/** Begins at the step it is known by. */
		pictured?: boolean;
	}
	let { shown, name, width = 264, pictured = false, beside = false, ...colours }: Props = $props();
	let chosen = $state<number | null>(null);
	const step = $derived(Math.min(chosen ?? (pictured ? shown.pictured : 0), shown.steps - 1));
	const frame = $derived(shown.at(step));
</script>

<div>
	<InkDrawing diagram={frame.diagram} {width} named {...colours} />
	<div class="no-print mt-1 flex items-center gap-2" style:max-width={`${width}px`}>
		<button
			class="btn btn-sm"
			aria-label={`Step before, of ${name}`}
			disabled={step === 0}
			onclick={() => (chosen = step - 1)}>‹</button
		>
		<span class="figure text-sm" role="status">{step + 1} of {shown.steps}</span>
		<button
			class="btn btn-sm"
			aria-label={`Next step, of ${name}`}
			disabled={step >= shown.steps - 1}
			onclick={() => (chosen = step + 1)}>›</button
		>
		{#if shown.what}
			<a class="ml-auto text-sm underline" href={`/practice/${shown.what.replace('/', '?try=')}`}
				>Try it</a
			>
		{/if}
	</div>
	<p class="mt-1 min-h-10 text-sm" style:max-width={`${Math.max(width, 264)}px`}>{frame.says}.</p>
	{#if beside && shown.what}
		<p class="hint">Shown on a practice ring: the lengths and counts of yours stand in the step.</p>
	{/if}
</div>
