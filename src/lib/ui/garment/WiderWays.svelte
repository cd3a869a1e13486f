<script lang="ts">
	import type { GarmentProject } from '$lib/core/model/project';
	import type { PlanOf } from '$lib/core/plan';
	import { LATCH_SECONDS, SEW_SECONDS } from '$lib/core/technique/hand';
	import { wayCost } from '$lib/core/plan/way-cost';
	import { scale } from '$lib/core/quantity/estimate';
	import { WAY_NAMES, wordWay } from '$lib/core/recipe/garments/words';
	import { say } from '$lib/core/quantity/say';
	import Choice from '../parts/Choice.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import CardSheet from './CardSheet.svelte';

	let {
		project,
		plan,
		editor
	}: { project: GarmentProject; plan: PlanOf<'flat'>; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const s = $derived(say(units));
	const wish = $derived(project.wish);
	const ways = $derived(plan.finished.made.wider);
	const used = $derived(plan.finished.made.pieces[0]?.way);
	const gauge = $derived(plan.gauges[0]!);
	/** At the crank, by the plan's own time. */
	const secondsPerRow = $derived(
		scale(
			plan.time.value,
			60 /
				Math.max(
					1,
					plan.pieces.reduce((t, p) => t + p.count * p.mainRows, 0)
				)
		)
	);
	const cost = (w: (typeof ways)[number]) => wayCost(w, { secondsPerRow, loopCm: gauge.loopCm });
</script>

{#if ways.length > 0}
	<section aria-labelledby="wider-title">
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
									class="act act-small"
									aria-pressed={used === w.way}
									onclick={() => editor.wish('how it comes to its width', { wide: w.way })}
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
{/if}
{#if plan.finished.card}
	<div class="mt-3 flex flex-wrap items-start gap-6">
		<CardSheet card={plan.finished.card} {units} name={project.name} />
		<div class="no-print grid gap-2">
			<Choice
				label="Its size comes from"
				value={wish.card.by}
				options={[
					{ value: 'pins', label: 'the pins', hint: 'two pins along the ring more than columns' },
					{
						value: 'loops',
						label: 'your measured yarn',
						hint: 'as much yarn as so many loops take'
					}
				]}
				onvalue={(by) => editor.wish('card', { card: { ...wish.card, by } })}
			/>
			<Choice
				label="Thickness of the card"
				value={wish.card.mm}
				options={[1, 2, 3, 5, 8].map((mm) => ({ value: mm, label: `${mm} mm` }))}
				onvalue={(mm) => editor.wish('card', { card: { ...wish.card, mm } })}
			/>
			<Choice
				label="Columns in a gap"
				value={wish.card.columns}
				options={[4, 5, 6, 7, 8].map((n) => ({ value: n, label: String(n) }))}
				onvalue={(columns) => editor.wish('columns', { card: { ...wish.card, columns } })}
			/>
			<Choice
				label="A gap every so many pins, as many clear at either edge"
				value={wish.card.every}
				options={[4, 5, 6, 8, 10].map((n) => ({ value: n, label: String(n) }))}
				onvalue={(every) => editor.wish('gaps', { card: { ...wish.card, every } })}
			/>
			{#if wish.card.by === 'loops' && gauge.loopCm.basis === 'estimated'}
				<p class="hint max-w-64">
					The yarn in a stitch is not measured yet: the pins are taken until a swatch is weighed or
					unravelled.
				</p>
			{/if}
		</div>
	</div>
{/if}
