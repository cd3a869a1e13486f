<script lang="ts">
	import { eventContext } from '$lib/core/words/context';
	import { rowsWord } from '$lib/core/quantity/say';
	import { afterFirstPage } from '../state/first-page';
	import ThingPicture from '../pictures/ThingPicture.svelte';
	import type { Standing } from '../state/rack';
	import { useWorkbench } from '../state/workbench.svelte';
	import RackLine from './RackLine.svelte';

	/** What is on the machine: large, with its count, what comes next, and one press to go on. */
	let { standing: s, width }: { standing: Standing; width: number } = $props();
	const workbench = useWorkbench();
	const thing = $derived(s.look?.thing ?? null);
	/** The crank's titles, fetched once the page stands; without them nothing is said. */
	let words = $state.raw<typeof import('$lib/core/words/title') | null>(null);
	$effect(() => {
		if (!words)
			afterFirstPage()
				.then(() => import('$lib/core/words/title'))
				.then(
					(w) => (words = w),
					() => undefined
				);
	});
	const next = $derived(
		words && s.next && s.plan
			? words.titleOf(s.next.event, eventContext(s.plan, s.plan.machine, workbench.units))
			: null
	);
	const px = $derived(
		thing ? Math.min(9, 210 / thing.heightCm, Math.min(300, width * 0.4) / thing.widthCm) : 4
	);
	const several = $derived((s.plan?.pieces.length ?? 0) > 1 || (s.plan?.pieces[0]?.count ?? 1) > 1);
</script>

<li class="flex min-w-0 items-end gap-5">
	{#if thing}
		<a href={`/project/${s.project.id}/plan`} class="shrink-0" tabindex="-1" aria-hidden="true">
			<ThingPicture {thing} colours={s.look?.colours ?? []} {px} />
		</a>
	{/if}
	<div class="min-w-0 flex-1">
		<a
			href={`/project/${s.project.id}/knit`}
			class="figure block text-2xl leading-tight font-semibold no-underline underline-offset-4 hover:underline"
			>{s.project.name}</a
		>
		{#if s.at}
			<p>
				<span class="figure text-4xl font-bold">{s.at.row}</span>
				<span class="text-lg">of {s.at.rows} rows</span>
				{#if several}<span class="quiet block">{s.at.piece}</span>{/if}
			</p>
			{#if next && s.next}
				<p class="my-1">
					<span class="quiet">Next:</span>
					<b class="font-semibold">{next}</b>{s.next.rows > 0
						? `, in ${rowsWord(s.next.rows)}`
						: ', now'}
				</p>
			{/if}
		{/if}
		{#if s.look}<div class="my-2 max-w-md"><RackLine look={s.look} done={s.done} /></div>{/if}
		<a class="btn btn-accent" href={`/project/${s.project.id}/knit`}>Go on knitting</a>
	</div>
</li>
