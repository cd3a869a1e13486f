<script lang="ts">
	import { say } from '$lib/core/quantity/say';
	import { stockOf, wordStock } from '$lib/core/quantity/short';
	import { lengthOf, widthOf } from '$lib/core/plan/lies';
	import type { Yarn, YarnId } from '$lib/core/model/bench';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { CRITERIA } from '$lib/core/substitute/criteria';
	import type { Answer, Substitute } from '$lib/core/substitute/rank';
	import { CRITERION_NAMES, wordAgainst, wordFor, wordSettle } from '$lib/core/words/substitutes';
	import YarnCake from '../pictures/YarnCake.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import MiniTube from './MiniTube.svelte';

	interface Props {
		answer: Answer;
		standIn: Substitute;
		/** The longest tube of the list, cm: all are drawn at one scale. */
		longest: number;
		lookup: (id: YarnId) => Yarn | undefined;
		onuse: () => void;
	}
	let { answer, standIn: s, longest, lookup, onuse }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const same = $derived(s.yarn.id === answer.wanted.id);
	const against = $derived(wordAgainst(answer, s, units));
	const settle = $derived(wordSettle(s, answer.now.machine.pins, units));
	// A combination is a yarn with its parts; the cake shows their colours.
	const told = $derived(
		CRITERIA.map((c) => `${CRITERION_NAMES[c]} ${Math.round(s.marks[c] * 100)} %`).join(', ')
	);
</script>

<li class="rule-line grid gap-x-4 gap-y-1 border-t py-2.5 sm:grid-cols-[3.6rem_11rem_1fr_auto]">
	<YarnCake yarn={s.yarn} {lookup} grams={s.freeGrams ?? s.yarn.ballGrams} size={56} />
	<div class="min-w-0">
		<p class="leading-tight font-semibold">{s.yarn.colourName}</p>
		<p class="hint leading-tight">
			{s.yarn.name}{s.yarn.strands > 1 ? `, ${s.yarn.strands} strands` : ''}
		</p>
		<div class="mt-1.5 flex items-end gap-[3px]" role="img" aria-label={told} title={told}>
			{#each CRITERIA as c (c)}
				<span class="bg-base-300 flex h-5 w-[9px] items-end">
					<span
						class={['block w-full', s.marks[c] < 0.5 ? 'bg-error' : 'bg-base-content/75']}
						style:height={`${Math.max(6, s.marks[c] * 100)}%`}
					></span>
				</span>
			{/each}
			<span class="figure ml-1 text-sm leading-none">{Math.round(s.score * 100)}</span>
		</div>
	</div>
	<div class="min-w-0">
		<div class="flex flex-wrap items-center gap-x-5 gap-y-1">
			<MiniTube
				lengthCm={s.tube.mean}
				sdCm={s.tube.sd}
				widthCm={s.width.mean}
				plannedLengthCm={lengthOf(answer.now).mean}
				plannedWidthCm={widthOf(answer.now).mean}
				colour={s.yarn.colour}
				{longest}
			/>
			<p class="text-sm">
				<span class="figure text-lg font-semibold">{s.rows} rows</span>
				<span class="figure block">{printWithSpread(s.tube, 'length', units)}</span>
			</p>
			<p class="text-sm">
				<span class="quiet">flat width</span>
				<span class="figure block">{printWithSpread(s.width, 'length', units)}</span>
			</p>
			<p class="text-sm">
				<span class="quiet">{s.freeGrams === null ? 'to buy' : 'needs'}</span>
				<span class="figure block"
					>{printWithSpread(s.grams, 'mass', units)}{s.freeGrams === null
						? ''
						: ` of ${printValue(s.freeGrams, 'mass', units)} free, ${wordStock(stockOf(s.grams, s.freeGrams), say(units))}`}</span
				>
			</p>
			{#if !s.measured}<span
					class="border-warning text-warning rounded-sm border px-1 text-sm font-semibold"
					>estimated, not measured</span
				>{/if}
		</div>
		<p class="mt-1 text-sm">
			<span class="text-success font-bold" aria-hidden="true">+</span>
			{wordFor(answer, s, units)}
		</p>
		{#if against}<p class="text-sm">
				<span class="text-error font-bold" aria-hidden="true">−</span>
				{against}
			</p>{/if}
		{#if settle}<p class="hint">{settle}</p>{/if}
	</div>
	<div class="self-center">
		{#if same}<span class="hint">as planned</span>
		{:else}<button
				class="btn"
				onclick={onuse}
				aria-label={`Use ${s.yarn.colourName}, ${s.yarn.name}${s.yarn.strands > 1 ? `, ${s.yarn.strands} strands` : ''}`}
				>Use this</button
			>{/if}
	</div>
</li>
