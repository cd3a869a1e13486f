<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { PlanOf } from '$lib/core/plan';
	import { LATCH_SECONDS, SEW_SECONDS } from '$lib/core/technique/hand';
	import { wayCost } from '$lib/core/plan/way-cost';
	import { secondsPerRow } from '$lib/core/plan/totals';
	import { WAY_NAMES, wordWay } from '$lib/core/recipe/garments/words';
	import { say } from '$lib/core/quantity/say';
	import type { EditorProps } from './editor';
	import { useWorkbench } from '../state/workbench.svelte';

	let { control, plan: whole, editor }: EditorProps = $props();
	const plan = $derived(whole as PlanOf<'flat'>);
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const s = $derived(say(units));
	const ways = $derived(plan.finished.made.wider);
	const used = $derived(plan.finished.made.pieces[0]?.way);
	const gauge = $derived(entryAt(plan.gauges, 0));
	/** At the crank, by the plan's own time. */
	const perRow = $derived(secondsPerRow(plan.pieces, plan.time.value));
	const cost = (w: (typeof ways)[number]) =>
		wayCost(w, { secondsPerRow: perRow, loopCm: gauge.loopCm });
</script>

<section class="min-w-0 basis-full" aria-labelledby="wider-title">
	<h2 id="wider-title" class="mb-1 text-base">
		Wider than the machine: {plan.finished.made.most} stitches are the most
	</h2>
	<div class="overflow-x-auto">
		<table class="w-full text-sm">
			<thead class="hint text-left">
				<tr>
					<th class="py-1 pr-3 font-normal">Way</th>
					<th class="pr-3 text-right font-normal">Width</th>
					<th class="pr-3 text-right font-normal">Seams</th>
					<th class="pr-3 text-right font-normal">Latched</th>
					<th class="pr-3 text-right font-normal">Work</th>
					<th class="pr-3 text-right font-normal">Yarn</th>
					<th class="font-normal">What it asks and how it looks</th>
				</tr>
			</thead>
			<tbody>
				{#each ways as w (w.way)}
					{@const words = wordWay(w, s)}
					{@const costs = cost(w)}
					<tr class={['rule-line border-t align-top', used === w.way && 'bg-base-200']}>
						<td class="py-1.5 pr-3 whitespace-nowrap"
							><button
								class="btn btn-sm"
								aria-pressed={used === w.way}
								onclick={() => editor.options('how it comes to its width', control.patch(w.way))}
								>{WAY_NAMES[w.way]}</button
							></td
						>
						<td class="figure py-2 pr-3 text-right whitespace-nowrap">{s.length(w.cm)}</td>
						<td class="figure py-2 pr-3 text-right">{w.seams}</td>
						<td class="figure py-2 pr-3 text-right">{w.latched}</td>
						<td class="figure py-2 pr-3 text-right whitespace-nowrap"
							>{s.spread(costs.minutes, 'minutes')}</td
						>
						<td class="figure py-2 pr-3 text-right whitespace-nowrap"
							>{s.spread(costs.metres, 'yarn')}</td
						>
						<td class="py-2">{words.ask} {words.looks}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<p class="hint mt-1">
		Work is an estimate: cranking by your pace, {LATCH_SECONDS} s for a rung latched, {SEW_SECONDS}
		s for a cm sewn (from memory).
	</p>
</section>
