<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { isKnitted } from '$lib/core/crank/piece';
	import { wasteOf } from '$lib/core/plan/totals';
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { printValue } from '$lib/core/quantity/print';
	import { wordHolders } from '$lib/core/finding/holders';
	import { wordFabric, wordFedHere } from '$lib/core/words/fabric';
	import CoverBar from '../parts/CoverBar.svelte';
	import { say } from '$lib/core/quantity/say';
	import { stockOf, wordStock } from '$lib/core/quantity/short';
	import Figure from '../parts/Figure.svelte';
	import YarnCake from '../pictures/YarnCake.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { plan, project, editor }: { plan: Plan; project: Project; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const waste = $derived(wasteOf(plan.pieces));
	const grams = (g: number) => printValue(g, 'mass', units);
	const lookup = (id: string) => workbench.bench.yarns.find((y) => y.id === id);
</script>

<section aria-labelledby="yarn-title" class="min-w-0">
	<h2 id="yarn-title" class="mb-1 text-base">Yarn</h2>
	<ul>
		{#each plan.amounts as a (a.yarn)}
			{@const y = entryAt(plan.yarns, a.yarn)}
			{@const free = a.freeGrams}
			{@const stock = stockOf(a.grams.value, free)}
			{@const fabric = plan.fabrics[a.yarn]}
			<li
				class="rule-line grid grid-cols-[auto_1fr] items-start gap-x-3 border-t py-2 first:border-t-0"
			>
				<YarnCake yarn={y} {lookup} size={60} />
				<div class="min-w-0">
					<div class="flex items-start gap-2">
						<p class="min-w-0 flex-1 text-sm">
							<b>{y.colourName}</b>, {y.name}
							<span class="quiet">· {grams(a.gramsOnHand)} on hand</span
							>{#if project.used === null},
								<span class={stock.is === 'enough' ? 'quiet' : 'text-warning font-semibold'}
									>{wordStock(stock, say(units))}</span
								>{/if}
							{#if a.gramsOnHand - free > 0.5}
								<span class="quiet block">
									{grams(a.gramsOnHand - free)} held for {wordHolders(a.heldFor)}, {grams(free)} free
								</span>
							{/if}
						</p>
						<a
							class="btn btn-sm no-print"
							href={`/project/${project.id}/stand-ins?yarn=${encodeURIComponent(y.id)}`}
							aria-label={`Find a stand-in for ${y.colourName}`}>Find a stand-in</a
						>
					</div>
					<div class="grid grid-cols-3 gap-3">
						<Figure figure={a.metres} />
						<Figure figure={a.grams} />
						<Figure figure={a.balls} label={`Balls of ${grams(y.ballGrams)}`} />
					</div>
					{#if fabric && isKnitted(plan.pieces, a.yarn)}
						<div class="mt-1 grid grid-cols-[1fr_7rem] items-start gap-3 text-sm">
							<p class={fabric.verdict === 'right' ? 'quiet' : ''}>{wordFedHere(plan, a.yarn)}</p>
							<CoverBar cover={fabric.cover} band={fabric.band} says={wordFabric(fabric)} />
						</div>
					{/if}
				</div>
			</li>
		{/each}
	</ul>
	{#if waste.rows > 0}
		<p class="hint mt-1">
			And about {printValue(Math.max(1, Math.round(waste.metres)), 'yarn', units)} of waste yarn for {waste.rows}
			rows.
		</p>
	{/if}
	{#if project.used === null}
		<label class="no-print mt-2 flex items-center gap-2 text-sm">
			<input
				type="checkbox"
				class="checkbox checkbox-sm"
				checked={project.holdsYarn}
				onchange={(e) =>
					editor.change(e.currentTarget.checked ? 'hold the yarn' : 'let the yarn go', {
						holdsYarn: e.currentTarget.checked
					})}
			/>
			Hold this yarn for it, until it is made
		</label>
	{:else}
		<p class="hint mt-2">
			Made: {project.used
				.map((u) => `${grams(u.grams)} of ${lookup(u.yarnId)?.colourName ?? 'a yarn that is gone'}`)
				.join(', ')} taken off the stock.
		</p>
	{/if}
</section>
