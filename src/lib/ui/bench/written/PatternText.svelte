<script lang="ts">
	import { readPattern, type Instruction } from '$lib/core/convert/pattern/read';
	import { READ_AS, wordAct, wordWhy } from '$lib/core/words/pattern';
	import Choice from '../../parts/Choice.svelte';

	/** A pattern's text as it was read: every stretch underlined by how, and what it became when it is pressed. */
	let { text }: { text: string } = $props();
	let size = $state(0);
	const read = $derived(readPattern(text, size));
	const sizes = $derived(Array.from({ length: read.sizes }, (_, i) => i));
	let chosen = $state<number | null>(null);
	const toggle = (i: number) => (chosen = chosen === i ? null : i);
	const open = $derived(chosen === null ? undefined : read.instructions[chosen]);
	interface Part {
		readonly words: string;
		readonly of: Instruction | null;
		readonly i: number;
	}
	/** The text in order, stretch by stretch: none of it is left out. */
	const parts = $derived.by(() => {
		const list: Part[] = [];
		let at = 0;
		for (const [i, of] of read.instructions.entries()) {
			const from = Math.max(at, of.from);
			if (from > at) list.push({ words: text.slice(at, from), of: null, i: -1 - i });
			if (of.to > from) list.push({ words: text.slice(from, of.to), of, i });
			at = Math.max(at, of.to);
		}
		if (at < text.length) list.push({ words: text.slice(at), of: null, i: -1 - list.length });
		return list;
	});
	const count = (as: Instruction['as']) => read.instructions.filter((x) => x.as === as).length;
	const KINDS = ['taken', 'guess', 'needs-you', 'not-here'] as const;
	const shown = $derived(KINDS.filter((as) => count(as) > 0));
</script>

{#if text.trim() !== ''}
	<section class="mt-4" aria-label="As it was read">
		<h3 class="mb-1 text-base">As it was read</h3>
		{#if sizes.length > 1}
			<div class="mb-2">
				<Choice
					label="Size, by its place in the lists"
					value={String(size)}
					options={sizes.map((i) => ({ value: String(i), label: String(i + 1) }))}
					onvalue={(v) => (size = Number(v))}
				/>
			</div>
		{/if}
		<p class="read rule-line border p-3 leading-loose whitespace-pre-wrap">
			{#each parts as part (part.i)}{#if part.of && part.of.as !== 'words'}<span
						role="button"
						tabindex="0"
						class={['stretch is-press', part.of.as, chosen === part.i && 'is-open']}
						aria-pressed={chosen === part.i}
						aria-label={`${part.words}: ${READ_AS[part.of.as]}`}
						onclick={() => toggle(part.i)}
						onkeydown={(e) => {
							if (e.key !== 'Enter' && e.key !== ' ') return;
							e.preventDefault();
							toggle(part.i);
						}}>{part.words}</span
					>{:else}<span class="quiet">{part.words}</span>{/if}{/each}
		</p>
		<p class="hint mt-1 leading-relaxed">
			{#each shown as as, k (as)}{k > 0 ? ', ' : ''}<span class={['stretch', as]}
					>{READ_AS[as]}: {count(as)}</span
				>{/each}{shown.length === 0
				? 'Nothing of it asks for knitting.'
				: '. Press a stretch to see what it became.'}
		</p>
		{#each read.oddLists as l (l.from)}
			<p class="text-warning text-sm">
				“{text.slice(l.from, l.to)}” has {l.sizes} sizes where the others have {read.sizes}.
			</p>
		{/each}
		<div role="status">
			{#if open}
				<div class="mt-2 border-base-content border-l-4 pl-3">
					<p class="font-semibold">“{text.slice(open.from, open.to).trim()}”</p>
					{#each open.acts as act, i (i)}<p>{wordAct(act)}</p>{/each}
					{#if open.meanwhile}<p>At the same time as what stands before it.</p>{/if}
					{#if open.why}<p class={open.as === 'needs-you' ? 'text-error' : 'text-warning'}>
							{wordWhy(open.why)}
						</p>{/if}
				</div>
			{/if}
		</div>
	</section>
{/if}

<style>
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
</style>
