<script lang="ts">
	import { metresPerRow, rowsLeft, takeOffTailCm } from '$lib/core/bench/gauge/ball';
	import { gaugeFor } from '$lib/core/bench/gauge/gauge';
	import type { Machine, Swatch, Yarn } from '$lib/core/model/bench';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { wordLoopSource } from '$lib/core/words/sources';
	import { gramsOnHand } from '$lib/core/bench/yarn/parts';
	import GramsField from '../../scale/GramsField.svelte';
	import { gaugeBook } from '$lib/core/bench/gauge/book';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { blankSwatch, swatchOf } from '../swatch/swatch';
	import LoopReadings from './LoopReadings.svelte';
	import Opinions from './Opinions.svelte';
	import { untrack } from 'svelte';

	let { machine, yarn }: { machine: Machine; yarn: Yarn } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const gauge = $derived(
		gaugeFor({ machine, yarn, book: gaugeBook(workbench.bench), useFresh: false })
	);
	const swatch = $derived(swatchOf(workbench.records.swatches, machine, yarn));
	let grams = $state(
		untrack(() => gramsOnHand(yarn, (id) => workbench.bench.yarns.find((y) => y.id === id)))
	);
	const machines = $derived(
		[...workbench.bench.machines]
			.sort((a, b) => a.pins - b.pins)
			.map((m) => {
				const g = gaugeFor({ machine: m, yarn, book: gaugeBook(workbench.bench), useFresh: false });
				const perRow = metresPerRow(m, g);
				return { m, g, perRow, left: rowsLeft(grams, yarn, perRow), tail: takeOffTailCm(m) };
			})
	);

	function put(loops: Swatch['loops']) {
		const next = { ...blankSwatch(swatch, machine, yarn), loops };
		if (next.readings.length + next.loops.length > 0) void workbench.putSwatch(next);
		else if (swatch) void workbench.remove('swatches', swatch);
	}
</script>

<div class="grid gap-x-8 gap-y-5 xl:grid-cols-2">
	<section aria-labelledby="loop-title" class="min-w-0">
		<h3 id="loop-title" class="hint">Yarn in a stitch</h3>
		<p class="mb-2">
			<span class="figure text-2xl font-semibold"
				>{printWithSpread(gauge.loopCm, 'loop', units)}</span
			>
			<span class="text-sm">{wordLoopSource(gauge.loopSource)}</span>
		</p>
		<Opinions opinions={gauge.loopOpinions} {units} />
		<LoopReadings loops={swatch?.loops ?? []} {machine} {yarn} onput={put} />
	</section>
	<section aria-labelledby="row-title" class="min-w-0">
		<h3 id="row-title" class="sr-only">In a row, on each machine</h3>
		<GramsField
			live
			label="Ball on the scale"
			{grams}
			ongrams={(g) => (grams = g)}
			hint="Without its core"
		/>
		<table class="mt-3 w-full text-sm">
			<thead>
				<tr class="hint text-left">
					<th class="py-1 pr-3 font-normal">machine</th>
					<th class="pr-3 font-normal">one row takes</th>
					<th class="pr-3 font-normal">the ball gives</th>
					<th class="font-normal">to take off</th>
				</tr>
			</thead>
			<tbody>
				{#each machines as x (x.m.id)}
					<tr class={['rule-line border-t', x.m.id === machine.id && 'font-semibold']}>
						<td class="py-1.5 pr-3"><span class="figure">{x.m.pins}</span> pins</td>
						<td class="figure pr-3 whitespace-nowrap">{printWithSpread(x.perRow, 'yarn', units)}</td
						>
						<td class="pr-3">
							<span class="figure">{x.left.rows} rows</span>
							<span class="hint block">surely {x.left.safeRows}</span>
						</td>
						<td class="figure whitespace-nowrap"
							>{printValue(x.tail[0], 'length', units).replace(/ .*/, '')}–{printValue(
								x.tail[1],
								'length',
								units
							)}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
		<p class="hint mt-2">
			Whole rows, tails not taken off; surely is nine times of ten. To take off: a tail of 1.5 to 2
			times round the machine.
		</p>
	</section>
</div>
