<script lang="ts">
	import { gaugeFor } from '$lib/core/bench/gauge/gauge';
	import { densitiesOf } from '$lib/core/bench/gauge/density';
	import { outOfLine, stateGauge } from '$lib/core/bench/gauge/readings';
	import type { FabricVerdict, Hand, Machine, Reading, Swatch, Yarn } from '$lib/core/model/bench';
	import { coverFactor } from '$lib/core/bench/gauge/fabric';
	import { effectiveTex } from '$lib/core/bench/yarn/tex';
	import { FABRIC_WORDS, wordCover } from '$lib/core/words/fabric';
	import { HAND_WORDS } from '$lib/core/words/feed';
	import Select from '../../parts/Select.svelte';
	import { FABRICS, HANDS, STATES_BEST_FIRST } from '$lib/core/model/kinds';
	import { quotient, exact, relative, scale, type Combined } from '$lib/core/quantity/estimate';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { wordSource } from '$lib/core/words/sources';
	import SwatchSquare from '../../pictures/SwatchSquare.svelte';
	import { gaugeBook } from '$lib/core/bench/gauge/book';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { STATE_WORDS } from '../words';
	import NewReading from './NewReading.svelte';
	import Notations from './Notations.svelte';
	import ReadingRow from './ReadingRow.svelte';
	import WhatItMeans from './WhatItMeans.svelte';
	import { blankSwatch, letterOf, swatchOf } from './swatch';

	let { machine, yarn }: { machine: Machine; yarn: Yarn } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);

	const swatch = $derived(swatchOf(workbench.records.swatches, machine, yarn));
	let draft = $state.raw<Reading | null>(null);
	const kept = $derived(swatch?.readings ?? []);
	const readings = $derived([...kept, ...(draft ? [draft] : [])]);
	// The bench as it would be with the reading being typed.
	const bench = $derived(
		draft
			? {
					...workbench.bench,
					swatches: [
						...workbench.bench.swatches.filter((s) => s.id !== swatch?.id),
						{ ...blankSwatch(swatch, machine, yarn), readings }
					]
				}
			: workbench.bench
	);
	const book = $derived(gaugeBook(bench));
	const gauge = $derived(gaugeFor({ machine, yarn, book, useFresh: false }));
	const width = $derived(scale(quotient(exact(machine.pins), gauge.stitchesPerCm), 0.5));
	const hundredRows = $derived(quotient(exact(100), gauge.rowsPerCm));
	const guessed = $derived(gauge.rowsPerCm.basis === 'estimated');
	const apart = $derived(STATES_BEST_FIRST.flatMap((s) => outOfLine(readings, s)));
	const corners = $derived(
		readings.flatMap((r, i) => {
			const both = densitiesOf(r);
			const out = apart.some((a) => a.readingId === r.id);
			return both ? [{ id: r.id, letter: letterOf(i), state: r.state, ...both, apart: out }] : [];
		})
	);
	const states = $derived(
		([...STATES_BEST_FIRST, 'pulled'] as const).flatMap((state) => {
			const g = stateGauge(readings, state);
			return g ? [{ state, ...g }] : [];
		})
	);

	/** A mean with its spread, and how many readings it stands on. */
	const meanOf = (e: Combined, kind: 'stitch-density' | 'row-density') =>
		`${printWithSpread(e, kind, units)} (${e.n === 1 ? '1 reading' : `${e.n} readings`})`;
	const cover = $derived(coverFactor(gauge.loopCm, effectiveTex(yarn)));
	const HAND_OPTIONS = HANDS.map((h) => ({ value: h, label: HAND_WORDS[h] }));
	const FABRIC_OPTIONS = [
		{ value: '', label: 'not said' },
		...FABRICS.map((f) => ({ value: f, label: FABRIC_WORDS[f] }))
	];
	const putSwatch = (patch: Partial<Swatch>) => {
		const next = { ...blankSwatch(swatch, machine, yarn), ...patch };
		if (next.readings.length + next.loops.length > 0) return workbench.putSwatch(next);
		return swatch && workbench.remove('swatches', swatch);
	};
	const put = (next: Reading[]) => putSwatch({ readings: next });
</script>

<div class="grid gap-x-6 gap-y-4 md:grid-cols-[auto_1fr]">
	<div>
		<SwatchSquare
			stitchesPerCm={gauge.stitchesPerCm.mean}
			rowsPerCm={gauge.rowsPerCm.mean}
			colour={yarn.colour}
			{units}
			{corners}
			size={236}
		/>
		{#if corners.length > 0}
			<p class="hint mt-1 max-w-56">
				Each corner is where one reading would put the edge of the square.{states.some(
					(s) => s.state === 'pulled'
				)
					? ' Dashed: pulled.'
					: ''}
			</p>
		{/if}
		{#if swatch && machine.slots > 0}
			<div class="mt-2 max-w-56">
				<label class="hint block" for="slot">Tension slot (1 the smallest)</label>
				<select
					id="slot"
					class="select w-full"
					value={String(swatch.slot)}
					onchange={(e) => putSwatch({ slot: Number(e.currentTarget.value) })}
				>
					<option value="0">through the fingers</option>
					{#each { length: machine.slots }, i (i)}<option value={String(i + 1)}>slot {i + 1}</option
						>{/each}
				</select>
			</div>
		{/if}
		{#if swatch}
			<div class="mt-2 max-w-56">
				<Select
					label="Through the hand"
					value={swatch.hand}
					options={HAND_OPTIONS}
					onvalue={(v) => putSwatch({ hand: v as Hand })}
				/>
			</div>
			<div class="mt-2 max-w-56">
				<Select
					label="Its fabric, as you find it"
					value={swatch.fabric ?? ''}
					options={FABRIC_OPTIONS}
					onvalue={(v) => putSwatch({ fabric: v === '' ? null : (v as FabricVerdict) })}
				/>
			</div>
			<div class="mt-2 max-w-56">
				<label class="hint block" for="swatch-note">Note</label>
				<textarea
					id="swatch-note"
					class="textarea w-full min-h-14 text-sm"
					maxlength="2000"
					value={swatch.note}
					onchange={(e) => putSwatch({ note: e.currentTarget.value })}></textarea>
			</div>
		{/if}
	</div>
	<div class="min-w-0">
		<dl class="mb-2 grid w-fit gap-x-8 gap-y-1 sm:grid-cols-2">
			{#each [{ label: 'Stitches', e: gauge.stitchesPerCm, kind: 'stitch-density' }, { label: 'Rows', e: gauge.rowsPerCm, kind: 'row-density' }, { label: 'Tube, flat width', e: width, kind: 'length' }, { label: '100 rows make', e: hundredRows, kind: 'length' }] as const as f (f.label)}
				<div>
					<dt class="hint">{f.label}</dt>
					<dd class="figure text-[1.02rem] font-semibold whitespace-nowrap">
						{printWithSpread(f.e, f.kind, units)}
					</dd>
				</div>
			{/each}
		</dl>
		<p class={['mb-2 text-sm', guessed && 'text-warning font-semibold']}>
			{guessed
				? `A guess, ± ${printValue(relative(gauge.rowsPerCm), 'percent', units)}: `
				: 'What a plan uses: '}{wordSource(gauge.rowSource)}.
		</p>
		<p class="mb-2 text-sm">{wordCover(cover)}.</p>
		<Notations {gauge} pins={machine.pins} {units} />
		<WhatItMeans {machine} {yarn} {bench} {book} {gauge} {readings} {apart} />
		<h3 class="mt-3 mb-1 text-base">Readings</h3>
		{#if readings.length > 1}
			<ul class="mb-1 text-sm">
				{#each states as s (s.state)}
					<li>
						<span class="quiet">{STATE_WORDS[s.state]}:</span>
						{[
							s.stitchesPerCm && meanOf(s.stitchesPerCm, 'stitch-density'),
							s.rowsPerCm && meanOf(s.rowsPerCm, 'row-density')
						]
							.filter((words) => words !== null)
							.join(', ')}
					</li>
				{/each}
			</ul>
		{/if}
		{#if readings.length === 0}
			<p class="quiet mb-2 text-sm">
				None yet. Knit 40 rows of tube on all pins, take it off, let it rest, better wash it; then
				measure its flat width and the length of the 40 rows. Two readings halve the doubt about
				every size.
			</p>
		{/if}
		{#if kept.length > 0}
			<ul class="mb-2">
				{#each kept as r, i (r.id)}
					<ReadingRow
						reading={r}
						letter={letterOf(i)}
						apart={apart.filter((a) => a.readingId === r.id)}
						{machine}
						onchange={(next) => put(kept.map((x) => (x.id === r.id ? next : x)))}
						onremove={() => put(kept.filter((x) => x.id !== r.id))}
					/>
				{/each}
			</ul>
		{/if}
		<NewReading
			{machine}
			last={kept.at(-1)}
			ondraft={(d) => (draft = d)}
			onadd={(r) => {
				draft = null;
				void put([...kept, r]);
			}}
		/>
	</div>
</div>
