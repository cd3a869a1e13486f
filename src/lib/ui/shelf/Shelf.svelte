<script lang="ts">
	import type { RunEvent } from '$lib/core/model/project';
	import { eventsOf } from '$lib/store/store';
	import { STAGE_WORDS, standingOf, type Standing } from '../state/rack';
	import { useWorkbench } from '../state/workbench.svelte';
	import RackNow from './RackNow.svelte';
	import RackThing from './RackThing.svelte';

	let { onorder }: { onorder: () => void } = $props();
	const workbench = useWorkbench();
	let runs = $state.raw(new Map<string, readonly RunEvent[]>());
	let find = $state('');
	let width = $state(0);

	$effect(() => {
		return workbench.live(
			async () => {
				// Most of what is planned was never begun.
				const begun = (await workbench.db.events.orderBy('projectId').uniqueKeys()) as string[];
				return Promise.all(
					begun.map(async (id) => [id, await eventsOf(workbench.db, id)] as const)
				);
			},
			(found) => (runs = new Map(found))
		);
	});
	const all = $derived(
		workbench.records.projects
			.map((project) => {
				const events = runs.get(project.id) ?? null;
				const p = events ? workbench.planOf(project) : null;
				return standingOf(project, {
					look: workbench.lookOf(project),
					plan: p?.ok ? p : null,
					events,
					measured: workbench.records.results.filter((r) => r.projectId === project.id)
				});
			})
			.toReversed()
	);
	const shown = $derived(
		all.filter((s) => s.project.name.toLowerCase().includes(find.trim().toLowerCase()))
	);
	const onMachine = $derived(shown.filter((s) => s.stage === 'on'));
	const racks = $derived(
		(['finish', 'planned', 'made'] as const)
			.map((stage) => ({ stage, standing: shown.filter((s) => s.stage === stage) }))
			.filter((r) => r.standing.length > 0)
	);
	/** Of each lot what is put up by now. */
	const upNow = $derived.by(() => {
		let left = upTo;
		return racks.map((r) => {
			const standing = r.standing.slice(0, Math.max(0, left));
			left -= standing.length;
			return { ...r, standing, all: r.standing.length };
		});
	});
	/** A long rack is put up in lots, the first of them a screen full: the page stands before the last is there. */
	const LOT = 30;
	let upTo = $state(LOT);
	$effect(() => {
		if (upTo >= shown.length) return;
		const soon = requestAnimationFrame(() => (upTo += LOT));
		return () => cancelAnimationFrame(soon);
	});
	/** One scale for all that stands on the rack, px for a cm. */
	const px = $derived(width < 640 ? 2.3 : 3);
</script>

<div class="mb-3 flex flex-wrap items-end justify-between gap-3">
	<h1 class="text-2xl">The shelf</h1>
	<div class="flex flex-wrap items-end gap-2">
		{#if all.length > 6}
			<input
				class="input w-44"
				placeholder="Find by name"
				aria-label="Find a project by name"
				bind:value={find}
			/>
		{/if}
		<button class="btn" onclick={onorder}>Stall order</button>
		<a class="btn btn-accent" href="/make">What can I make?</a>
	</div>
</div>
{#if workbench.records.orders.length > 0}
	<ul class="mb-3 flex flex-wrap gap-2" aria-label="Stall orders">
		{#each workbench.records.orders as o (o.id)}
			<li>
				<a class="btn btn-sm" href={`/order/${o.id}`}
					>{o.name}:
					<span class="figure"
						>{o.lines.reduce((t, l) => t + Math.min(l.made, l.count), 0)} of {o.lines.reduce(
							(t, l) => t + l.count,
							0
						)} made</span
					></a
				>
			</li>
		{/each}
	</ul>
{/if}
{#snippet broken(s: Standing, reset: () => void)}
	<li class="max-w-48">
		<b>{s.project.name}</b> cannot be shown here.
		<a class="underline" href={`/project/${s.project.id}/plan`}>Its plan</a>
		<button class="btn btn-sm" onclick={reset}>Try again</button>
	</li>
{/snippet}

<div bind:clientWidth={width}>
	{#if onMachine.length > 0}
		<section class="mb-6" aria-labelledby="rack-on">
			<h2 id="rack-on" class="sr-only">{STAGE_WORDS.on.title}</h2>
			<ul class="grid gap-x-8 gap-y-6 lg:grid-cols-2">
				{#each onMachine as s (s.project.id)}
					<svelte:boundary onerror={() => void workbench.check()}>
						<RackNow standing={s} {width} />
						{#snippet failed(_, reset)}{@render broken(s, reset)}{/snippet}
					</svelte:boundary>
				{/each}
			</ul>
		</section>
	{/if}
	<div class="rack">
		{#each upNow as { stage, standing, all: howMany } (stage)}
			<section class="contents" aria-labelledby={`rack-${stage}`}>
				<h2 id={`rack-${stage}`} class="stage">
					{STAGE_WORDS[stage].title}
					<span class="quiet block font-normal">{howMany}</span>
				</h2>
				<ul class="contents">
					{#each standing as s (s.project.id)}
						<svelte:boundary onerror={() => void workbench.check()}>
							<RackThing standing={s} {px} />
							{#snippet failed(_, reset)}{@render broken(s, reset)}{/snippet}
						</svelte:boundary>
					{/each}
				</ul>
			</section>
		{/each}
	</div>
	{#if shown.length === 0}<p class="quiet py-6">No project is called that.</p>{/if}
</div>

<style>
	.rack {
		display: flex;
		flex-wrap: wrap;
		align-items: flex-end;
		gap: 1.5rem 1.75rem;
	}
	/* A tag between two lots, as high as the names under the board. */
	.stage {
		font-size: 1rem;
		width: 5.5rem;
		height: calc(4.6rem + 14px);
		border-top: 1.5px solid color-mix(in oklch, var(--color-base-content) 70%, transparent);
		padding-top: 0.5rem;
	}
</style>
