<script lang="ts">
	import { progressOf } from '$lib/core/crank/makes';
	import type { ThingProject, RunEvent } from '$lib/core/model/project';
	import type { ThingPlan } from '$lib/core/plan';
	import { rowsWord } from '$lib/core/quantity/say';
	import Working from '../parts/Working.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { project, plan }: { project: ThingProject; plan: ThingPlan } = $props();
	const workbench = useWorkbench();
	let events = $state.raw<readonly RunEvent[]>([]);
	$effect(() => workbench.liveEvents(project.id, (e) => (events = e)));
	const progress = $derived(progressOf(plan.pieces, events));
	const off = (piece: string) =>
		progress.makes.filter((m) => m.make.piece.id === piece && m.run.off).length;
	const allOff = $derived(progress.makes.filter((m) => m.run.off).length);
	const mainRows = $derived(plan.pieces.reduce((t, p) => t + p.count * p.mainRows, 0));
	const several = $derived(new Set(plan.pieces.map((p) => p.machine.id)).size > 1);
</script>

<section aria-labelledby="pieces-title">
	<h2 id="pieces-title" class="mb-1 text-base">
		Pieces, in order of making
		<span class="hint font-normal"
			>{progress.makes.length} in all, {rowsWord(progress.rowsTotal)}{progress.rowsTotal > mainRows
				? ', waste among them'
				: ''}{allOff > 0 ? `, ${allOff} off the machine` : ''}</span
		>
	</h2>
	<ol class="text-sm">
		{#each plan.pieces as p, i (p.id)}
			{@const done = off(p.id)}
			{@const before = plan.pieces[i - 1]?.machine.id}
			{#if several && p.machine.id !== before}
				<li class="hint pt-2">On {p.machine.name}</li>
			{/if}
			<li class="rule-line border-t py-1.5">
				<details>
					<summary class="flex cursor-pointer items-center gap-2">
						<span class="figure w-5 shrink-0 text-right">{i + 1}</span>
						<span class="flex shrink-0 overflow-hidden rounded-[3px]" aria-hidden="true">
							{#each [...new Set(p.runs.map((r) => r.yarn))].slice(0, 4) as y (y)}<span
									class="size-4"
									style:background={plan.yarns[y]?.colour}
								></span>{/each}
						</span>
						<span class="min-w-0 flex-1"
							><b>{p.count > 1 ? `${p.count} × ` : ''}{p.name}</b>, {plan.yarns[
								p.runs[0]?.yarn ?? 0
							]?.colourName}: <span class="figure font-semibold">{p.mainRows}</span> rows on {p
								.stitches.first} pins{p.mirrored && p.count > 1
								? ', left and right alike'
								: ''}</span
						>
						<span
							class={['figure shrink-0', done === p.count && 'text-success font-semibold']}
							title="off the machine">{done} of {p.count}</span
						>
					</summary>
					<div class="my-1 ml-7"><Working working={p.rowsWorking} /></div>
				</details>
			</li>
		{/each}
	</ol>
</section>
