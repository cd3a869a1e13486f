<script lang="ts">
	import type { Gauge } from '$lib/core/bench/gauge/gauge';
	import { printReadingSide } from '$lib/core/bench/gauge/notation';
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
<dl
	class="rule-line grid grid-cols-[repeat(auto-fit,minmax(5.4rem,auto))] gap-x-4 gap-y-2 border-y py-1.5 text-sm"
	aria-label="This gauge in all five notations"
>
	{#each NOTATION_OPTIONS as n (n.value)}
		<div>
			<dt class="hint whitespace-nowrap">{n.label}</dt>
			{#each SIDES as side (side)}
				<dd class="figure text-[0.9rem] whitespace-nowrap">
					{shortReading(printReadingSide(count[side], { notation: n.value, side, units, pins }))}
				</dd>
			{/each}
		</div>
	{/each}
</dl>
