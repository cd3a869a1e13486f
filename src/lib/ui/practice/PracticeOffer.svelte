<script lang="ts">
	import { neverPractised } from '$lib/core/practice/asked-for';
	import type { Practised } from '$lib/core/model/practised';
	import { useWorkbench } from '../state/workbench.svelte';

	interface Props {
		/** Lesson and try; null for none. */
		what: Practised | null;
		/** What it is that is about to be asked for. */
		name: string;
		plain?: boolean;
	}
	let { what, name, plain = false }: Props = $props();
	const workbench = useWorkbench();
	const offered = $derived(
		what !== null && neverPractised(what, workbench.settings.practised) ? what.split('/') : null
	);
</script>

{#if offered}
	<p class={['no-print text-sm', !plain && 'mx-3 sm:mx-5']} data-testid="practice-offer">
		{name}: new to your hands?
		<a class="underline" data-control href={`/practice/${offered[0] ?? ''}?try=${offered[1] ?? ''}`}
			>Practise it first, two minutes</a
		>
	</p>
{/if}
