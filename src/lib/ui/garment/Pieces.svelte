<script lang="ts">
	import type { GarmentWish } from '$lib/core/recipe/garments/options';
	import { yarnOfPiece } from '$lib/core/plan/totals';
	import type { PlanOf } from '$lib/core/plan';
	import { printWithSpread } from '$lib/core/quantity/print';
	import { useWorkbench } from '../state/workbench.svelte';
	import { rowsWord } from '$lib/core/quantity/say';
	import { wordSchedule } from '$lib/core/shaping/words';

	let {
		plan,
		wish,
		chosen,
		onchoose
	}: {
		plan: PlanOf<'flat'>;
		wish: GarmentWish;
		chosen: string;
		onchoose: (piece: string) => void;
	} = $props();
	const workbench = useWorkbench();
	const made = $derived(plan.finished.made.pieces);
	const mirrored = $derived(made.some((m) => m.mirrorOf !== undefined));
	/** What one of it takes, by colour: an estimate of its stitches, tails apart. */
	const yarnOf = (piece: string) => {
		const of = plan.pieces.find((p) => p.id === piece);
		return (of ? yarnOfPiece(of, plan.yarns) : [])
			.map(
				(y) =>
					`, ${printWithSpread(y.grams, 'mass', workbench.units)} of ${plan.yarns[y.yarn]?.colourName ?? 'yarn'}`
			)
			.join('');
	};
	const maker = { left: 'on your right', right: 'on your left' } as const;
	const sideAt = (side: 'left' | 'right') =>
		plan.machine.turns === 'clockwise' ? maker[side] : maker[side === 'left' ? 'right' : 'left'];
</script>

<section aria-labelledby="pieces-title">
	<h2 id="pieces-title" class="mb-1 text-base">Pieces, in order of making</h2>
	{#if mirrored}
		<p class="mb-1 text-sm">
			A mirror image has one row of waste yarn more or less than its other: so the main yarn starts
			at the other edge, and groups come off where they should.
		</p>
	{/if}
	<ol class="text-sm">
		{#each made as m, i (m.id)}
			<li class="rule-line border-t py-1.5">
				<button
					class={[
						'flex w-full cursor-pointer items-baseline gap-2 text-left',
						chosen === m.of && 'font-semibold'
					]}
					onclick={() => onchoose(m.of)}
				>
					<span class="figure w-5 shrink-0 text-right">{i + 1}</span>
					<span
						><span class="font-semibold">{m.name}</span>{m.count > 1
							? `, ${m.count} of these`
							: ''}:
						<span class="figure font-semibold">{m.stitches}</span> stitches{m.columns !== m.stitches
							? ` for ${m.columns} columns`
							: ''}, {m.waste > 0 ? `${rowsWord(m.waste)} of waste, ` : ''}<span
							class="figure font-semibold">{m.rows}</span
						>
						rows{yarnOf(m.id)}.</span
					>
				</button>
				{#if m.schedule}
					{#each ['left', 'right'] as const as side (side)}
						{@const said = wordSchedule(m.schedule[side], wish.shaping)}
						{#if said !== 'straight'}
							<p class="ml-7">
								<span class="quiet">{side === 'left' ? 'Left' : 'Right'} edge, {sideAt(side)}:</span
								>
								{said}.
							</p>
						{/if}
					{/each}
				{/if}
			</li>
		{/each}
	</ol>
</section>
