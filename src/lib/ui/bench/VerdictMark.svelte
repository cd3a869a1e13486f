<script lang="ts">
	import type { Verdict } from '$lib/core/model/kinds';
	import { VERDICT_WORDS } from './words';

	interface Props {
		verdict: Verdict;
		disputed?: boolean;
		/** True where words beside it say the same. */
		worded?: boolean;
	}
	let { verdict, disputed = false, worded = false }: Props = $props();
	const SHAPES = {
		runs: { d: 'M2 7.5 5.5 11 12 3.5', tone: 'text-success' },
		care: { d: 'M7 2.5v5.5M7 11v.6', tone: 'text-warning' },
		fails: { d: 'M3 3l8 8M11 3l-8 8', tone: 'text-error' }
	} as const;
	const shape = $derived(SHAPES[verdict]);
</script>

<!-- A tick, a mark of care, a cross: the shape says it, the colour only helps. -->
<svg
	class={[shape.tone, 'size-4 shrink-0']}
	viewBox="0 0 14 14"
	role={worded ? undefined : 'img'}
	aria-hidden={worded}
	aria-label={worded ? undefined : `${VERDICT_WORDS[verdict]} here`}
>
	{#if !worded}<title>{VERDICT_WORDS[verdict]} here</title>{/if}
	<path
		d={shape.d}
		fill="none"
		stroke="currentColor"
		stroke-width="2.4"
		stroke-linecap="round"
		stroke-linejoin="round"
		stroke-dasharray={disputed ? '2.5 3' : undefined}
	/>
</svg>
