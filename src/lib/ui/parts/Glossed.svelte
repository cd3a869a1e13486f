<script lang="ts">
	import { Popover } from 'bits-ui';
	import { glossed } from '$lib/core/words/glossary';

	/** A sentence whose words of the field can be asked: a press or a key opens what each means, where it stands. */
	let { text }: { text: string } = $props();
	const parts = $derived(glossed(text));
</script>

{#each parts as p, i (i)}{#if typeof p === 'string'}{p}{:else}<Popover.Root
			><Popover.Trigger
				>{#snippet child({ props })}<span
						{...props}
						role="button"
						tabindex="0"
						class="decoration-base-content/50 cursor-help underline decoration-dotted underline-offset-3"
						aria-label={`${p.said}: what it means`}>{p.said}</span
					>{/snippet}</Popover.Trigger
			><Popover.Portal
				><Popover.Content
					class="bg-base-100 text-base-content rule-line z-50 max-w-[min(90vw,22rem)] rounded-[5px] border-[1.5px] p-3 text-base shadow-lg"
					sideOffset={4}
					collisionPadding={8}
					role="note"
					aria-label={p.said}><b class="figure">{p.term.word}</b>: {p.term.means}</Popover.Content
				></Popover.Portal
			></Popover.Root
		>{/if}{/each}
