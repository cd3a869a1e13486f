<script lang="ts">
	import type { Measure } from '$lib/core/model/kinds';
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import { ring } from '$lib/core/recipe/garments/flat';
	import type { Dimension } from '$lib/core/recipe/garments/pattern';
	import { wordOnDrawing } from '$lib/core/recipe/garments/words';
	import type { Placed } from './layout';
	import type { FlatView } from './view';

	/** Dimension lines with their measures; a press asks for one. */
	interface Props {
		placed: readonly Placed[];
		view: FlatView;
		units: Units;
		now: (measure: Measure, piece: string) => number;
		onask: (measure: Measure) => void;
	}
	let { placed, view, units, now, onask }: Props = $props();
	/** Lines shorter than their label have it at their upper end. */
	const LETTER_PX = 6.2;
	const FAR_CM = 3;

	/** Where a dimension's line runs: outside the piece it keeps its distance in px, however small the drawing. */
	function lineOf(p: Placed, d: Dimension): [number, number, number, number] {
		const xs = ring(p.piece.outline).map((q) => q.x);
		const [least, most] = [Math.min(...xs), Math.max(...xs)];
		const x = (at: number): number =>
			at > most
				? view.x(p, most) + (at > most + FAR_CM ? 48 : 20)
				: at < least
					? view.x(p, least) - (at < least - FAR_CM ? 42 : 14)
					: view.x(p, at);
		const y = (at: number): number => (at > p.height ? view.y(p, p.height) - 11 : view.y(p, at));
		const shallow = d.measure === 'shoulderDrop';
		return [
			shallow ? view.x(p, d.from.x) : x(d.from.x),
			y(d.from.y),
			shallow ? view.x(p, d.to.x) : x(d.to.x),
			y(d.to.y)
		];
	}
</script>

{#each placed as p (p.piece.id)}
	{#each p.piece.mirrorOf ? [] : p.piece.dimensions as d (d.measure)}
		{@const [x1, y1, x2, y2] = lineOf(p, d)}
		{@const upright = Math.abs(x1 - x2) < 1}
		{@const label = `${wordOnDrawing(d.measure)} ${printValue(now(d.measure, p.piece.id), 'length', units)}`}
		{@const short =
			upright && Math.abs(y1 - y2) < LETTER_PX * label.length * (d.from.x < 0 ? 0.6 : 1)}
		<path
			d={upright
				? `M${x1 - 4} ${y1}h8M${x1} ${y1}V${y2}M${x1 - 4} ${y2}h8`
				: `M${x1} ${y1 - 4}v8M${x1} ${y1}H${x2}M${x2} ${y2 - 4}v8`}
			fill="none"
			class="stroke-base-content pointer-events-none"
			stroke-width="1.1"
		/>
		<text
			role="button"
			tabindex="-1"
			transform={upright && !short
				? `translate(${x1} ${(y1 + y2) / 2}) rotate(-90)`
				: short
					? `translate(${x1} ${Math.min(y1, y2)})`
					: `translate(${(x1 + x2) / 2} ${y1})`}
			dy={upright && !short ? -4 : -6}
			text-anchor={d.measure === 'shoulderDrop' ? 'end' : 'middle'}
			class="dim fill-base-content cursor-pointer text-[12px]"
			onclick={() => onask(d.measure)}
			onkeydown={(e) => e.key === 'Enter' && onask(d.measure)}>{label}</text
		>
	{/each}
{/each}

<style>
	.dim {
		paint-order: stroke;
		stroke: var(--color-base-100);
		stroke-width: 4px;
		stroke-linejoin: round;
	}
	.dim:hover {
		text-decoration: underline;
	}
</style>
