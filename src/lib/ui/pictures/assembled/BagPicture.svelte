<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { foldBag, type BagStage } from '$lib/core/recipe/assembled/form/bag';
	import type { AssembledOf } from '$lib/core/recipe/assembled/form/assembled';
	import type { AssembledPlan } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import FabricPatterns from '../FabricPatterns.svelte';
	import ScaleBar from './ScaleBar.svelte';

	interface Props {
		finished: AssembledOf<'folded'>;
		plan: AssembledPlan;
		stage: BagStage;
		units: Units;
		width: number;
		height: number;
	}
	let { finished, plan, stage, units, width, height }: Props = $props();
	const id = $props.id();
	const gauge = $derived(entryAt(plan.gauges, 0));
	const w = $derived(finished.bag.widthCm);
	const side = $derived(finished.bag.sideCm);
	/** The handle's middle over the points: half its length to either side, half of that up. */
	const rise = $derived(Math.max(1, finished.handle.longCm * 0.5));
	const facets = $derived(
		foldBag(finished.bag, stage, finished.bands).toSorted((a, b) => a.layer - b.layer)
	);
	const xs = $derived(facets.flatMap((f) => f.points.map((p) => p.x)));
	const ys = $derived(facets.flatMap((f) => f.points.map((p) => p.y)));
	const box = $derived({
		left: Math.min(...xs),
		right: Math.max(...xs),
		low: Math.min(...ys),
		// The handle stands over the points.
		high: stage === 'bag' ? side + rise + finished.handle.wideCm / 2 : Math.max(...ys)
	});
	const px = $derived(
		Math.min((width - 24) / (box.right - box.left), (height - 46) / (box.high - box.low))
	);
	const X = (x: number) => width / 2 + (x - (box.left + box.right) / 2) * px;
	const Y = (y: number) => 10 + (box.high - y) * px;
	const d = (points: readonly { x: number; y: number }[]) =>
		`M${points.map((p) => `${X(p.x).toFixed(1)} ${Y(p.y).toFixed(1)}`).join('L')}Z`;
	const bottom = $derived(Math.min(...facets.map((f) => f.layer)));
	/** Creases to come, on the strip. */
	const creases = $derived<readonly (readonly [number, number, number, number])[]>(
		stage === 'strip'
			? [
					[0, w, w, 0],
					[w, 0, 2 * w, w],
					[2 * w, w, 3 * w, 0]
				]
			: []
	);
</script>

<svg
	{width}
	{height}
	viewBox={`0 0 ${width} ${height}`}
	class="h-auto max-w-full"
	role="img"
	aria-label={stage === 'bag'
		? 'The finished bag, to scale'
		: 'The strip as it is folded, to scale'}
>
	<defs>
		<FabricPatterns
			prefix={id}
			yarns={plan.yarns}
			stitchPx={px / gauge.stitchesPerCm.mean}
			rowPx={px / gauge.rowsPerCm.mean}
			lying
		/>
	</defs>
	{#if stage === 'bag'}
		{@const thick = finished.handle.wideCm * px}
		<g fill="none">
			{#each [{ c: 'var(--color-base-content)', t: thick + 3 }, { c: plan.yarns[plan.pieces[1]?.runs[0]?.yarn ?? 0]?.colour, t: thick }] as s, i (i)}
				<path
					d={`M${X(side * 0.1)} ${Y(side * 0.86)}C${X(side * 0.1)} ${Y(side + rise * 1.3)} ${X(side * 0.9)} ${Y(side + rise * 1.3)} ${X(side * 0.9)} ${Y(side * 0.86)}`}
					stroke={s.c}
					stroke-width={s.t}
				/>
			{/each}
		</g>
	{/if}
	{#each facets as f, i (i)}
		<path d={d(f.points)} fill={`url(#${id}-${f.yarn ?? 0})`} />
		{#if f.layer < 0}<path
				d={d(f.points)}
				fill="black"
				fill-opacity={0.14 + 0.1 * (f.layer - bottom === 0 ? 1 : 0)}
			/>{/if}
	{/each}
	{#each [...new Set(facets.map((f) => f.layer))] as layer (layer)}
		<!-- Each layer's own outline: edges that two bands share are no edges. -->
		{#each facets.filter((f) => f.layer === layer) as f, i (i)}
			{#each f.points as p, k (k)}
				{@const q = entryAt(f.points, (k + 1) % f.points.length)}
				{@const mx = (p.x + q.x) / 2}
				{@const my = (p.y + q.y) / 2}
				{@const shared = facets.some(
					(g) =>
						g !== f &&
						g.layer === layer &&
						g.points.some((a, n) => {
							const b = entryAt(g.points, (n + 1) % g.points.length);
							return Math.hypot((a.x + b.x) / 2 - mx, (a.y + b.y) / 2 - my) < 1e-6;
						})
				)}
				{#if !shared}<path
						d={`M${X(p.x)} ${Y(p.y)}L${X(q.x)} ${Y(q.y)}`}
						class="stroke-base-content/75"
						stroke-width="1.5"
						stroke-linecap="round"
					/>{/if}
			{/each}
		{/each}
	{/each}
	{#each creases as [x1, y1, x2, y2], i (i)}
		<path
			d={`M${X(x1)} ${Y(y1)}L${X(x2)} ${Y(y2)}`}
			class="stroke-base-content"
			stroke-width="1.5"
			stroke-dasharray="6 4"
		/>
	{/each}
	<ScaleBar x={10} y={height - 6} {px} {units} />
</svg>
