<script lang="ts">
	import type { Plan } from '$lib/core/plan';
	import { rowsInAll, totalsOf, yarnInAll } from '$lib/core/plan/totals';
	import { exact } from '$lib/core/quantity/estimate';
	import { figure } from '$lib/core/quantity/working';
	import { wordLoopSource } from '$lib/core/words/sources';
	import Figure from '../parts/Figure.svelte';

	/** Everything a plan predicts, the most telling first; what the maker set is marked. */
	interface Props {
		plan: Plan;
		joinTails: 'tie' | 'weave';
		/** Ids of the sizes that were set; `rows` for the row count. */
		set: readonly string[];
	}
	let { plan, joinTails, set }: Props = $props();
	const gauge = $derived(plan.gauges[0]);
	const copies = $derived(plan.pieces.reduce((t, p) => t + p.count, 0));
	/** One row count is told where all that is cranked has it. */
	const rows = $derived.by(() => {
		const [first] = plan.pieces;
		if (!first) return null;
		if (plan.pieces.some((p) => p.name !== first.name || p.mainRows !== first.mainRows))
			return rowsInAll(plan.pieces);
		const label = copies > 1 ? `Rows of a ${first.name.toLowerCase()}` : 'Rows';
		return figure(label, 'rows', exact(first.mainRows), first.rowsWorking);
	});
	const totals = $derived(plan.pieces.length > 1 ? totalsOf(plan, joinTails) : null);
	const isSet = (id: string) => (set.includes(id) ? { mark: 'set' as const } : {});
	const yarn = $derived(yarnInAll(plan));
	/** Rows, size, yarn and time come first: what a maker asks before anything else. */
	const [first, ...others] = $derived(plan.sizes);
</script>

<div class="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-[repeat(auto-fill,minmax(7.5rem,1fr))]">
	{#if rows}<Figure figure={rows} large {...isSet('rows')} />{/if}
	{#if first}<Figure figure={first.figure} large {...isSet(first.id)} />{/if}
	{#if yarn}<Figure figure={yarn} large />{/if}
	{#if plan.pieces.length > 0}<Figure figure={plan.time} large />{/if}
	{#each others as s (s.id)}
		<Figure figure={s.figure} {...isSet(s.id)} />
	{/each}
	{#if plan.byHand}<Figure figure={plan.byHand} />{/if}
	{#if plan.fill}<Figure figure={plan.fill} />{/if}
	{#if totals}
		<Figure figure={totals.stitches} />
		{#if totals.seams}<Figure figure={totals.seams} />{/if}
		<Figure figure={totals.ends} />
	{/if}
</div>
{#if gauge && plan.pieces.length > 0}
	<p class="hint mt-2">Yarn in a stitch: {wordLoopSource(gauge.loopSource)}.</p>
{/if}
