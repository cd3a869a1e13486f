<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import {
		usualKeep,
		convert,
		factors,
		handOnly,
		readCounts,
		type Keep
	} from '$lib/core/convert/written';
	import { gaugeFor } from '$lib/core/bench/gauge/gauge';
	import {
		notationExample,
		parseReadingSide,
		printReadingSide
	} from '$lib/core/bench/gauge/notation';
	import { density } from '$lib/core/bench/gauge/density';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import { NOTATIONS, type Notation } from '$lib/core/model/kinds';
	import { printEstimate, printValue } from '$lib/core/quantity/print';
	import { wordProblem } from '$lib/core/words/problems';
	import { wordSource } from '$lib/core/words/sources';
	import { wordHandOnly, wordMisfit } from '$lib/core/words/written';
	import type { WrittenPattern } from '$lib/store/settings';
	import Choice from '../../parts/Choice.svelte';
	import Select from '../../parts/Select.svelte';
	import { gaugeBook } from '$lib/core/bench/gauge/book';
	import PatternText from './PatternText.svelte';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { NOTATION_OPTIONS, shortReading } from '../words';

	let { machine, yarn }: { machine: Machine; yarn: Yarn } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const id = $props.id();
	const typed = $derived(workbench.settings.pattern);
	const set = (patch: Partial<WrittenPattern>) =>
		void workbench.set({ pattern: { ...typed, ...patch } });
	const notation = $derived(NOTATIONS.find((n) => n === typed.notation) ?? 'per-10cm');
	// A written pattern has no machine: its tube is as many stitches as its own gauge says.
	const context = (side: 'stitches' | 'rows', n: Notation = notation) => ({
		notation: n,
		side,
		units,
		pins: machine.pins,
		tubeRows: 40
	});
	const read = $derived({
		stitches: parseReadingSide(typed.stitches, context('stitches')),
		rows: parseReadingSide(typed.rows, context('rows'))
	});
	const mine = $derived(
		gaugeFor({ machine, yarn, book: gaugeBook(workbench.bench), useFresh: false })
	);
	/** As far as the pattern says it: rows alone are enough for its rows. */
	const theirs = $derived(
		read.stitches.ok || read.rows.ok
			? {
					stitchesPerCm: read.stitches.ok ? density(read.stitches.value) : null,
					rowsPerCm: read.rows.ok ? density(read.rows.value) : null
				}
			: null
	);
	const factor = $derived(theirs && factors(theirs, mine));
	const counts = $derived(readCounts(typed.text));
	const keepOf = (i: number): Keep => {
		const k = typed.keep[i] ?? '';
		if (k === '') return usualKeep(entryAt(counts, i), typed.mode);
		if (k === 'any' || k === 'even' || k === 'odd') return k;
		const multipleOf = Number(k);
		return Number.isInteger(multipleOf) && multipleOf >= 2 ? { multipleOf } : 'any';
	};
	const setKeep = (i: number, k: string) =>
		set({
			keep: Array.from({ length: counts.length }, (_, j) => (j === i ? k : (typed.keep[j] ?? '')))
		});
	const rows = $derived(
		theirs
			? counts.map((c, i) => convert(c, keepOf(i), { theirs, mine, machine, mode: typed.mode }))
			: []
	);
	/** The usual, named for this count. */
	const USUAL = { any: 'as is', even: 'stays even', odd: 'stays odd' };
	const byHand = $derived(handOnly(typed.text));
	const SIDES = ['stitches', 'rows'] as const;
	const given = $derived(SIDES.filter((side) => read[side].ok));
	const WHOSE = ['theirs', 'mine'] as const;
	const times = (e: { mean: number; sd: number; basis: 'measured' | 'learned' | 'estimated' }) => {
		const p = printEstimate(e, 'plain', units);
		return p.spread ? `× ${e.mean.toFixed(3)} ± ${e.sd.toFixed(3)}` : `× ${e.mean.toFixed(3)}`;
	};
	const perCm = (side: 'stitches' | 'rows', whose: 'theirs' | 'mine') => {
		const g =
			whose === 'theirs' && theirs
				? theirs
				: { stitchesPerCm: mine.stitchesPerCm.mean, rowsPerCm: mine.rowsPerCm.mean };
		const v = (side === 'stitches' ? g.stitchesPerCm : g.rowsPerCm) ?? 0;
		return side === 'rows' ? { count: 40, overCm: 40 / v } : { count: v, overCm: 1 };
	};
</script>

<div class="grid gap-x-8 gap-y-4 xl:grid-cols-[minmax(15rem,1fr)_1.75fr]">
	<section aria-labelledby={`${id}-pattern`} class="min-w-0">
		<h3 id={`${id}-pattern`} class="mb-1 text-base">The pattern says</h3>
		<Select
			label="Its gauge is given"
			value={notation}
			options={NOTATION_OPTIONS}
			onvalue={(v) => set({ notation: v })}
		/>
		<div class="mt-2 grid grid-cols-2 gap-2">
			{#each SIDES as side (side)}
				{@const r = read[side]}
				{@const wrong = !r.ok && typed[side].trim() !== ''}
				<div class="min-w-0">
					<label class="hint mb-0.5 block" for={`${id}-${side}`}
						>{side === 'stitches' ? 'Stitches' : 'Rows'}</label
					>
					<input
						id={`${id}-${side}`}
						class="input w-full"
						value={typed[side]}
						oninput={(e) => set({ [side]: e.currentTarget.value })}
						placeholder={notationExample(notation, side)}
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
		<div class="mt-3">
			<label class="hint mb-0.5 block" for={`${id}-text`}>Its words, as they stand</label>
			<textarea
				id={`${id}-text`}
				class="textarea w-full min-h-32"
				maxlength="20000"
				placeholder="Back. Cast on 46 sts. Work 40 rows. Cast off 3 sts at beg of next 2 rows. Dec 1 st at each end of every alt row until 32 sts rem."
				value={typed.text}
				oninput={(e) => set({ text: e.currentTarget.value })}></textarea>
		</div>
		<PatternText text={typed.text} />
		<div class="mt-2">
			<Choice
				label="Made as"
				value={typed.mode}
				options={[
					{ value: 'panel', label: 'a panel' },
					{ value: 'tube', label: 'a tube' }
				]}
				onvalue={(mode) => set({ mode })}
			/>
		</div>
	</section>
	<section aria-labelledby={`${id}-here`} class="min-w-0">
		<h3 id={`${id}-here`} class="mb-1 text-base">Here, {yarn.colourName} on {machine.pins} pins</h3>
		<p class="hint mb-2">Mine: {wordSource(mine.rowSource)}.</p>
		{#if theirs && factor}
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
									<th class="hint pr-2 text-left font-normal"
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
			{#if counts.length > 0}
				<table class="mt-4 w-full text-sm">
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
										value={typed.keep[i] ?? ''}
										onchange={(e) => setKeep(i, e.currentTarget.value)}
									>
										<option value="">{USUAL[usualKeep(c, typed.mode) as 'any']}</option>
										<option value="any">whole</option>
										<option value="even">even</option>
										<option value="odd">odd</option>
										{#each [3, 4, 5, 6, 8, 10] as m (m)}<option value={String(m)}>by {m}</option
											>{/each}
									</select>
								</td>
								{#if r}
									<td class="pr-2 whitespace-nowrap">
										<span class="figure text-lg font-semibold">{r.whole}</span>
										<span class="hint">from {r.exact.mean.toFixed(1)}</span>
									</td>
									<td class="figure whitespace-nowrap">{printValue(r.cm, 'length', units)}</td>
								{:else}
									<td colspan="2" class="hint">needs the pattern’s {c.side} to a length</td>
								{/if}
							</tr>
							{#each r?.misfits ?? [] as m (m.code)}
								<tr
									><td colspan="5" class="text-warning pb-1 text-sm">{wordMisfit(m, units)}</td></tr
								>
							{/each}
						{/each}
					</tbody>
				</table>
				<p class="hint mt-1">What you typed stands on the left; all else is worked out.</p>
			{:else}
				<p class="quiet mt-3 text-sm">
					Type its counts as they stand: “cast on 88, 22 rows”. Each becomes a whole count here.
				</p>
			{/if}
		{:else}
			<p class="quiet text-sm">
				With the pattern’s gauge its counts become yours: stitches and rows have a factor each,
				since they do not scale alike.
			</p>
		{/if}
		{#if byHand.length > 0}
			<div class="border-warning mt-3 border-l-4 pl-3 text-sm">
				<p class="font-semibold">Not done by cranking:</p>
				<ul>
					{#each byHand as h (h)}<li>{wordHandOnly(h)}</li>{/each}
				</ul>
			</div>
		{/if}
	</section>
</div>

<style>
	.keep {
		min-height: 1.8rem;
		width: 6.6rem;
		font-size: 0.875rem;
	}
</style>
