<script lang="ts">
	import { untrack } from 'svelte';
	import type { Result } from '$lib/core/quantity/problem';
	import { wordProblem } from '$lib/core/words/problems';

	interface Props {
		label: string;
		/** Shown text for the stored value; empty for none. */
		text: string;
		/** Reads what is typed. */
		parse: (typed: string) => Result<unknown>;
		/** Called with the typed text whenever it is good. */
		onvalue: (typed: string) => void;
		/** Called when the field is emptied; without it an empty field is a problem. */
		onempty?: () => void;
		/** Told whenever the field begins or ceases to hold something that cannot be read. */
		onproblem?: (wrong: boolean) => void;
		hint?: string;
		hideLabel?: boolean;
		placeholder?: string;
		inputmode?: 'text' | 'decimal' | 'numeric';
		/** True where each good keystroke counts; otherwise on leaving the field or Enter. */
		live?: boolean;
	}
	let {
		label,
		text,
		parse,
		onvalue,
		onempty,
		onproblem,
		hint,
		hideLabel = false,
		placeholder,
		inputmode = 'text',
		live = true
	}: Props = $props();
	const id = $props.id();

	let typed = $state(untrack(() => text));
	let focused = $state(false);
	let touched = $state(false);
	// What was typed stays as typed while it is wrong or being edited; otherwise the stored value is shown.
	const result = $derived(typed.trim() === '' && onempty ? null : parse(typed));
	const problem = $derived(
		result && !result.ok && (touched || typed.trim() !== '') ? wordProblem(result.problem) : null
	);
	$effect(() => {
		const shown = text;
		untrack(() => {
			if (!focused && (!result || result.ok)) typed = shown;
		});
	});

	$effect(() => onproblem?.(problem !== null));

	function commit() {
		if (typed.trim() === '' && onempty) onempty();
		else if (result?.ok && typed !== text) onvalue(typed);
	}
</script>

<div class="min-w-0">
	<label for={id} class={['hint mb-0.5 block', hideLabel && 'sr-only']}>{label}</label>
	<input
		{id}
		class="field"
		bind:value={typed}
		{placeholder}
		{inputmode}
		autocomplete="off"
		autocapitalize="off"
		spellcheck="false"
		aria-invalid={problem !== null}
		aria-describedby={problem ? `${id}-problem` : hint ? `${id}-hint` : undefined}
		oninput={() => live && commit()}
		onfocus={() => (focused = true)}
		onblur={() => {
			focused = false;
			touched = true;
			commit();
			if (!result || result.ok) typed = text;
		}}
		onkeydown={(e) => e.key === 'Enter' && commit()}
	/>
	{#if problem}
		<p id={`${id}-problem`} class="text-error mt-0.5 text-sm" role="status">{problem}</p>
	{:else if hint}
		<p id={`${id}-hint`} class="hint mt-0.5">{hint}</p>
	{/if}
</div>
