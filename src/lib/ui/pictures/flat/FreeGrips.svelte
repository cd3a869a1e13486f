<script lang="ts">
	import { MOST_PIECE_CM } from '$lib/core/quantity/bounds';
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import type { Point } from '$lib/core/shaping/outline';
	import { grip, type Grip } from '../../parts/grip';
	import type { Placed } from './layout';
	import { snap, SNAP_CM, type FlatView } from './view';

	/** Every point of the maker's own pieces. */
	interface Props {
		placed: readonly Placed[];
		view: FlatView;
		units: Units;
		/** A point was moved, cm. */
		onpoint: (piece: string, side: 'left' | 'right', index: number, to: Point) => void;
	}
	let { placed, view, units, onpoint }: Props = $props();
	let from: Point = { x: 0, y: 0 };
	const within = (cm: number, least: number) => Math.min(MOST_PIECE_CM, Math.max(least, cm));
	const says = (at: Point) =>
		`${printValue(at.x, 'length', units)} across, ${printValue(at.y, 'length', units)} up`;
	function gripOf(p: Placed, side: 'left' | 'right', index: number, at: Point): Grip {
		const put = (x: number, y: number) =>
			onpoint(p.piece.id, side, index, { x: within(x, -MOST_PIECE_CM), y: within(y, 0) });
		return {
			label: `${p.piece.name}: point ${index + 1} of its ${side} edge`,
			now: at.x,
			least: -MOST_PIECE_CM,
			most: MOST_PIECE_CM,
			text: says(at),
			take: () => (from = at),
			move: (by) => put(snap(from.x + by.x / view.px), snap(from.y - by.y / view.px)),
			cancel: () => put(from.x, from.y),
			step: (by, large) => {
				const n = SNAP_CM * (large ? 4 : 1);
				put(at.x + n * by.x, at.y + n * by.y);
			}
		};
	}
</script>

{#each placed.filter((p) => !p.piece.mirrorOf) as p (p.piece.id)}
	{#each ['left', 'right'] as const as side (side)}
		{#each p.piece.outline[side] as at, index (index)}
			<circle
				use:grip={gripOf(p, side, index, at)}
				cx={view.x(p, at.x)}
				cy={view.y(p, at.y)}
				r="6"
				class="grip-point fill-base-100 stroke-base-content cursor-move"
				stroke-width="2"><title>{says(at)}</title></circle
			>
		{/each}
	{/each}
{/each}
