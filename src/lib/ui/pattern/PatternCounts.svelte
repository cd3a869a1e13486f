<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { convert, usualKeep, type Keep } from '$lib/core/convert/written';
	import type { WrittenPattern } from '$lib/core/model/written';
	import { printValue } from '$lib/core/quantity/print';
	import { wordMisfit } from '$lib/core/words/written';
	import Choice from '../parts/Choice.svelte';
	import type { Reading } from './reading.svelte';

	/** Every count of a pattern as a whole count here, with what it has to keep to. */
	interface Props {
		reading: Reading;
		onchange: (patch: Partial<WrittenPattern>) => void;
	}
	let { reading, onchange }: Props = $props();
	const { pattern, counts, theirs, mine, on } = $derived(reading);
	const keepOf = (i: number): Keep => {
		const k = pattern.keep[i] ?? '';
		if (k === '') return usualKeep(entryAt(counts, i), pattern.mode);
		if (k === 'any' || k === 'even' || k === 'odd') return k;
		const multipleOf = Number(k);
		return Number.isInteger(multipleOf) && multipleOf >= 2 ? { multipleOf } : 'any';
	};
	const setKeep = (i: number, k: string) =>
		onchange({
			keep: Array.from({ length: Math.min(1000, counts.length) }, (_, j) =>
				j === i ? k : (pattern.keep[j] ?? '')
			)
		});
	const rows = $derived(
		counts.map((c, i) =>
			convert(c, keepOf(i), { theirs, mine, machine: on.machine, mode: pattern.mode })
		)
	);
	/** The usual, named for this count. */
	const USUAL = { any: 'as is', even: 'stays even', odd: 'stays odd' };
</script>

<div class="mb-2">
	<Choice
		label="Made as"
		value={pattern.mode}
		options={[
			{ value: 'panel', label: 'a panel' },
			{ value: 'tube', label: 'a tube' }
		]}
		onvalue={(mode) => onchange({ mode })}
	/>
</div>
{#if counts.length > 0}
	<table class="w-full text-sm">
		<thead>
			<tr class="hint text-left">
				<th class="py-1 font-normal">the pattern’s words</th>
				<th class="font-normal">its count</th>
				<th class="font-normal">kept</th>
				<th class="font-normal">here</th>
				<th class="font-normal">measures</th>
			</tr>
		</thead>
		<tbody>
			{#each rows as r, i (i)}
				{@const c = entryAt(counts, i)}
				<tr class="rule-line border-t">
					<td class="py-1 pr-2">{c.words}</td>
					<td class="pr-2 whitespace-nowrap"
						><span class="figure">{c.count}</span>
						{c.side === 'rows' ? 'rows' : 'st'}</td
					>
					<td class="pr-2">
						<select
							class="select w-full keep"
							aria-label={`${c.count} ${c.side} must be`}
							value={pattern.keep[i] ?? ''}
							onchange={(e) => setKeep(i, e.currentTarget.value)}
						>
							<option value="">{USUAL[usualKeep(c, pattern.mode) as 'any']}</option>
							<option value="any">whole</option>
							<option value="even">even</option>
							<option value="odd">odd</option>
							{#each [3, 4, 5, 6, 8, 10] as m (m)}<option value={String(m)}>by {m}</option>{/each}
						</select>
					</td>
					{#if r}
						<td class="pr-2 whitespace-nowrap">
							<span class="figure text-lg font-semibold">{r.whole}</span>
							<span class="hint">from {r.exact.mean.toFixed(1)}</span>
						</td>
						<td class="figure whitespace-nowrap">{printValue(r.cm, 'length', on.units)}</td>
					{:else}
						<td colspan="2" class="hint">needs the pattern’s {c.side} to a length</td>
					{/if}
				</tr>
				{#each r?.misfits ?? [] as m (m.code)}
					<tr><td colspan="5" class="text-warning pb-1 text-sm">{wordMisfit(m, on.units)}</td></tr>
				{/each}
			{/each}
		</tbody>
	</table>
{:else}
	<p class="quiet text-sm">
		No count of stitches or rows yet: “cast on 88, 22 rows” gives two. Each becomes a whole count
		here.
	</p>
{/if}

<style>
	.keep {
		min-height: 1.8rem;
		width: 6.6rem;
		font-size: 0.875rem;
	}
</style>
