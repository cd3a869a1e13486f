<script lang="ts">
	import { useWorkbench } from '../state/workbench.svelte';
	import { fetchDemo, filling, fillWithDemo } from '../state/welcome';
	import { notices } from '$lib/ui/state/notices.svelte';
	import Ring from '../pictures/Ring.svelte';

	let { onstart }: { onstart: () => void } = $props();
	const workbench = useWorkbench();
	const hasBench = $derived(
		workbench.records.machines.length > 0 && workbench.records.yarns.length > 0
	);
	let busy = $state(false);

	async function look() {
		busy = true;
		const filled = await filling(workbench, async () => {
			const bytes = await fetchDemo(true);
			return bytes !== null && fillWithDemo(workbench.db, bytes);
		}).catch(() => false);
		if (!filled)
			void notices.warn(
				'The example could not be put in: it goes into an empty store only, and needs the server.'
			);
		busy = false;
	}
</script>

<div class="grid items-center gap-10 py-8 md:grid-cols-[1fr_auto]">
	<div class="max-w-[38rem]">
		<h1 class="mb-3 text-4xl">Plan it, crank it, write it down</h1>
		<p class="mb-6 text-lg">
			Tomble works out rows, size and yarn for your own circular machine, counts while you crank,
			and learns from what came off it. Your shelf is empty: three things make the first hat.
		</p>
		<ol class="mb-6 space-y-3">
			<li>
				<b>Your machine:</b> its pins set the width of every tube.
			</li>
			<li><b>Your yarn:</b> its metres and grams say how far it goes.</li>
			<li>
				<b>A swatch</b>, when you have one: 40 rows measured after a rest turn a guess of ± 9 cm
				into one of ± 2.
			</li>
		</ol>
		<div class="flex flex-wrap gap-2">
			{#if hasBench}
				<button class="btn btn-accent" onclick={onstart}>Start a hat</button>
			{:else}
				<a class="btn btn-accent" href="/bench">Set up your bench</a>
			{/if}
			<a class="btn" href="/keep">Open a file</a>
			{#if !hasBench}
				<button class="btn" onclick={look} disabled={busy}
					>Look around a stall at the lantern fair</button
				>
			{/if}
		</div>
	</div>
	<div class="max-md:hidden">
		<Ring
			pins={46}
			marker={1}
			size={300}
			loaded={false}
			weave={46}
			colour="#2f7f93"
			label="A ring of pins, cast on"
		/>
	</div>
</div>
