<script lang="ts">
	import type { Plan } from '$lib/core/plan';
	import { printValue } from '$lib/core/quantity/print';
	import Figure from '../parts/Figure.svelte';
	import YarnCake from '../pictures/YarnCake.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { plan }: { plan: Plan } = $props();
	const workbench = useWorkbench();
	const piece = $derived(plan.pieces[0]!);
</script>

<section aria-labelledby="yarn-title" class="min-w-0">
	<h2 id="yarn-title" class="mb-1 text-base">Yarn</h2>
	<ul>
		{#each plan.amounts as a (a.yarn)}
			{@const y = plan.yarns[a.yarn]!}
			<li
				class="rule-line grid grid-cols-[auto_1fr] items-start gap-x-3 border-t py-2 first:border-t-0"
			>
				<YarnCake
					colour={y.colour}
					grams={y.gramsOnHand}
					ballGrams={y.ballGrams}
					strands={y.strands}
					size={60}
				/>
				<div class="min-w-0">
					<p class="text-sm">
						<b>{y.colourName}</b>, {y.name}
						<span class="quiet">· {printValue(a.gramsOnHand, 'mass', workbench.units)} on hand</span
						>
					</p>
					<div class="grid grid-cols-3 gap-3">
						<Figure figure={a.metres} />
						<Figure figure={a.grams} />
						<Figure
							figure={a.balls}
							label={`Balls of ${printValue(y.ballGrams, 'mass', workbench.units)}`}
						/>
					</div>
				</div>
			</li>
		{/each}
	</ul>
	{#if piece.wasteRows > 0}
		<p class="hint mt-1">
			And about {printValue(Math.max(1, Math.round(piece.wasteMetres)), 'yarn', workbench.units)} of waste
			yarn for {piece.wasteRows} rows.
		</p>
	{/if}
</section>
