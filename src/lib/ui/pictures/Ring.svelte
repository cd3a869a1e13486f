<script lang="ts">
	interface Props {
		pins: number;
		/** 1-based marker pin. */
		marker: number;
		size?: number;
		/** How far the ring has turned, in turns. */
		turn?: number;
		colour?: string;
		/** Pins with a loop. */
		loaded?: boolean;
		/** Weave shown up to this many pins, or null for none. */
		weave?: number | null;
		label?: string;
		numbers?: boolean;
		/** Pins that fault more than chance, from 1. */
		suspects?: readonly number[];
	}
	let {
		pins,
		marker,
		size = 200,
		turn = 0,
		colour = 'currentColor',
		loaded = true,
		weave = null,
		label,
		numbers = false,
		suspects = []
	}: Props = $props();

	const c = $derived(size / 2);
	const r = $derived(size / 2 - (numbers ? 22 : 12));
	const pinR = $derived(Math.max(1.6, Math.min(5, (r * Math.PI * 2) / pins / 3.2)));
	// Seen from above; pin 1 stands at the feeder (at the bottom, towards the maker) when the ring is at rest.
	const at = (pin: number, radius: number) => {
		const a = Math.PI / 2 - ((pin - 1) / pins) * 2 * Math.PI;
		return [c + radius * Math.cos(a), c + radius * Math.sin(a)] as const;
	};
	const weavePath = $derived.by(() => {
		if (weave === null) return '';
		const n = Math.min(weave, pins);
		let d = '';
		for (let p = 1; p <= n; p++) {
			const [x, y] = at(p, p % 2 === 1 ? r + pinR * 2.4 : r - pinR * 2.4);
			d += `${p === 1 ? 'M' : 'L'}${x} ${y}`;
		}
		return d;
	});
</script>

<svg
	class="h-auto max-w-full"
	width={size}
	height={size}
	viewBox={`0 0 ${size} ${size}`}
	role="img"
	aria-label={label ??
		`Ring of ${pins} pins${suspects.length ? `, pin ${suspects.join(' and ')} faults often` : ''}`}
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
		style:transform={`rotate(${-turn * 360}deg)`}
		style:transform-origin={`${c}px ${c}px`}
	>
		{#if loaded}
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
			{@const [x, y] = at(i + 1, r)}
			{@const isMarker = i + 1 === marker}
			<circle
				cx={x}
				cy={y}
				r={isMarker ? pinR * 1.5 : pinR}
				class={isMarker ? 'fill-accent' : 'fill-base-100'}
				stroke="currentColor"
				stroke-width={isMarker ? 2 : 1.2}
			/>
		{/each}
		{#each suspects as pin (pin)}
			{@const [x, y] = at(pin, r)}
			<circle cx={x} cy={y} r={pinR * 2.6} fill="none" class="stroke-warning" stroke-width="2.2" />
		{/each}
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
		{#if numbers}
			{#each { length: pins }, i (i)}
				{#if i === 0 || (i + 1) % 5 === 0 || i + 1 === marker}
					{@const [x, y] = at(i + 1, r + 15)}
					<text {x} y={y + 4} text-anchor="middle" class="fill-current text-[11px]">{i + 1}</text>
				{/if}
			{/each}
		{/if}
	</g>
	<!-- The feeder, towards the maker. -->
	<path d={`M${c - 5} ${size - 1}h10l-5 -9z`} class="fill-current" />
</svg>
