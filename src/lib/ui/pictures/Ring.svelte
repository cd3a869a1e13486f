<script lang="ts">
	import type { Turns } from '$lib/core/model/kinds';
	import { pinNumber } from '$lib/core/model/pin-number';
	import { degreesTo, pinPlace, wayOf } from './ring-geometry';

	interface Props {
		pins: number;
		/** 1-based marker pin. */
		marker: number;
		/** The number that the first pin carries. */
		firstPin?: number;
		size?: number;
		turns?: Turns;
		/** Whole turns done, in a tube. */
		turn?: number;
		/** The pin, from 1, that stands at the feeder now. */
		at?: number;
		colour?: string;
		/** Pins with a loop. */
		loaded?: boolean;
		/** Pins in work, from 1, both included; the others stand idle. */
		inWork?: { readonly low: number; readonly high: number } | null;
		/** Pins the hands work at next, from 1, in their order. */
		next?: readonly number[];
		/** Which way the ring goes next. */
		way?: 'forward' | 'back' | null;
		/** Weave shown up to this many pins, or null for none. */
		weave?: number | null;
		label?: string;
		numbers?: boolean;
		/** Pins that fault more than chance, from 1. */
		suspects?: readonly number[];
		/** The pin chosen, from 1. */
		chosen?: number | null;
		/** Called with the pin, from 1, that is tapped. */
		onpin?: (pin: number) => void;
	}
	let {
		pins,
		marker,
		firstPin = 1,
		size = 200,
		turns = 'clockwise',
		turn = 0,
		at = 1,
		colour = 'currentColor',
		loaded = true,
		inWork = null,
		next = [],
		way = null,
		weave = null,
		label,
		numbers = false,
		suspects = [],
		chosen = null,
		onpin
	}: Props = $props();

	const numberAt = (at: number) => pinNumber({ pins, firstPin }, at);
	const c = $derived(size / 2);
	const r = $derived(size / 2 - (numbers ? 24 : way ? 20 : 12));
	const pinR = $derived(Math.max(1.6, Math.min(5, (r * Math.PI * 2) / pins / 3.2)));
	const place = (pin: number, radius: number) => {
		const [x, y] = pinPlace(pin, pins, radius, turns);
		return [c + x, c + y] as const;
	};
	const angle = $derived(wayOf(turns) * turn * 360 + degreesTo(at, pins, turns));
	const works = (pin: number) => !inWork || (pin >= inWork.low && pin <= inWork.high);
	const weavePath = $derived.by(() => {
		if (weave === null) return '';
		const n = Math.min(weave, pins);
		let d = '';
		for (let p = 1; p <= n; p++) {
			const [x, y] = place(p, p % 2 === 1 ? r + pinR * 2.4 : r - pinR * 2.4);
			d += `${p === 1 ? 'M' : 'L'}${x} ${y}`;
		}
		return d;
	});
	const named = (pin: number) =>
		pin === marker ||
		pin === inWork?.low ||
		pin === inWork?.high ||
		(numbers && (pin === 1 || numberAt(pin - 1) % 5 === 0));
	/** An arc with a head just outside the ring beside the feeder, the way the ring goes there. */
	const arrow = $derived.by(() => {
		if (!way) return '';
		const goes = (way === 'forward' ? 1 : -1) * wayOf(turns);
		const radius = r + 15;
		const on = (deg: number) => {
			const a = ((90 + goes * deg) * Math.PI) / 180;
			return [c + radius * Math.cos(a), c + radius * Math.sin(a)] as const;
		};
		const [x0, y0] = on(12);
		const [x1, y1] = on(46);
		const a = ((90 + goes * 46) * Math.PI) / 180;
		// The head: two strokes back from the tip, along the circle.
		const back = (spread: number) => {
			const b = a - (goes * Math.PI) / 2 + spread;
			return `${x1 + 11 * Math.cos(b)} ${y1 + 11 * Math.sin(b)}`;
		};
		return `M${x0} ${y0}A${radius} ${radius} 0 0 ${goes > 0 ? 1 : 0} ${x1} ${y1}M${back(0.5)}L${x1} ${y1}L${back(-0.5)}`;
	});
	function tap(e: MouseEvent & { currentTarget: SVGSVGElement }) {
		if (!onpin) return;
		const box = e.currentTarget.getBoundingClientRect();
		const x = ((e.clientX - box.left) / box.width) * size - c;
		const y = ((e.clientY - box.top) / box.height) * size - c;
		const turned = Math.atan2(y, x) - (angle * Math.PI) / 180;
		const steps = (wayOf(turns) * (Math.PI / 2 - turned)) / (2 * Math.PI);
		onpin((((Math.round(steps * pins) % pins) + pins) % pins) + 1);
	}
</script>

<!-- With onpin the pins can be tapped; the keyboard has the field beside it. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
<svg
	class={['h-auto max-w-full', onpin && 'cursor-pointer']}
	width={size}
	height={size}
	viewBox={`0 0 ${size} ${size}`}
	role="img"
	onclick={onpin ? tap : undefined}
	aria-label={label ??
		`Ring of ${pins} pins${suspects.length ? `, pin ${suspects.map((p) => numberAt(p - 1)).join(' and ')} faults often` : ''}`}
>
	<circle
		cx={c}
		cy={c}
		r={r + pinR * 1.2}
		fill="none"
		stroke="currentColor"
		stroke-opacity="0.28"
		stroke-width="1.5"
	/>
	<circle
		cx={c}
		cy={c}
		r={r - pinR * 3.6}
		fill="none"
		stroke="currentColor"
		stroke-opacity="0.16"
		stroke-width="1.5"
	/>
	<g
		class="transition-transform duration-200"
		style:transform={`rotate(${angle}deg)`}
		style:transform-origin={`${c}px ${c}px`}
	>
		{#if loaded && !inWork}
			<circle
				cx={c}
				cy={c}
				r={r - pinR * 2}
				fill="none"
				stroke={colour}
				stroke-width={pinR * 1.6}
				stroke-dasharray={`${((r - pinR * 2) * 2 * Math.PI) / pins - 1.2} 1.2`}
			/>
		{/if}
		{#each { length: pins }, i (i)}
			{@const pin = i + 1}
			{@const [x, y] = place(pin, r)}
			{@const isMarker = pin === marker}
			{#if loaded && inWork && works(pin)}
				{@const [lx, ly] = place(pin, r - pinR * 2)}
				<circle cx={lx} cy={ly} r={pinR * 0.95} fill={colour} />
			{/if}
			<circle
				cx={x}
				cy={y}
				r={isMarker ? pinR * 1.5 : works(pin) ? pinR : pinR * 0.6}
				class={isMarker ? 'fill-accent' : 'fill-base-100'}
				stroke="currentColor"
				stroke-opacity={works(pin) || isMarker ? 1 : 0.45}
				stroke-width={isMarker ? 2 : 1.2}
			/>
		{/each}
		{#each next as pin, i (i)}
			{@const [x, y] = place(pin, r)}
			<circle cx={x} cy={y} r={pinR * 2} class="stroke-accent" fill="none" stroke-width="2.4" />
		{/each}
		{#each suspects as pin (pin)}
			{@const [x, y] = place(pin, r)}
			<circle cx={x} cy={y} r={pinR * 2.6} fill="none" class="stroke-warning" stroke-width="2.2" />
		{/each}
		{#if chosen !== null}
			{@const [x, y] = place(chosen, r)}
			<circle
				cx={x}
				cy={y}
				r={pinR * 2.4}
				class="fill-accent stroke-base-content"
				stroke-width="2"
			/>
		{/if}
		{#if weave !== null}
			<path
				d={weavePath}
				fill="none"
				stroke="currentColor"
				stroke-width="4"
				stroke-linejoin="round"
			/>
			<path d={weavePath} fill="none" stroke={colour} stroke-width="2.2" stroke-linejoin="round" />
		{/if}
		{#if numbers || inWork}
			{#each { length: pins }, i (i)}
				{#if named(i + 1)}
					{@const [x, y] = place(i + 1, numbers && i + 1 !== at ? r + 15 : r - pinR * 5.4)}
					<text
						{x}
						y={y + 4}
						text-anchor="middle"
						class="fill-current text-[11px]"
						transform={`rotate(${-angle} ${x} ${y})`}>{numberAt(i)}</text
					>
				{/if}
			{/each}
		{/if}
	</g>
	{#if arrow}
		<path d={arrow} fill="none" class="stroke-accent" stroke-width="3" stroke-linecap="round" />
	{/if}
	<!-- The feeder, towards the maker. -->
	<path d={`M${c - 5} ${size - 1}h10l-5 -9z`} class="fill-current" />
</svg>
