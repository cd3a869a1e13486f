<script lang="ts">
	import type { Joint } from '$lib/core/assembly/joint';
	import type { EdgeRef } from '$lib/core/assembly/assembly';
	import type { PlanOf } from '$lib/core/plan';
	import { EDGE_NAMES, edgeCount } from '$lib/core/technique/crochet-edge';
	import { wordSeam, wordSeamHow } from '$lib/core/technique/seam-words';
	import { seamsAsKnitted, type Knitted } from '$lib/core/technique/sew';
	import { rowsWord, say } from '$lib/core/quantity/say';
	import { useWorkbench } from '../state/workbench.svelte';

	interface Props {
		plan: PlanOf<'flat'>;
		/** Main rows of the pieces that are off the machine. */
		knitted: Knitted;
		onlight: (ends: readonly EdgeRef[]) => void;
	}
	let { plan, knitted, onlight }: Props = $props();
	const workbench = useWorkbench();
	const s = $derived(say(workbench.units, workbench.settings.crochet));
	const edges = $derived(
		plan.assembly.flatMap((step) =>
			step.do === 'crochet-edge' ? [{ step, count: edgeCount(step, plan) }] : []
		)
	);
	const checks = $derived(knitted.size === 0 ? plan.joints : seamsAsKnitted(plan, knitted));
	const MARK: Record<Joint['verdict'], { sign: string; word: string }> = {
		meets: { sign: '=', word: 'meets' },
		eases: { sign: '≈', word: 'ease in' },
		off: { sign: '≠', word: 'apart' },
		missing: { sign: '?', word: 'edge missing' }
	};
	const pieces = $derived(
		[...knitted].flatMap(([id, rows]) => {
			const p = plan.pieces.find((x) => x.id === id);
			return p && p.mainRows !== rows ? [{ name: p.name, rows, planned: p.mainRows }] : [];
		})
	);
</script>

{#if checks.length > 0}
	<section aria-labelledby="seams-title">
		<h2 id="seams-title" class="mb-1 text-base">Seams, checked before they are sewn</h2>
		{#each pieces as p (p.name)}
			<p class="mb-1 text-sm">
				{p.name} came off with {rowsWord(p.rows)}, planned were {p.planned}: its seams reckon with
				what was knitted.
			</p>
		{/each}
		<ul class="text-sm">
			{#each checks as c (c.id)}
				{@const ends = c.edges}
				<li class="rule-line border-t">
					<button
						class="hover:bg-base-200 focus-visible:bg-base-200 flex w-full cursor-pointer items-baseline gap-2 py-1.5 text-left"
						onmouseenter={() => onlight(ends)}
						onmouseleave={() => onlight([])}
						onfocus={() => onlight(ends)}
						onblur={() => onlight([])}
					>
						<span
							class={[
								'figure w-5 shrink-0 text-center text-base font-semibold',
								(c.verdict === 'off' || c.verdict === 'missing') && 'text-error',
								c.verdict === 'eases' && 'text-warning'
							]}
							title={MARK[c.verdict].word}>{MARK[c.verdict].sign}</span
						>
						<span class="min-w-0"
							><span class="font-semibold"
								>{wordSeam(c.kind, c.of)}{c.times > 1 ? `, ${c.times} times` : ''}</span
							>
							<span class="sr-only">{MARK[c.verdict].word}.</span>
							{wordSeamHow(c, s)}</span
						>
					</button>
				</li>
			{/each}
			{#each edges as { step, count: e }, i (i)}
				<li class="rule-line border-t">
					<button
						class="hover:bg-base-200 focus-visible:bg-base-200 flex w-full cursor-pointer items-baseline gap-2 py-1.5 text-left"
						onmouseenter={() => onlight(step.ends)}
						onmouseleave={() => onlight([])}
						onfocus={() => onlight(step.ends)}
						onblur={() => onlight([])}
					>
						<span class="figure w-5 shrink-0 text-center text-base" title="crochet">∘</span>
						<span
							><span class="font-semibold"
								>{EDGE_NAMES[e.edge]}{e.times > 1 ? `, ${e.times} times` : ''}</span
							>
							{e.stitches}
							{s.crochet.single}{e.repeat
								? `, ${e.stitches / e.repeat.of} repeats of ${e.repeat.of} over ${e.repeat.loops} loops`
								: ''}{e.rows > 0
								? `, ${e.pickUp.stitches} for ${rowsWord(e.pickUp.rows)} along rows`
								: ''}.</span
						>
					</button>
				</li>
			{/each}
		</ul>
	</section>
{/if}
