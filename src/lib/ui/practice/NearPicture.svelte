<script lang="ts">
	import { facingOf } from '$lib/core/practice/drawing/facing';
	import { nearOf } from '$lib/core/practice/drawing/near';
	import type { Learner, Try } from '$lib/core/practice/lesson';
	import { sayPin } from '$lib/core/practice/say';
	import type { Hand } from '$lib/core/simulate/hand/hand';
	import InkDrawing from '../how/InkDrawing.svelte';

	interface Props {
		hand: Hand;
		m: Learner;
		faces: Try['faces'];
		pin: number;
		pins: number;
		rows: number;
		colour: string;
		onpin: (pin: number) => void;
	}
	let { hand, m, faces, pin, pins, rows, colour, onpin }: Props = $props();
	const seen = $derived({ hand, m, centre: pin, pins, rows });
	const off = $derived(hand.bed.ends() === undefined && hand.bed.made > 0);
	const near = $derived(faces && off ? facingOf(seen, faces) : nearOf(seen));
	const tall = $derived(faces && off ? near.height / 2 : near.height);
</script>

<InkDrawing diagram={near} outer={colour} fluid>
	{#snippet over()}
		{#each near.places as p (`${p.pin} ${p.back}`)}
			<!-- svelte-ignore a11y_click_events_have_key_events -->
			<rect
				role="button"
				tabindex="-1"
				aria-label={sayPin(hand, p.pin, m)}
				x={p.x - 22}
				y={faces && off && !p.back ? tall : 0}
				width="44"
				height={tall}
				rx="5"
				class={['cursor-pointer fill-transparent', p.pin === pin && 'stroke-accent']}
				stroke-width="2.5"
				onclick={() => onpin(p.pin)}
			/>
		{/each}
	{/snippet}
</InkDrawing>
