<script lang="ts">
	import { onDestroy, untrack } from 'svelte';
	import type { Result } from '$lib/core/quantity/problem';
	import { wordProblem } from '$lib/core/words/problems';
	import { drafted, type Draft } from './drafts.svelte';

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
		/**
		 * True where each good keystroke counts, in a form that keeps nothing until it is sent. Otherwise a value is taken when it
		 * is finished: on Enter, on leaving the field, and when the page goes.
		 */
		live?: boolean;
		/** Its name among the drafts of the view: what cannot be read is kept there when the field goes. */
		draft?: string;
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
		live = false,
		draft
	}: Props = $props();
	const id = $props.id();

	const kept = untrack(() =>
		drafted(draft, (): Draft | null => (problem === null ? null : { typed, problem }))
	);
	let typed: string = $state(untrack(() => kept ?? text));
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

	/** What is in the field and not taken yet. */
	let open = false;
	function commit() {
		open = false;
		if (typed.trim() === '' && onempty) onempty();
		else if (result?.ok && typed !== text) onvalue(typed);
	}
	const commitOpen = () => open && commit();
	// Leaving by key or by link takes the field away before it loses the focus: what was typed is kept.
	onDestroy(commitOpen);
</script>

<svelte:document onvisibilitychange={() => document.visibilityState === 'hidden' && commitOpen()} />
<svelte:window onpagehide={commitOpen} />

<div class="min-w-0">
	<label for={id} class={['hint mb-0.5 block', hideLabel && 'sr-only']}>{label}</label>
	<input
		{id}
		class="input w-full"
		bind:value={typed}
		{placeholder}
		{inputmode}
		autocomplete="off"
		autocapitalize="off"
		spellcheck="false"
		aria-invalid={problem !== null}
		aria-describedby={problem ? `${id}-problem` : hint ? `${id}-hint` : undefined}
		oninput={() => {
			open = true;
			if (live) commit();
		}}
		onfocus={() => (focused = true)}
		onblur={() => {
			focused = false;
			touched = true;
			commit();
			if (!result || result.ok) typed = text;
		}}
		onkeydown={(e) => {
			if (e.key !== 'Enter') return;
			touched = true;
			commit();
		}}
	/>
	{#if problem}
		<p id={`${id}-problem`} class="text-error mt-0.5 text-sm" role="status">{problem}</p>
	{:else if hint}
		<p id={`${id}-hint`} class="hint mt-0.5">{hint}</p>
	{/if}
</div>
