<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { printValue } from '$lib/core/quantity/print';
	import Figure from '../parts/Figure.svelte';
	import YarnCake from '../pictures/YarnCake.svelte';
	import { HeldYarn } from '../state/held-yarn.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { plan, project, editor }: { plan: Plan; project: Project; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const waste = $derived({
		rows: plan.pieces.reduce((t, p) => t + p.count * p.wasteRows, 0),
		metres: plan.pieces.reduce((t, p) => t + p.count * p.wasteMetres, 0)
	});
	const held = new HeldYarn(workbench);
	const grams = (g: number) => printValue(g, 'mass', units);
	const lookup = (id: string) => workbench.bench.yarns.find((y) => y.id === id);
	const holders = (id: string) => [...new Set(held.of(id, project.id).map((h) => h.projectName))];
</script>

<section aria-labelledby="yarn-title" class="min-w-0">
	<h2 id="yarn-title" class="mb-1 text-base">Yarn</h2>
	<ul>
		{#each plan.amounts as a (a.yarn)}
			{@const y = plan.yarns[a.yarn]!}
			{@const free = held.list ? held.free(y, project.id) : a.gramsOnHand}
			{@const others = holders(y.id)}
			<li
				class="rule-line grid grid-cols-[auto_1fr] items-start gap-x-3 border-t py-2 first:border-t-0"
			>
				<YarnCake yarn={y} {lookup} size={60} />
				<div class="min-w-0">
					<div class="flex items-start gap-2">
						<p class="min-w-0 flex-1 text-sm">
							<b>{y.colourName}</b>, {y.name}
							<span class="quiet">· {grams(a.gramsOnHand)} on hand</span>
							{#if project.used === null && a.gramsOnHand - free > 0.5}
								<span
									class={[
										'block',
										free < a.grams.value.mean ? 'text-warning font-semibold' : 'quiet'
									]}
								>
									{grams(a.gramsOnHand - free)} held{others.length > 0
										? ` for ${others.slice(0, 2).join(', ')}${others.length > 2 ? ' and others' : ''}`
										: ' for other projects'}, {grams(free)} free{free < a.grams.value.mean
										? ': not enough for this one too'
										: ''}
								</span>
							{/if}
						</p>
						<a
							class="act act-small no-print"
							href={`/project/${project.id}/stand-ins?yarn=${encodeURIComponent(y.id)}`}
							aria-label={`Find a stand-in for ${y.colourName}`}>Find a stand-in</a
						>
					</div>
					<div class="grid grid-cols-3 gap-3">
						<Figure figure={a.metres} />
						<Figure figure={a.grams} />
						<Figure figure={a.balls} label={`Balls of ${grams(y.ballGrams)}`} />
					</div>
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
				class="accent-base-content size-4"
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
