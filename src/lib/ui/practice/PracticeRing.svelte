<script lang="ts">
	import { markerPin } from '$lib/core/bench/machine/ring';
	import { numberOf } from '$lib/core/practice/acts';
	import type { Learner } from '$lib/core/practice/lesson';
	import { LAID, type Hand } from '$lib/core/simulate/hand/hand';
	import { degreesTo, pinPlace } from '../pictures/ring-geometry';

	interface Props {
		hand: Hand;
		m: Learner;
		/** The pin that is pointed at, and those that are seen near, from 0. */
		pin: number;
		seen: readonly number[];
		colour: string;
		size?: number;
		onpin: (pin: number) => void;
	}
	let { hand, m, pin, seen, colour, size = 250, onpin }: Props = $props();
	const c = $derived(size / 2);
	const r = $derived(size / 2 - 26);
	const dot = $derived(Math.max(1.8, Math.min(5, (r * 2 * Math.PI) / hand.pins / 3)));
	const at = (p: number, radius: number) => {
		const [x, y] = pinPlace(p + 1, hand.pins, radius, m.turns);
		return { x: c + x, y: c + y };
	};
	const angle = $derived(degreesTo((hand.pos % hand.pins) + 1, hand.pins, m.turns));
	const marker = $derived(markerPin(m) - 1);
	const loopAt = (p: number): number | null => {
		if (hand.bed.made === 0 && hand.laid[p] === LAID.before) return r + dot * 2;
		if (hand.bed.made === 0 && hand.laid[p] === LAID.behind) return r - dot * 2;
		if (hand.bed.made === 0 && (hand.laid[p] ?? 0) > LAID.behind) return r;
		if ((hand.bed.top[p] ?? -2) === -2) return null;
		return hand.high[p] === 1 ? r + dot * 2.2 : r - dot * 2.2;
	};
	const near = $derived(new Set(seen));
	function tap(e: MouseEvent & { currentTarget: SVGSVGElement }) {
		const box = e.currentTarget.getBoundingClientRect();
		const x = ((e.clientX - box.left) / box.width) * size - c;
		const y = ((e.clientY - box.top) / box.height) * size - c;
		const turned = Math.atan2(y, x) - (angle * Math.PI) / 180;
		const way = m.turns === 'clockwise' ? 1 : -1;
		const steps = Math.round(((way * (Math.PI / 2 - turned)) / (2 * Math.PI)) * hand.pins);
		onpin(((steps % hand.pins) + hand.pins) % hand.pins);
	}
</script>

<!-- The near view beside it has every pin for the keyboard. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
<svg
	class="h-auto max-w-full cursor-pointer"
	width={size}
	height={size}
	viewBox={`0 0 ${size} ${size}`}
	role="img"
	aria-label={`The ring from above, ${hand.pins} pins, pin ${numberOf(m, hand.pos)} at the feeder`}
	onclick={tap}
>
	<circle
		cx={c}
		cy={c}
		r={r + dot * 4}
		fill="none"
		stroke="currentColor"
		stroke-opacity="0.25"
		stroke-width="1.5"
	/>
	<g
		class="transition-transform duration-200"
		style:transform={`rotate(${angle}deg)`}
		style:transform-origin={`${c}px ${c}px`}
	>
		{#each { length: hand.pins }, p (p)}
			{@const place = at(p, r)}
			{@const loop = loopAt(p)}
			{@const works = hand.bed.inWork[p] === 1 || hand.bed.made === 0}
			{#if near.has(p)}
				{@const out = at(p, r + dot * 4)}
				<circle cx={out.x} cy={out.y} r={Math.max(2, dot * 0.7)} class="fill-base-content/50" />
			{/if}
			<circle
				cx={place.x}
				cy={place.y}
				r={p === marker ? dot * 1.4 : works ? dot : dot * 0.6}
				class={p === marker ? 'fill-accent' : 'fill-base-100'}
				stroke="currentColor"
				stroke-opacity={works ? 1 : 0.45}
				stroke-width={p === marker ? 2 : 1.2}
			/>
			{#if loop !== null}
				{@const l = at(p, loop)}
				<circle cx={l.x} cy={l.y} r={dot} fill={colour} stroke="currentColor" stroke-width="0.8" />
			{/if}
			{#if p === pin}
				<circle
					cx={place.x}
					cy={place.y}
					r={dot * 2.6}
					fill="none"
					class="stroke-base-content"
					stroke-width="2.4"
				/>
			{/if}
			{#if p === marker || p === pin}
				{@const t = at(p, r - dot * 3 - 13)}
				<text
					x={t.x}
					y={t.y + 4}
					text-anchor="middle"
					class="figure fill-current text-[13px]"
					transform={`rotate(${-angle} ${t.x} ${t.y})`}>{numberOf(m, p)}</text
				>
			{/if}
		{/each}
	</g>
	<path d={`M${c - 6} ${size - 1}h12l-6 -10z`} class="fill-current" />
</svg>
