<script lang="ts">
	import { edgeOfSide, makersSide } from '$lib/core/bench/machine/panel';
	import { progressOf } from '$lib/core/crank/makes';
	import type { PlannedPiece } from '$lib/core/plan';
	import type { RunEvent } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { mainRowsOf, yarnOfPiece } from '$lib/core/plan/totals';
	import { printWithSpread } from '$lib/core/quantity/print';
	import { rowsWord } from '$lib/core/quantity/say';
	import Tails from './Tails.svelte';
	import Working from '../parts/Working.svelte';
	import type { Pointing } from '../state/pointing.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	interface Props {
		plan: Plan;
		events: readonly RunEvent[];
		pointing: Pointing;
	}
	let { plan, events, pointing }: Props = $props();
	const workbench = useWorkbench();
	const progress = $derived(progressOf(plan.pieces, events));
	const off = (piece: string) =>
		progress.makes.filter((m) => m.make.piece.id === piece && m.run.off).length;
	const allOff = $derived(progress.makes.filter((m) => m.run.off).length);
	const mainRows = $derived(mainRowsOf(plan.pieces));
	const several = $derived(new Set(plan.pieces.map((p) => p.machine.id)).size > 1);
	/** What one of it takes, by colour: an estimate of its stitches, tails apart. */
	const yarnOf = (p: PlannedPiece) =>
		yarnOfPiece(p, plan.yarns)
			.map(
				(y) =>
					`${printWithSpread(y.grams, 'mass', workbench.units)} of ${plan.yarns[y.yarn]?.colourName ?? 'yarn'}`
			)
			.join(', ');
	const sideAt = (p: PlannedPiece, side: 'left' | 'right') =>
		`on your ${makersSide(edgeOfSide(side, p.machine), p.machine)}`;
	/** Pins it is cast on; ladders latched up make it more columns than that. */
	const pinsOf = (p: PlannedPiece) => {
		const start = p.rowByRow.stretches[0];
		return start ? start.high - start.low + 1 : p.stitches.first;
	};
	const shaped = (p: PlannedPiece) =>
		p.shaped
			? (['left', 'right'] as const).flatMap((side) => {
					const said = p.shaped?.[side] ?? 'straight';
					return said === 'straight' ? [] : [{ side, said }];
				})
			: [];
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
	{#if plan.pieces.some((p) => p.shaped && p.mirrored)}
		<p class="mb-1 text-sm">
			A mirror image has one row of waste yarn more or less than its other: so the main yarn starts
			at the other edge, and groups come off where they should.
		</p>
	{/if}
	<ol class="text-sm">
		{#each plan.pieces as p, i (p.id)}
			{@const done = off(p.id)}
			{@const before = plan.pieces[i - 1]?.machine.id}
			{#if several && p.machine.id !== before}
				<li class="hint pt-2">On {p.machine.name}</li>
			{/if}
			<li class="rule-line border-t py-1.5">
				<details>
					<summary
						class={[
							'flex cursor-pointer items-center gap-2',
							pointing.piece === p.id && 'font-semibold'
						]}
						onclick={() => (pointing.piece = p.id)}
					>
						<span class="figure w-5 shrink-0 text-right">{i + 1}</span>
						<span class="flex shrink-0 overflow-hidden rounded-[3px]" aria-hidden="true">
							{#each [...new Set(p.runs.map((r) => r.yarn))].slice(0, 4) as y (y)}<span
									class="size-4"
									style:background={plan.yarns[y]?.colour}
								></span>{/each}
						</span>
						<span class="min-w-0 flex-1"
							><b>{p.count > 1 ? `${p.count} × ` : ''}{p.name}</b>:
							<span class="figure font-semibold">{pinsOf(p)}</span> stitches{p.stitches.first >
							pinsOf(p)
								? ` for ${p.stitches.first} columns`
								: ''}{p.stitches.last !== p.stitches.first
								? `, ${p.stitches.last} at the end`
								: ''}, {p.wasteRows > 0 ? `${rowsWord(p.wasteRows)} of waste, ` : ''}<span
								class="figure font-semibold">{p.mainRows}</span
							>
							rows{!p.shaped && p.mirrored && p.count > 1 ? ', left and right alike' : ''}</span
						>
						<span
							class={['figure shrink-0', done === p.count && 'text-success font-semibold']}
							title="off the machine">{done} of {p.count}</span
						>
					</summary>
					<div class="my-1 ml-7">
						<Working working={p.rowsWorking} />
						<p>One of it takes {yarnOf(p)}, its tails apart. Tails to leave:</p>
						<Tails piece={p} />
					</div>
				</details>
				{#each shaped(p) as { side, said } (side)}
					<p class="ml-7">
						<span class="quiet">{side === 'left' ? 'Left' : 'Right'} edge, {sideAt(p, side)}:</span>
						{said}.
					</p>
				{/each}
			</li>
		{/each}
	</ol>
</section>
