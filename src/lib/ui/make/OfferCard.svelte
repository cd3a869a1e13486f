<script lang="ts">
	import type { Offer } from '$lib/core/gallery/offer';
	import { printWithSpread } from '$lib/core/quantity/print';
	import { rowsWord } from '$lib/core/quantity/say';
	import ThingPicture from '../pictures/ThingPicture.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	/** One thing that can be made: drawn from what it would be knitted with, and what it would take. */
	interface Props {
		name: string;
		/** Undefined while it is being worked out, null where it cannot be made of this. */
		offer: Offer | null | undefined;
		onchoose: () => void;
		/** One of few. */
		large?: boolean;
	}
	let { name, offer, onchoose, large = false }: Props = $props();
	const workbench = useWorkbench();
	const room = $derived(large ? { wide: 260, high: 230 } : { wide: 150, high: 132 });
	/** It fills its room, and what is small is not blown up beyond what a stitch bears, px for a cm. */
	const px = $derived(
		offer
			? Math.min(large ? 9 : 7, room.wide / offer.thing.widthCm, room.high / offer.thing.heightCm)
			: 1
	);
	const STOCK = {
		enough: 'yarn enough',
		close: 'yarn may not last',
		short: 'not enough yarn'
	} as const;
</script>

<li class="card-of">
	<button class="group flex w-full cursor-pointer flex-col text-start" onclick={onchoose}>
		<span class="flex items-end justify-center" style:height={`${room.high + 8}px`}>
			{#if offer}
				<ThingPicture thing={offer.thing} colours={offer.colours} {px} />
			{:else if offer === undefined}
				<span class="skeleton block h-24 w-28" aria-hidden="true"></span>
			{/if}
		</span>
		<span
			class="rule-line figure mt-1 block border-t-[1.5px] pt-1 text-lg leading-tight font-semibold underline-offset-4 group-hover:underline"
			>{name}</span
		>
		{#if offer}
			<span class="text-sm">
				{offer.rows > 0 ? `${rowsWord(offer.rows)} · ` : ''}{printWithSpread(
					offer.minutes,
					'minutes',
					workbench.units
				)}
			</span>
			<span class="text-sm">{printWithSpread(offer.grams, 'mass', workbench.units)}</span>
			<span class="hint">
				{offer.pins} pins ·
				<span class={offer.stock === 'enough' ? '' : 'text-warning font-semibold'}
					>{STOCK[offer.stock]}</span
				>
			</span>
		{:else if offer === null}
			<span class="hint">Not with this machine and yarn.</span>
		{:else}
			<span class="hint">being worked out…</span>
		{/if}
	</button>
</li>

<style>
	.card-of {
		content-visibility: auto;
		contain-intrinsic-size: auto 240px;
	}
</style>
