<script lang="ts">
	import { goto } from '$app/navigation';
	import { onMount } from 'svelte';
	import { filledBench } from '$lib/core/gallery/common';
	import { nameOf } from '$lib/core/recipe';
	import { notices } from '$lib/ui/state/notices.svelte';
	import { Offers } from '../make/offers.svelte';
	import OfferCard from '../make/OfferCard.svelte';
	import { enterFair } from '../state/fair';
	import { useWorkbench } from '../state/workbench.svelte';

	/** An empty rack: three things that could stand there. */
	let { onstart }: { onstart: (what: string) => void } = $props();
	const workbench = useWorkbench();
	const FIRST = ['lined-hat', 'scarf', 'toy'];
	const offers = new Offers();
	const filled = $derived(filledBench(workbench.bench));
	const own = $derived(!filled.common.machine && !filled.common.yarn);
	onMount(() => void offers.ask(filled.bench, {}, FIRST));
	let busy = $state(false);
	const choose = (what: string) =>
		own ? onstart(what) : void goto(`/start?what=${encodeURIComponent(what)}`);

	async function look() {
		busy = true;
		if (!(await enterFair()))
			void notices.warn('The stall could not be set up: its data comes from the server.');
		busy = false;
	}
</script>

<div class="py-6">
	<h1 class="mb-2 text-4xl">Plan it, crank it, write it down</h1>
	<p class="mb-8 max-w-[44rem] text-lg">
		Tomble works out rows, size and yarn for your own circular machine, counts while you crank, and
		learns from what came off it. Your shelf is empty. What should stand there first?
	</p>
	<ul class="first mb-8">
		{#each FIRST as id (id)}
			<OfferCard name={nameOf(id)} offer={offers.of(id)} large onchoose={() => choose(id)} />
		{/each}
	</ul>
	<div class="flex flex-wrap gap-2">
		<a class="btn btn-accent" href="/make">Everything it can make</a>
		<a class="btn" href="/bench">Set up your bench</a>
		<a class="btn" href="/keep">Open a file</a>
		<button class="btn" onclick={look} disabled={busy}
			>Look around a stall at the lantern fair</button
		>
	</div>
</div>

<style>
	.first {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
		gap: 1.5rem 3rem;
		max-width: 66rem;
	}
</style>
