<script lang="ts">
	import { page } from '$app/state';
	import { LESSONS } from '$lib/core/practice/index';
	import PracticeView from '$lib/ui/practice/PracticeView.svelte';

	const lesson = $derived(LESSONS.find((l) => l.id === page.params.lesson));
</script>

<svelte:head><title>{lesson?.name ?? 'Practice'} · Tomble</title></svelte:head>
{#if lesson}
	<PracticeView {lesson} />
{:else}
	<h1 class="mb-2 text-2xl">There is no such lesson</h1>
	<p><a class="underline" href="/practice">All that can be practised</a></p>
{/if}
