<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { Plan } from '$lib/core/plan';
	import Working from '../parts/Working.svelte';
	import Tails from './Tails.svelte';

	let { plan }: { plan: Plan } = $props();
	const piece = $derived(entryAt(plan.pieces, 0));
	const waste = $derived(piece.sheet.legs.filter((l) => l.kind === 'waste'));
	const startWaste = $derived(waste.find((l) => l.mainBefore === 0)?.rows ?? 0);
	const endWaste = $derived(waste.find((l) => l.mainBefore > 0)?.rows ?? 0);
</script>

<section aria-labelledby="schedule-title" class="min-w-0">
	<h2 id="schedule-title" class="mb-1 text-base">Rows, in both counter habits</h2>
	<div class="max-h-80 overflow-auto print:max-h-none">
		<table class="w-full text-sm">
			<thead class="hint text-left">
				<tr
					><th class="py-1 font-normal">Section</th><th class="text-right font-normal">Rows</th><th
						class="text-right font-normal">Counter zeroed</th
					><th class="text-right font-normal">Left running</th></tr
				>
			</thead>
			<tbody>
				{#if startWaste > 0}<tr class="rule-line quiet border-t"
						><td class="py-1">Waste yarn</td><td class="text-right">{startWaste}</td><td
							class="text-right"
							colspan="2">then zero</td
						></tr
					>{/if}
				{#each piece.sections as section, i (i)}
					<tr class="rule-line border-t">
						<td class="py-1"
							><span
								class="border-base-content/60 mr-2 inline-block size-3.5 rounded-[3px] border align-[-2px]"
								style:background={plan.yarns[section.yarn]?.colour}
							></span>{plan.yarns[section.yarn]?.colourName}</td
						>
						<td class="figure text-right font-semibold">{section.rows}</td>
						<td class="figure text-right">{section.zeroed}</td>
						<td class="figure text-right">{section.running}</td>
					</tr>
				{/each}
				{#if endWaste > 0}<tr class="rule-line quiet border-t"
						><td class="py-1">Waste yarn, crank off</td><td class="text-right">{endWaste}</td><td
							colspan="2"
						></td></tr
					>{/if}
			</tbody>
		</table>
	</div>
	{#if piece.sectionsWorking.length > 0}
		<details class="mt-2 text-sm">
			<summary class="cursor-pointer">How the sections share the rows</summary>
			<div class="my-1 ml-4"><Working working={piece.sectionsWorking} /></div>
		</details>
	{/if}
	<h3 class="mt-3 mb-1 text-sm">Tails to leave</h3>
	<Tails {piece} />
</section>
