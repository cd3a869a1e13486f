<script lang="ts">
	import { gaugeOf } from '$lib/core/gauge/gauge';
	import { stateGauge as swatchGauge } from '$lib/core/gauge/readings';
	import type { Machine, Reading, Swatch, Yarn } from '$lib/core/model/bench';
	import { quotient, exact, scale } from '$lib/core/quantity/estimate';
	import { printWithSpread } from '$lib/core/quantity/print';
	import { wordLoopSource, wordSource } from '$lib/core/words/sources';
	import { newId } from '$lib/store/store';
	import SwatchSquare from '../pictures/SwatchSquare.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import NewReading from './NewReading.svelte';
	import ReadingRow from './ReadingRow.svelte';

	let { machine, yarn, onstart }: { machine: Machine; yarn: Yarn; onstart: () => void } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);

	const swatch = $derived(
		workbench.records.swatches.find(
			(s) => s.machineId === machine.id && s.yarnId === yarn.id && s.strands === yarn.strands
		)
	);
	let draft = $state.raw<Reading | null>(null);
	const readings = $derived([...(swatch?.readings ?? []), ...(draft ? [draft] : [])]);
	const states = $derived(
		(['washed', 'rested', 'fresh'] as const).filter((s) => readings.some((r) => r.state === s))
	);
	// The readings as they would be with the one being typed.
	const gauge = $derived(
		gaugeOf(machine, yarn, {
			...workbench.bench,
			swatches: [
				...workbench.bench.swatches.filter((s) => s.id !== swatch?.id),
				...(readings.length ? [{ ...blank(), readings }] : [])
			]
		})
	);
	const width = $derived(scale(quotient(exact(machine.pins), gauge.stitchesPerCm), 0.5));
	const hundredRows = $derived(quotient(exact(100), gauge.rowsPerCm));
	const guessed = $derived(gauge.rowsPerCm.basis === 'estimated');

	function blank(): Swatch {
		return (
			swatch ?? {
				id: newId() as Swatch['id'],
				machineId: machine.id,
				yarnId: yarn.id,
				strands: yarn.strands,
				slot: Math.min(2, machine.slots),
				readings: [],
				loops: [],
				note: ''
			}
		);
	}
	const put = (next: Reading[]) =>
		next.length > 0
			? workbench.putSwatch({ ...blank(), readings: next })
			: swatch && workbench.db.swatches.delete(swatch.id);
	const STATE = { washed: 'washed', rested: 'rested', fresh: 'fresh off the machine' } as const;
</script>

<section aria-labelledby="swatch-title" class="min-w-0">
	<div class="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1">
		<h2 id="swatch-title" class="text-xl">{yarn.colourName} on {machine.pins} pins</h2>
		<button class="act act-now ml-auto" onclick={onstart}>Start a hat with these</button>
	</div>
	<div class="grid gap-x-6 gap-y-4 md:grid-cols-[auto_1fr]">
		<div>
			<SwatchSquare
				stitchesPerCm={gauge.stitchesPerCm.mean}
				rowsPerCm={gauge.rowsPerCm.mean}
				colour={yarn.colour}
				{units}
				size={200}
			/>
			{#if swatch && machine.slots > 0}
				<div class="mt-1 max-w-44">
					<label class="hint block" for="slot">Tension slot (1 the smallest)</label>
					<select
						id="slot"
						class="field"
						value={String(swatch.slot)}
						onchange={(e) =>
							workbench.putSwatch({ ...swatch, slot: Number(e.currentTarget.value) })}
					>
						<option value="0">through the fingers</option>
						{#each { length: machine.slots }, i (i)}<option value={String(i + 1)}
								>slot {i + 1}</option
							>{/each}
					</select>
				</div>
			{/if}
		</div>
		<div class="min-w-0">
			<dl class="mb-3 grid gap-x-5 gap-y-2 sm:grid-cols-2">
				{#each [{ label: 'Stitches', e: gauge.stitchesPerCm, kind: 'stitch-density' }, { label: 'Rows', e: gauge.rowsPerCm, kind: 'row-density' }, { label: 'Tube, flat width', e: width, kind: 'length' }, { label: '100 rows make', e: hundredRows, kind: 'length' }] as const as f (f.label)}
					<div>
						<dt class="hint">{f.label}</dt>
						<dd class="figure text-lg font-semibold whitespace-nowrap">
							{printWithSpread(f.e, f.kind, units)}
						</dd>
					</div>
				{/each}
			</dl>
			<p class={['mb-1 text-sm', guessed && 'text-warning font-semibold']}>
				{guessed ? 'A guess, ± 15 %: ' : 'What a plan uses: '}{wordSource(gauge.rowSource)}. Yarn in
				a stitch {printWithSpread(gauge.loopCm, 'loop', units)}, {wordLoopSource(gauge.loopSource)}.
			</p>
			{#if states.length > 1 || (states.length === 1 && readings.length > 1)}
				<ul class="mb-2 text-sm">
					{#each states as s (s)}
						{@const g = swatchGauge(readings, s)!}
						<li>
							<span class="quiet"
								>{STATE[s]}, {g.stitchesPerCm.n === 1
									? '1 reading'
									: `${g.stitchesPerCm.n} readings`}:</span
							>
							{printWithSpread(g.stitchesPerCm, 'stitch-density', units)}, {printWithSpread(
								g.rowsPerCm,
								'row-density',
								units
							)}{Math.max(g.stitchesPerCm.discord, g.rowsPerCm.discord) > 1.8
								? ' — they disagree'
								: ''}
						</li>
					{/each}
				</ul>
			{/if}
			<h3 class="mt-3 mb-1 text-base">Readings</h3>
			{#if readings.length === 0}
				<p class="quiet mb-2 text-sm">
					None yet. Knit 40 rows of tube on all pins, take it off, let it rest, better wash it; then
					measure its flat width and the length of the 40 rows. Two readings halve the doubt about
					every size.
				</p>
			{/if}
			{#if swatch}
				<ul class="mb-2">
					{#each swatch.readings as r (r.id)}
						<ReadingRow
							reading={r}
							{machine}
							onchange={(next) => put(swatch.readings.map((x) => (x.id === r.id ? next : x)))}
							onremove={() => put(swatch.readings.filter((x) => x.id !== r.id))}
						/>
					{/each}
				</ul>
			{/if}
			<NewReading
				{machine}
				last={swatch?.readings.at(-1)}
				ondraft={(d) => (draft = d)}
				onadd={(r) => {
					draft = null;
					void put([...(swatch?.readings ?? []), r]);
				}}
			/>
		</div>
	</div>
</section>
