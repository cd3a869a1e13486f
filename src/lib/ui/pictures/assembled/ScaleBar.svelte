<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { Units } from '$lib/core/quantity/units';

	let { x, y, px, units }: { x: number; y: number; px: number; units: Units } = $props();
	/** A round length that is neither a speck nor the whole picture. */
	const choices = $derived(
		units === 'cm'
			? [1, 2, 5, 10, 20, 50, 100].map((n) => ({ cm: n, label: `${n} cm` }))
			: [0.5, 1, 2, 4, 8, 20, 40].map((n) => ({ cm: n * 2.54, label: `${n} in` }))
	);
	const bar = $derived(choices.findLast((c) => c.cm * px <= 90) ?? entryAt(choices, 0));
</script>

<g class="fill-base-content stroke-base-content text-[12px]">
	<path d={`M${x} ${y - 6}v6h${bar.cm * px}v-6`} fill="none" stroke-width="1.2" />
	<text stroke="none" x={x + bar.cm * px + 6} {y}>{bar.label}</text>
</g>
