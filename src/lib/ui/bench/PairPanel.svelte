<script lang="ts">
	import { Tabs } from 'bits-ui';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import type { BenchChoice, Tab } from './choice.svelte';
	import { QUESTIONS, questionOf } from './choice.svelte';
	import ChartTab from './chart/ChartTab.svelte';
	import LoopTab from './loop/LoopTab.svelte';
	import MakeTab from './make/MakeTab.svelte';
	import PhasesTab from './phases/PhasesTab.svelte';
	import SeenTab from './seen/SeenTab.svelte';
	import StrandsTab from './strands/StrandsTab.svelte';
	import SwatchTab from './swatch/SwatchTab.svelte';
	import TestsTab from './tests/TestsTab.svelte';
	import WrittenTab from './written/WrittenTab.svelte';

	interface Props {
		machine: Machine;
		yarn: Yarn;
		choice: BenchChoice;
		onstart: () => void;
	}
	let { machine, yarn, choice, onstart }: Props = $props();
	/** What has no phases is not asked about them. */
	const asks = (t: Tab) => t !== 'phases' || yarn.phases.length > 0;
	const tab = $derived(asks(choice.tab) ? choice.tab : 'swatch');
	const question = $derived(questionOf(tab));
	const tabs = $derived(question.tabs.filter((t) => asks(t.value)));
</script>

<section aria-labelledby="pair-title" class="min-w-0">
	<div class="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1">
		<h2 id="pair-title" class="text-xl">
			{yarn.colourName} on {machine.pins} pins
		</h2>
		<button class="btn btn-accent ml-auto" onclick={onstart}>Start a hat with these</button>
	</div>
	<div class="mb-3 flex flex-wrap gap-1.5" role="group" aria-label="What to ask">
		{#each QUESTIONS as q (q.value)}
			<button
				class="btn btn-sm"
				aria-pressed={q.value === question.value}
				onclick={() => choice.set({ tab: q.tabs[0].value })}>{q.label}</button
			>
		{/each}
	</div>
	<Tabs.Root value={tab} onValueChange={(v) => choice.set({ tab: v as Tab })}>
		{#if tabs.length > 1}
			<Tabs.List class="tabs tabs-border mb-3" aria-label={question.label}>
				{#each tabs as t (t.value)}
					<Tabs.Trigger value={t.value} class="tab">{t.label}</Tabs.Trigger>
				{/each}
			</Tabs.List>
		{/if}
		{#key `${machine.id} ${yarn.id} ${yarn.strands}`}
			<Tabs.Content value={tab}>
				{#if tab === 'swatch'}<SwatchTab {machine} {yarn} />
				{:else if tab === 'loop'}<LoopTab {machine} {yarn} />
				{:else if tab === 'phases'}<PhasesTab {machine} {yarn} />
				{:else if tab === 'tests'}<TestsTab {machine} {yarn} />
				{:else if tab === 'strands'}<StrandsTab
						{machine}
						{yarn}
						onmade={(y) => choice.set({ yarnId: y.id, tab: 'swatch' })}
					/>
				{:else if tab === 'make'}<MakeTab {machine} {yarn} />
				{:else if tab === 'seen'}<SeenTab {machine} {yarn} />
				{:else if tab === 'written'}<WrittenTab {machine} {yarn} />
				{:else}<ChartTab
						{machine}
						{yarn}
						onchoose={(machineId, yarnId) => choice.set({ machineId, yarnId })}
					/>{/if}
			</Tabs.Content>
		{/key}
	</Tabs.Root>
</section>
