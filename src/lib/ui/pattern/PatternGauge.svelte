<script lang="ts">
	import { notationExample, printReadingSide } from '$lib/core/bench/gauge/notation';
	import { factors } from '$lib/core/convert/written';
	import { NOTATIONS, type Notation } from '$lib/core/model/kinds';
	import type { WrittenPattern } from '$lib/core/model/written';
	import type { Estimate } from '$lib/core/quantity/estimate';
	import { printEstimate } from '$lib/core/quantity/print';
	import { wordProblem } from '$lib/core/words/problems';
	import { wordSource } from '$lib/core/words/sources';
	import Select from '../parts/Select.svelte';
	import { NOTATION_OPTIONS, shortReading } from '../bench/words';
	import { SIDES, type Reading } from './reading.svelte';

	/** Both gauges, and what a pattern's counts are multiplied by. */
	interface Props {
		reading: Reading;
		onchange: (patch: Partial<WrittenPattern>) => void;
	}
	let { reading, onchange }: Props = $props();
	const id = $props.id();
	const { pattern, theirs, mine, on } = $derived(reading);
	const notation = $derived(NOTATIONS.find((n) => n === pattern.notation) ?? 'per-10cm');
	const factor = $derived(factors(theirs, mine));
	const given = $derived(SIDES.filter((side) => factor[side] !== null));
	const said = $derived(reading.read.gauge);
	const context = (side: 'stitches' | 'rows', n: Notation) => ({
		notation: n,
		side,
		units: on.units,
		pins: on.machine.pins,
		tubeRows: 40
	});
	const times = (e: Estimate) => {
		const p = printEstimate(e, 'plain', on.units);
		return p.spread ? `× ${e.mean.toFixed(3)} ± ${e.sd.toFixed(3)}` : `× ${e.mean.toFixed(3)}`;
	};
	const WHOSE = ['theirs', 'mine'] as const;
	const perCm = (side: 'stitches' | 'rows', whose: 'theirs' | 'mine') => {
		const key = side === 'stitches' ? 'stitchesPerCm' : 'rowsPerCm';
		const v = whose === 'theirs' ? (theirs[key] ?? 0) : mine[key].mean;
		return side === 'rows' ? { count: 40, overCm: 40 / v } : { count: v, overCm: 1 };
	};
	/** What a field shows where nothing is typed: what the text says, in the notation chosen. */
	const shown = (side: 'stitches' | 'rows') => {
		const v = side === 'stitches' ? said?.stitchesPerCm : said?.rowsPerCm;
		return v
			? shortReading(printReadingSide(perCm(side, 'theirs'), context(side, notation)))
			: notationExample(notation, side);
	};
</script>

<div class="grid gap-3">
	<p class="text-sm">
		{#if said}The text says its gauge: “{pattern.text.slice(said.from, said.to)}”. Type another to
			set it aside.
		{:else if given.length === 0}The text does not say its gauge. Until it is typed, its stitches
			and rows are knitted as they stand.
		{:else}Its gauge, as typed.{/if}
		<span class="quiet">Mine: {wordSource(mine.rowSource)}.</span>
	</p>
	<div class="grid grid-cols-2 gap-2 sm:grid-cols-[12rem_1fr_1fr]">
		<div class="max-sm:col-span-2">
			<Select
				label="Its gauge is given"
				value={notation}
				options={NOTATION_OPTIONS}
				onvalue={(v) => onchange({ notation: NOTATIONS.find((n) => n === v) ?? 'per-10cm' })}
			/>
		</div>
		{#each SIDES as side (side)}
			{@const r = reading.typed(side)}
			{@const wrong = !r.ok && pattern[side].trim() !== ''}
			<div class="min-w-0">
				<label class="hint mb-0.5 block" for={`${id}-${side}`}
					>{side === 'stitches' ? 'Stitches' : 'Rows'}</label
				>
				<input
					id={`${id}-${side}`}
					class="input w-full"
					value={pattern[side]}
					maxlength="80"
					oninput={(e) => onchange({ [side]: e.currentTarget.value })}
					placeholder={shown(side)}
					autocomplete="off"
					aria-invalid={wrong}
					aria-describedby={`${id}-${side}-p`}
				/>
				<p id={`${id}-${side}-p`} class="text-error text-sm" role="status">
					{#if wrong && !r.ok}{wordProblem(r.problem)}{/if}
				</p>
			</div>
		{/each}
	</div>
	{#if given.length > 0}
		<p>
			{#each given as side, i (side)}{i > 0 ? ', ' : ''}{side}
				{#if factor[side]}<span class="figure font-semibold">{times(factor[side])}</span
					>{/if}{/each}
		</p>
		<details>
			<summary class="cursor-pointer text-sm">Both gauges in every notation</summary>
			<!-- Wider than a phone: it scrolls, by keys too. -->
			<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
			<div class="overflow-x-auto" role="region" aria-label="Both gauges" tabindex="0">
				<table class="w-full text-sm">
					<thead>
						<tr class="hint text-left">
							<th></th>
							{#each NOTATION_OPTIONS as n (n.value)}<th
									class="py-1 pr-2 font-normal whitespace-nowrap">{n.label}</th
								>{/each}
						</tr>
					</thead>
					{#each given as side (side)}
						<tbody class="rule-line border-t">
							{#each WHOSE as whose (whose)}
								<tr>
									<th class="hint pr-2 text-left font-normal whitespace-nowrap"
										>{whose === 'theirs' ? `pattern, ${side}` : 'mine'}</th
									>
									{#each NOTATION_OPTIONS as n (n.value)}
										<td class="figure pr-2 whitespace-nowrap"
											>{shortReading(
												printReadingSide(perCm(side, whose), context(side, n.value))
											)}</td
										>
									{/each}
								</tr>
							{/each}
							<tr>
								<th class="hint pb-1 text-left font-normal">factor</th>
								<td colspan="5" class="figure pb-1 font-semibold"
									>{#if factor[side]}{times(factor[side])}{/if}</td
								>
							</tr>
						</tbody>
					{/each}
				</table>
			</div>
		</details>
	{/if}
</div>
