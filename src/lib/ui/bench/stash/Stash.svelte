<script lang="ts">
	import { gaugeFor } from '$lib/core/bench/gauge/gauge';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import { FIBRES } from '$lib/core/model/kinds';
	import { printValue } from '$lib/core/quantity/print';
	import { workingClass } from '$lib/core/bench/yarn/held-together';
	import { gramsOnHand } from '$lib/core/bench/yarn/parts';
	import { testsOf } from '$lib/core/bench/yarn/trials';
	import { WEIGHT_CLASSES } from '$lib/core/bench/yarn/weight-class';
	import { tick } from 'svelte';
	import Select from '../../parts/Select.svelte';
	import YarnCake from '../../pictures/YarnCake.svelte';
	import { gaugeBook } from '$lib/core/bench/gauge/book';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { OPEN_SIEVE, sift, type Sieve, type Stashed } from './sift';
	import VerdictMark from '../VerdictMark.svelte';

	interface Props {
		machine: Machine | undefined;
		yarn: Yarn | undefined;
		onchoose: (y: Yarn) => void;
		onedit: () => void;
		onadd: () => void;
	}
	let { machine, yarn, onchoose, onedit, onadd }: Props = $props();
	const workbench = useWorkbench();
	let sieve = $state.raw<Sieve>(OPEN_SIEVE);
	/** As many cakes as fill the list a few times over; more are drawn as it is scrolled. */
	const FIRST = 50;
	let drawn = $state(FIRST);
	function set(patch: Partial<Sieve>) {
		sieve = { ...sieve, ...patch };
		drawn = FIRST;
	}
	function onscroll(e: UIEvent & { currentTarget: HTMLElement }) {
		const { scrollTop, clientHeight, scrollHeight } = e.currentTarget;
		if (scrollHeight - scrollTop - clientHeight < 600)
			drawn = Math.min(found.length, drawn + FIRST);
	}

	const byId = $derived(new Map(workbench.bench.yarns.map((y) => [y.id, y])));
	const stash = $derived(
		workbench.bench.yarns.map((y): Stashed => {
			const gauge =
				machine &&
				gaugeFor({ machine, yarn: y, book: gaugeBook(workbench.bench), useFresh: false });
			const tests = machine
				? testsOf(y, workbench.bench.tests, workbench.bench.yarns).filter(
						(t) => t.machineId === machine.id && t.strands === y.strands
					)
				: [];
			return {
				yarn: y,
				grams: gramsOnHand(y, (id) => byId.get(id)),
				measured: gauge !== undefined && gauge.rowsPerCm.basis !== 'estimated',
				verdict: tests[0]?.verdict ?? null
			};
		})
	);
	const found = $derived(sift(stash, sieve));
	const many = $derived(stash.length > 8);
	const sifted = $derived(sieve.find !== '' || found.length < stash.length);

	/** Arrow keys move through what is found. */
	function onkeydown(e: KeyboardEvent) {
		const step = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
		if (step === 0) return;
		const at = found.findIndex((s) => s.yarn.id === yarn?.id);
		const next = found[Math.min(found.length - 1, Math.max(0, at + step))];
		if (!next) return;
		e.preventDefault();
		drawn = Math.max(drawn, at + 2 * FIRST);
		onchoose(next.yarn);
		void tick().then(() => document.getElementById(`stash-${next.yarn.id}`)?.focus());
	}
</script>

<section aria-labelledby="yarns-title" class="min-w-0">
	<div class="mb-2 flex items-center gap-2">
		<h2 id="yarns-title" class="text-xl">Yarns</h2>
		<span class="hint" role="status"
			>{sifted ? `${found.length} of ${stash.length}` : stash.length || ''}</span
		>
		<a class="hint ml-auto underline" href="/keep#tables">as a table</a>
		<button class="btn btn-sm" onclick={onadd}>Add a yarn</button>
	</div>
	{#if stash.length === 0}
		<p class="quiet">
			The label says most of it: metres, grams, fibre. Add the one you want to start with.
		</p>
	{/if}
	{#if many}
		<div class="sieve mb-2 grid grid-cols-2 gap-1.5">
			<input
				class="input col-span-2 w-full"
				type="search"
				placeholder="Find by name, colour, fibre"
				aria-label="Find a yarn"
				value={sieve.find}
				oninput={(e) => set({ find: e.currentTarget.value })}
			/>
			<Select
				label="Show"
				hideLabel
				value={sieve.show}
				options={[
					{ value: 'all', label: 'all yarns' },
					{ value: 'on-hand', label: 'some left' },
					{ value: 'measured', label: 'measured here' },
					{ value: 'unmeasured', label: 'no swatch here' },
					{ value: 'phases', label: 'long phases' },
					{ value: 'together', label: 'held together' }
				]}
				onvalue={(v) => set({ show: v as Sieve['show'] })}
			/>
			<Select
				label="Weight class"
				hideLabel
				value={sieve.weightClass === null ? '' : String(sieve.weightClass)}
				options={[
					{ value: '', label: 'any class' },
					...WEIGHT_CLASSES.map((c) => ({ value: String(c.class), label: `${c.class} ${c.name}` }))
				]}
				onvalue={(v) => set({ weightClass: v === '' ? null : Number(v) })}
			/>
			<Select
				label="Fibre"
				hideLabel
				value={sieve.fibre ?? ''}
				options={[
					{ value: '', label: 'any fibre' },
					...FIBRES.map((f) => ({ value: f, label: f }))
				]}
				onvalue={(v) => set({ fibre: FIBRES.find((f) => f === v) ?? null })}
			/>
			<Select
				label="Sort"
				hideLabel
				value={sieve.sort}
				options={[
					{ value: 'name', label: 'by name' },
					{ value: 'thickness', label: 'thin to thick' },
					{ value: 'amount', label: 'most left first' },
					{ value: 'colour', label: 'by colour' }
				]}
				onvalue={(v) => set({ sort: v as Sieve['sort'] })}
			/>
		</div>
	{/if}
	<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
	<ul class="max-h-[31rem] overflow-y-auto pr-1" {onkeydown} {onscroll}>
		{#each found.slice(0, drawn) as s (s.yarn.id)}
			{@const y = s.yarn}
			{@const on = y.id === yarn?.id}
			<li class="stashed flex items-center gap-2">
				<button
					id={`stash-${y.id}`}
					class={[
						'flex min-w-0 flex-1 items-center gap-2 rounded-[5px] border-[1.5px] py-0.5 pr-2 text-left',
						on ? 'border-base-content bg-base-200' : 'hover:bg-base-200 border-transparent'
					]}
					aria-pressed={on}
					onclick={() => onchoose(y)}
				>
					<YarnCake yarn={y} grams={s.grams} lookup={(id) => byId.get(id)} size={52} />
					<span class="min-w-0 flex-1">
						<span class="block truncate font-semibold">{y.colourName}</span>
						<span class="hint block truncate"
							>{y.name}, class {workingClass(y)}{y.strands > 1
								? `, ${y.strands} strands`
								: ''}{y.unravelled ? ', unravelled' : ''}{y.cutFrom
								? `, cut from ${byId.get(y.cutFrom)?.colourName ?? 'a cake that is gone'}`
								: ''}</span
						>
					</span>
					{#if s.verdict}<VerdictMark verdict={s.verdict} />{/if}
					<span class="text-right text-sm whitespace-nowrap">
						<span class="figure block">{printValue(s.grams, 'mass', workbench.units)}</span>
						<span class="hint block">{s.measured ? 'measured' : 'no swatch'}</span>
					</span>
				</button>
				{#if on}<button
						class="btn btn-sm"
						onclick={onedit}
						aria-label={`Change ${y.name}, ${y.colourName}`}>Change</button
					>{/if}
			</li>
		{/each}
	</ul>
	{#if stash.length > 0 && found.length === 0}
		<p class="quiet py-3 text-sm">
			None is like that. <button
				class="underline"
				onclick={() => set({ ...OPEN_SIEVE, sort: sieve.sort })}>Show all again</button
			>
		</p>
	{/if}
</section>

<style>
	/* What is out of sight is not drawn: hundreds of cakes scroll as a dozen do. */
	.stashed {
		content-visibility: auto;
		contain-intrinsic-size: auto 58px;
	}
	.sieve :global(:is(.input, .select)) {
		min-height: 1.9rem;
		font-size: 0.875rem;
	}
</style>
