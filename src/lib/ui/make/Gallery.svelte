<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { filledBench } from '$lib/core/gallery/common';
	import type { Bench } from '$lib/core/model/project';
	import { planner } from '$lib/worker/planner';
	import { GROUPS, RECIPES, type Group } from '$lib/core/recipe';
	import Search from '@lucide/svelte/icons/search';
	import { beginProject } from '../state/projects';
	import { useWorkbench } from '../state/workbench.svelte';
	import { Offers } from './offers.svelte';
	import OfferCard from './OfferCard.svelte';

	/** Everything Tomble knows how to make, drawn from the maker's own ring and yarn. */
	const workbench = useWorkbench();
	const offers = new Offers();
	const filled = $derived(filledBench(workbench.bench));
	const GROUP_NAMES: Record<Group, string> = {
		hats: 'On the head',
		tubes: 'Worn and used',
		panels: 'Panels and garments',
		several: 'Folded, stuffed and hung',
		parts: 'Parts, and your own'
	};
	/** Time there is, minutes. */
	const TIMES = [
		{ value: 0, label: 'however long' },
		{ value: 60, label: 'in an hour' },
		{ value: 180, label: 'in an evening' },
		{ value: 600, label: 'in a weekend' }
	];
	let machineId = $state('');
	let yarnId = $state(page.url.searchParams.get('yarn') ?? '');
	let most = $state(0);
	let find = $state('');
	/** With what planned projects leave free of the yarns, once that is worked out. */
	let free = $state.raw<Bench | null>(null);
	const bench = $derived(free ?? filled.bench);
	const yarn = $derived(bench.yarns.find((y) => y.id === yarnId));
	const ask = () =>
		void offers.ask(bench, {
			machineId: machineId || undefined,
			yarnId: yarnId || undefined
		});
	$effect(ask);
	// First what can be made, then what of it the yarn left over is enough for.
	$effect(() => {
		const { bench: whole } = filled;
		const planned = workbench.records.projects.filter((p) => p.holdsYarn && p.used === null);
		free = null;
		if (planned.length === 0) return;
		let current = true;
		planner
			.ask((worker) => worker.free(planned, whole))
			.then(
				(left) => {
					if (current) free = left;
				},
				// The yarn on hand is what is said then.
				() => undefined
			);
		return () => (current = false);
	});
	const fits = (id: string, name: string): boolean => {
		if (!name.toLowerCase().includes(find.trim().toLowerCase())) return false;
		const offer = offers.of(id);
		if (most > 0 && offer && offer.minutes.mean > most) return false;
		// With one yarn: what it is enough for.
		return !(yarnId && offer?.stock === 'short');
	};
	const groups = $derived(
		GROUPS.map((group) => ({
			group,
			recipes: RECIPES.filter((r) => r.group === group && fits(r.id, r.name))
		})).filter((g) => g.recipes.length > 0)
	);
	const shown = $derived(groups.reduce((t, g) => t + g.recipes.length, 0));
	const own = $derived(!filled.common.machine && !filled.common.yarn);

	async function choose(id: string) {
		if (!own) return goto(`/start?what=${encodeURIComponent(id)}`);
		const project = await beginProject(workbench.bench, id, {
			machineId: machineId || undefined,
			yarnId: yarnId || undefined,
			usual: workbench.settings.waste
		});
		if (!project) return goto('/bench');
		await workbench.addProject(project);
		await goto(`/project/${project.id}/plan`);
	}
</script>

<div class="mb-4 grid grid-cols-2 items-end gap-x-4 gap-y-2 sm:flex sm:flex-wrap">
	<h1 class="mr-auto text-2xl max-sm:col-span-2">What can I make?</h1>
	<label class="sm:w-44">
		<span class="hint mb-0.5 block">On</span>
		<select class="select w-full" bind:value={machineId}>
			<option value="">any ring</option>
			{#each filled.bench.machines as m (m.id)}<option value={m.id}>{m.name}</option>{/each}
		</select>
	</label>
	<label class="sm:w-64">
		<span class="hint mb-0.5 block">With</span>
		<select class="select w-full" bind:value={yarnId}>
			<option value="">any yarn</option>
			{#each bench.yarns as y (y.id)}
				<option value={y.id}>these {Math.round(y.gramsOnHand)} g of {y.colourName}</option>
			{/each}
		</select>
	</label>
	<label class="sm:w-36">
		<span class="hint mb-0.5 block">Time</span>
		<select class="select w-full" bind:value={most}>
			{#each TIMES as t (t.value)}<option value={t.value}>{t.label}</option>{/each}
		</select>
	</label>
	<label class="input w-full sm:w-44">
		<Search size={16} aria-hidden="true" />
		<input type="search" placeholder="Find by name" aria-label="Find by name" bind:value={find} />
	</label>
</div>
{#if !own}
	<p class="border-info mb-4 border-l-4 pl-3 text-sm">
		Drawn for {filled.common.machine ? 'common rings of 22 and 46 pins' : 'your own ring'} and {filled
			.common.yarn
			? 'a medium yarn'
			: 'your own yarn'}, until you have said yours.
	</p>
{/if}
{#if offers.failed}
	<p class="border-error mb-4 border-l-4 pl-3" role="alert">
		Rows and sizes could not be worked out. What you choose can be planned all the same.
		<button class="btn btn-sm" onclick={ask}>Try again</button>
	</p>
{/if}
<p class="sr-only" role="status">{shown} things</p>
{#each groups as { group, recipes } (group)}
	<section class="mb-6" aria-labelledby={`group-${group}`}>
		<h2 id={`group-${group}`} class="hint mb-1">{GROUP_NAMES[group]}</h2>
		<ul class="gallery">
			{#each recipes as r (r.id)}
				<OfferCard name={r.name} offer={offers.of(r.id)} onchoose={() => void choose(r.id)} />
			{/each}
		</ul>
	</section>
{:else}
	<p class="quiet py-6">
		Nothing like that{yarn ? ` with ${Math.round(yarn.gramsOnHand)} g of ${yarn.colourName}` : ''}.
		Try another yarn, more time, or a part of the name.
	</p>
{/each}

<style>
	.gallery {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(9.25rem, 1fr));
		gap: 1.25rem 1.5rem;
	}
</style>
