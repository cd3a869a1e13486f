<script lang="ts">
	import type { Gauge } from '$lib/core/gauge/gauge';
	import { printReadingSide } from '$lib/core/gauge/notation';
	import type { Units } from '$lib/core/quantity/units';
	import { NOTATION_OPTIONS, shortReading } from '../words';

	let { gauge, pins, units }: { gauge: Gauge; pins: number; units: Units } = $props();
	const TUBE_ROWS = 40;
	const count = $derived({
		stitches: { count: gauge.stitchesPerCm.mean, overCm: 1 },
		// The tube's own way counts so many rows over a length.
		rows: { count: TUBE_ROWS, overCm: TUBE_ROWS / gauge.rowsPerCm.mean }
	});
	const SIDES = ['stitches', 'rows'] as const;
</script>

<!-- The same gauge in every way it may be written, live as readings are typed. -->
<table class="rule-line w-full border-y text-sm">
	<caption class="sr-only">This gauge in all five notations</caption>
	<thead>
		<tr>
			<th></th>
			{#each NOTATION_OPTIONS as n (n.value)}
				<th class="hint py-1 pr-3 text-left font-normal">{n.label}</th>
			{/each}
		</tr>
	</thead>
	<tbody>
		{#each SIDES as side (side)}
			<tr>
				<th class="hint pr-3 text-left font-normal">{side}</th>
				{#each NOTATION_OPTIONS as n (n.value)}
					<td class="figure pr-3 pb-1 text-[0.9rem] whitespace-nowrap"
						>{shortReading(
							printReadingSide(count[side], { notation: n.value, side, units, pins })
						)}</td
					>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>
