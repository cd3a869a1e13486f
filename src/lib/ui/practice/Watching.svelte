<script lang="ts">
	import type { Practice } from './practice.svelte';

	let { practice }: { practice: Practice } = $props();
	const step = $derived(practice.step ?? 0);
	let list = $state<HTMLElement | null>(null);
	$effect(() => {
		list?.querySelector(`[data-step="${step}"]`)?.scrollIntoView({ block: 'nearest' });
	});
</script>

<section class="space-y-3" aria-labelledby="watch-title">
	<h2 id="watch-title" class="text-base">Done right, step by step</h2>
	<ol class="max-h-80 space-y-1 overflow-y-auto" bind:this={list}>
		{#each practice.shown as s, i (i)}
			<li data-step={i + 1}>
				<button
					class={[
						'flex w-full gap-3 rounded px-2 py-1.5 text-left',
						i + 1 === step ? 'bg-base-300 font-semibold' : i + 1 > step && 'quiet'
					]}
					aria-current={i + 1 === step ? 'step' : undefined}
					onclick={() => practice.watch(i + 1)}
					><span class="figure">{i + 1}</span><span>{s.says}</span></button
				>
			</li>
		{/each}
	</ol>
	<div class="flex gap-2">
		<button class="btn btn-md" disabled={step === 0} onclick={() => practice.watch(step - 1)}
			>‹ Back</button
		>
		<button
			class="btn btn-md"
			disabled={step === practice.shown.length}
			onclick={() => practice.watch(step + 1)}>Next ›</button
		>
		<button class="btn btn-md btn-neutral ml-auto" onclick={() => practice.tryIt()}>Try it</button>
	</div>
</section>
