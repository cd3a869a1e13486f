<script lang="ts">
	import { tick } from 'svelte';
	import type { Correction } from '$lib/core/model/written';
	import { READ_AS, wordAct } from '$lib/core/words/pattern';
	import { printValue } from '$lib/core/quantity/print';
	import Correct from './Correct.svelte';
	import type { Reading, Stretch } from './reading.svelte';

	/** A pattern's text as it was read: every stretch underlined by how, and what it became when it is pressed. */
	interface Props {
		reading: Reading;
		oncorrect: (corrections: Correction[]) => void;
	}
	let { reading, oncorrect }: Props = $props();
	const text = $derived(reading.pattern.text);
	const stretches = $derived(reading.stretches);
	/** By where it begins: what is read otherwise now is still open. */
	let chosen = $state<number | null>(null);
	const open = $derived(stretches.find((s) => s.from === chosen));
	let host: HTMLElement | undefined = $state();
	interface Part {
		readonly words: string;
		readonly of: Stretch | null;
		readonly key: string;
	}
	/** The text in order, stretch by stretch: none of it is left out. */
	const parts = $derived.by(() => {
		const list: Part[] = [];
		let at = 0;
		for (const of of stretches) {
			const from = Math.max(at, of.from);
			if (from > at) list.push({ words: text.slice(at, from), of: null, key: `w${at}` });
			if (of.to > from) list.push({ words: text.slice(from, of.to), of, key: `s${from}` });
			at = Math.max(at, of.to);
		}
		if (at < text.length) list.push({ words: text.slice(at), of: null, key: `w${at}` });
		return list;
	});
	const count = (as: Stretch['as']) => stretches.filter((s) => s.as === as).length;
	const KINDS = ['taken', 'guess', 'needs-you', 'not-here', 'words'] as const;
	const shown = $derived(KINDS.filter((as) => count(as) > 0));
	const said = $derived(stretches.filter((s) => s.of.some((x) => x.corrected)).length);
	const asking = $derived(stretches.filter((s) => s.as === 'needs-you'));
	async function next() {
		const one = asking.find((s) => s.from > (chosen ?? -1)) ?? asking[0];
		if (!one) return;
		chosen = one.from;
		await tick();
		const el = host?.querySelector<HTMLElement>('[aria-pressed=true]');
		el?.scrollIntoView({ block: 'center' });
		el?.focus({ preventScroll: true });
	}
	const perCm = (v: number | null, what: string) =>
		v === null ? [] : [`${(v * 10).toFixed(1)} ${what}`];
</script>

<div class="grid gap-3">
	<p class="hint flex flex-wrap items-baseline gap-x-4 gap-y-1 leading-relaxed">
		{#each shown as as (as)}<span
				><span class={['stretch', as]}>{READ_AS[as]}</span> {count(as)}</span
			>{:else}<span>Nothing of it asks for knitting.</span>{/each}
		{#if said > 0}<span><span class="stretch said">as you said it</span> {said}</span>{/if}
		{#if asking.length > 0}
			<button class="btn btn-sm btn-accent ml-auto" onclick={next}
				>{asking.length === 1 ? 'Show what needs you' : 'Next that needs you'}</button
			>
		{/if}
	</p>
	<div
		bind:this={host}
		class="read rule-line border p-3 leading-loose whitespace-pre-wrap"
		role="region"
		aria-label="As it was read"
	>
		{#each parts as part (part.key)}{#if part.of}<span
					role="button"
					tabindex={part.of.as === 'words' && part.of.from !== chosen ? -1 : 0}
					class={[
						'stretch is-press',
						part.of.as,
						part.of.of.some((x) => x.corrected) && 'said',
						chosen === part.of.from && 'is-open'
					]}
					aria-pressed={chosen === part.of.from}
					aria-label={`${part.words.trim()}: ${READ_AS[part.of.as]}${part.of.of.some((x) => x.corrected) ? ', as you said it' : ''}`}
					onclick={() => (chosen = chosen === part.of?.from ? null : (part.of?.from ?? null))}
					onkeydown={(e) => {
						if (e.key !== 'Enter' && e.key !== ' ') return;
						e.preventDefault();
						chosen = chosen === part.of?.from ? null : (part.of?.from ?? null);
					}}>{part.words}</span
				>{:else}{part.words}{/if}{/each}
	</div>
	{#each reading.read.oddLists as l (l.from)}
		<p class="text-warning text-sm">
			“{text.slice(l.from, l.to)}” has {l.sizes} sizes where the others have {reading.read.sizes}.
		</p>
	{/each}
	<div role="status">
		{#if open}
			{@const words = text.slice(open.from, open.to)}
			<section class="bg-base-200 rounded-[5px] p-3" aria-label="What it became">
				<p class="font-semibold">“{words.replace(/\s+/g, ' ').trim()}”</p>
				{#each open.of as one, k (k)}
					{#each one.acts as act, i (i)}
						<p>{one.meanwhile && i === 0 ? 'At the same time: ' : ''}{wordAct(act)}</p>
					{/each}
					{#if one.gauge}
						<p>
							Its gauge: {[
								...perCm(one.gauge.stitchesPerCm, 'stitches'),
								...perCm(one.gauge.rowsPerCm, 'rows')
							].join(' and ')} to {printValue(10, 'length', reading.on.units)}.
						</p>
					{/if}
				{/each}
				{#if open.as === 'words'}<p class="quiet">Only words: nothing of it is knitted.</p>{/if}
				{#each open.whys as why (why)}
					<p class={open.as === 'needs-you' ? 'text-error' : 'text-warning'}>{why}</p>
				{/each}
				{#key open.from}
					<Correct
						{text}
						from={open.from}
						to={open.to}
						size={reading.pattern.size}
						corrections={reading.pattern.corrections}
						{oncorrect}
					/>
				{/key}
			</section>
		{/if}
	</div>
</div>

<style>
	.read {
		max-height: 70vh;
		overflow-y: auto;
	}
	.stretch {
		text-align: start;
		text-decoration: underline;
		text-decoration-thickness: 2px;
		text-underline-offset: 0.25em;
		border-radius: 3px;
	}
	/* No button: words break over lines. */
	.is-press {
		cursor: pointer;
		padding: 0.2rem 0;
		box-decoration-break: clone;
		-webkit-box-decoration-break: clone;
	}
	.is-press:hover,
	.is-open {
		background: var(--color-base-200);
	}
	.taken {
		text-decoration-color: color-mix(in oklch, var(--color-base-content) 55%, transparent);
	}
	/* As the maker said it. */
	.said {
		text-decoration-style: double;
	}
	.guess {
		text-decoration-style: dashed;
	}
	.needs-you {
		text-decoration-style: wavy;
		text-decoration-color: var(--color-error);
	}
	.not-here {
		text-decoration-style: dotted;
		text-decoration-color: var(--color-warning);
	}
	.words {
		text-decoration: none;
		color: color-mix(in oklch, var(--color-base-content) 72%, transparent);
	}
</style>
