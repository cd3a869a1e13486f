<script lang="ts">
	import type { Joint } from '$lib/core/assembly/joint';
	import type { EdgeRef } from '$lib/core/assembly/assembly';
	import type { Plan } from '$lib/core/plan';
	import { EDGE_NAMES, edgeCount } from '$lib/core/technique/crochet-edge';
	import { wordJoint } from '$lib/core/technique/seam-words';
	import { seamsAsKnitted, type Knitted } from '$lib/core/technique/sew';
	import { rowsWord, say } from '$lib/core/quantity/say';
	import type { Pointing } from '../state/pointing.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	interface Props {
		plan: Plan;
		/** Main rows of the pieces that are off the machine. */
		knitted: Knitted;
		pointing: Pointing;
	}
	let { plan, knitted, pointing }: Props = $props();
	const workbench = useWorkbench();
	const s = $derived(say(workbench.units, workbench.settings.crochet));
	const edges = $derived(
		plan.assembly.flatMap((step) =>
			step.do === 'crochet-edge' ? [{ step, count: edgeCount(step, plan) }] : []
		)
	);
	const asKnitted = $derived(
		new Map(knitted.size > 0 ? seamsAsKnitted(plan, knitted).map((j) => [j.id, j]) : [])
	);
	const checks = $derived(plan.joints.map((j) => asKnitted.get(j.id) ?? j));
	/** Like these are not listed again. */
	const MOST_LISTED = 24;
	const shown = $derived(checks.slice(0, MOST_LISTED));
	const light = (ends: readonly EdgeRef[]) => (pointing.lit = ends);
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

{#if checks.length > 0 || edges.length > 0}
	<section aria-labelledby="joints-title">
		<h2 id="joints-title" class="mb-1 text-base">Where edges meet, checked before they are sewn</h2>
		{#each pieces as p (p.name)}
			<p class="mb-1 text-sm">
				{p.name} came off with {rowsWord(p.rows)}, planned were {p.planned}: its seams reckon with
				what was knitted.
			</p>
		{/each}
		<ul class="text-sm">
			{#each shown as c (c.id)}
				{@const ends = c.edges}
				{@const words = wordJoint(c, s)}
				<li class="rule-line border-t">
					<button
						class="hover:bg-base-200 focus-visible:bg-base-200 flex w-full cursor-pointer items-baseline gap-2 py-1.5 text-left"
						onmouseenter={() => light(ends)}
						onmouseleave={() => light([])}
						onfocus={() => light(ends)}
						onblur={() => light([])}
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
								>{words.title}{c.times > 1 ? `, ${c.times} times` : ''}</span
							>
							<span class="sr-only">{MARK[c.verdict].word}.</span>
							{words.how}</span
						>
					</button>
				</li>
			{/each}
			{#each edges as { step, count: e }, i (i)}
				<li class="rule-line border-t">
					<button
						class="hover:bg-base-200 focus-visible:bg-base-200 flex w-full cursor-pointer items-baseline gap-2 py-1.5 text-left"
						onmouseenter={() => light(step.ends)}
						onmouseleave={() => light([])}
						onfocus={() => light(step.ends)}
						onblur={() => light([])}
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
		{#if checks.length > shown.length}<p class="hint mt-1">
				And {checks.length - shown.length} more like these.
			</p>{/if}
	</section>
{/if}
