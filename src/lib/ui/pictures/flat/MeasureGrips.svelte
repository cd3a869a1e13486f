<script lang="ts">
	import type { Measure } from '$lib/core/model/kinds';
	import { MOST_PIECE_CM } from '$lib/core/quantity/bounds';
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import type { Handle } from '$lib/core/recipe/garments/pattern';
	import { MEASURE_NAMES } from '$lib/core/recipe/garments/words';
	import { grip, type Grip } from '../../parts/grip';
	import type { Placed } from './layout';
	import { snap, SNAP_CM, type FlatView } from './view';

	/** Points of the pieces that set a measure, or two. */
	interface Props {
		placed: readonly Placed[];
		view: FlatView;
		units: Units;
		now: (measure: Measure, piece: string) => number;
		onmeasure: (measure: Measure, cm: number, piece: string) => void;
	}
	let { placed, view, units, now, onmeasure }: Props = $props();
	const LEAST_CM = 0.5;

	/** What its measures were when it was taken hold of. */
	let start: Partial<Record<Measure, number>> = {};
	const axesOf = (h: Handle) => [h.x, h.y].filter((a) => a !== undefined);
	const begin = (p: Placed, h: Handle) => {
		start = Object.fromEntries(axesOf(h).map((a) => [a.measure, now(a.measure, p.piece.id)]));
	};
	/** Both of its measures, each by how far it was moved along its own axis, cm. */
	function apply(p: Placed, h: Handle, cmX: number, cmY: number) {
		for (const [axis, d] of [
			[h.x, cmX],
			[h.y, cmY]
		] as const) {
			const from = axis && start[axis.measure];
			if (!axis || from === undefined) continue;
			const cm = Math.min(MOST_PIECE_CM, Math.max(LEAST_CM, snap(from + d * axis.per)));
			if (cm !== now(axis.measure, p.piece.id)) onmeasure(axis.measure, cm, p.piece.id);
		}
	}
	/** A press is at least one step of the measure, however much it moves the point. */
	const stepOf = (axis: Handle['x'], n: number) =>
		axis && n !== 0 ? n / Math.min(1, Math.abs(axis.per)) / Math.max(1, Math.abs(axis.per)) : 0;
	const named = (p: Placed, h: Handle) =>
		`${p.piece.name}: ${axesOf(h)
			.map((a) => MEASURE_NAMES[a.measure])
			.join(' and ')}`;
	function gripOf(p: Placed, h: Handle): Grip {
		const up = p.flip ? -1 : 1;
		const main = h.y ?? h.x;
		return {
			label: named(p, h),
			now: main ? now(main.measure, p.piece.id) : 0,
			least: LEAST_CM,
			most: MOST_PIECE_CM,
			text: axesOf(h)
				.map((a) => printValue(now(a.measure, p.piece.id), 'length', units))
				.join(' and '),
			take: () => begin(p, h),
			move: (by) => apply(p, h, by.x / view.px, (-up * by.y) / view.px),
			cancel: () => apply(p, h, 0, 0),
			step: (by, large) => {
				begin(p, h);
				const n = SNAP_CM * (large ? 4 : 1);
				apply(p, h, stepOf(h.x, n * by.x), stepOf(h.y, up * n * by.y));
			}
		};
	}
</script>

{#each placed as p (p.piece.id)}
	{#each p.piece.handles as h, i (i)}
		{@const at = p.piece.outline[h.side][h.index]}
		{#if at}
			<circle
				use:grip={gripOf(p, h)}
				cx={view.x(p, at.x)}
				cy={view.y(p, at.y)}
				r="6"
				class={[
					'grip-point fill-base-100 stroke-base-content',
					h.x && h.y ? 'cursor-move' : h.y ? 'cursor-ns-resize' : 'cursor-ew-resize'
				]}
				stroke-width="2"><title>{named(p, h)}</title></circle
			>
		{/if}
	{/each}
{/each}
