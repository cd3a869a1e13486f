<script lang="ts">
	import type { Card } from '$lib/core/shaping/wider';
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';

	let { card, units, name }: { card: Card; units: Units; name: string } = $props();
	/** Long enough to hold, cm. */
	const LONG = 10;
	const w = $derived(card.widthCm);
	const height = $derived(LONG + 3.6);
	const wide = $derived(Math.max(w, 5.4) + 1);
	function print() {
		document.documentElement.dataset['sheet'] = 'card';
		window.addEventListener('afterprint', () => delete document.documentElement.dataset['sheet'], {
			once: true
		});
		window.print();
	}
</script>

<figure class="card-sheet">
	<svg
		width={`${wide}cm`}
		height={`${height}cm`}
		viewBox={`0 0 ${wide} ${height}`}
		role="img"
		aria-label={`Card of ${printValue(w, 'length', units)} by ${printValue(LONG, 'length', units)}, in true size`}
		class="text-base-content block"
	>
		<g fill="none" stroke="currentColor" stroke-width="0.035">
			<rect x="0.4" y="0.4" width={w} height={LONG} rx="0.15" />
			<path d={`M0.4 ${LONG - 1.2}h${w}`} stroke-dasharray="0.2 0.12" />
			<path d={`M0.4 ${LONG + 1.2}v0.5h5v-0.5M${0.4 + 5.08} ${LONG + 2.3}v0.5h-5.08v-0.5`} />
		</g>
		<g fill="currentColor" font-size="0.36">
			<text x={0.4 + w / 2} y="2" text-anchor="middle">{printValue(w, 'length', units)}</text>
			<text x={0.4 + w / 2} y="2.6" text-anchor="middle"
				>wraps {printValue(card.wrapCm, 'length', units)}</text
			>
			<text x={0.4 + w / 2} y={LONG - 0.5} text-anchor="middle">on the pin</text>
			<text x="0.6" y={LONG + 1.5}>50 mm</text>
			<text x="0.6" y={LONG + 2.7}>2 in</text>
		</g>
	</svg>
	<figcaption class="hint mt-1 max-w-64">
		Extension card for {name}, in true size on paper: measure the bars before you cut it out.
		<button class="btn btn-sm no-print mt-1" onclick={print}>Print the card</button>
	</figcaption>
</figure>

<style>
	@media print {
		:global(html[data-sheet='card'] body *) {
			visibility: hidden;
		}
		:global(html[data-sheet='card'] .card-sheet),
		:global(html[data-sheet='card'] .card-sheet *) {
			visibility: visible;
		}
		:global(html[data-sheet='card'] .card-sheet) {
			position: fixed;
			top: 0;
			left: 0;
		}
	}
</style>
