<script lang="ts">
	interface Props {
		colour: string;
		/** Grams left; the cake grows with them. */
		grams: number;
		ballGrams: number;
		strands?: number;
		size?: number;
	}
	let { colour, grams, ballGrams, strands = 1, size = 56 }: Props = $props();
	// A cake's volume goes with its weight: height and width grow with the cube root, at most two balls' worth.
	const share = $derived(Math.min(1, Math.cbrt(Math.max(0.02, grams / (2 * ballGrams)))));
	const w = $derived(size * 0.92 * share);
	const h = $derived(size * 0.62 * share);
	const x = $derived((size - w) / 2);
	const y = $derived(size - h - size * 0.1 - 2);
	const ry = $derived(w * 0.15);
	const id = $props.id();
</script>

<svg width={size} height={size} viewBox={`0 0 ${size} ${size}`} aria-hidden="true" class="shrink-0">
	<clipPath id={`${id}-c`}>
		<path
			d={`M${x} ${y + ry}A${w / 2} ${ry} 0 0 1 ${x + w} ${y + ry}V${y + h}A${w / 2} ${ry} 0 0 1 ${x} ${y + h}Z`}
		/>
	</clipPath>
	<g clip-path={`url(#${id}-c)`}>
		<rect {x} y={y - ry} width={w} height={h + 3 * ry} fill={colour} />
		{#each { length: 11 }, i (i)}
			<path
				d={`M${x - w * 0.1 + (i * w) / 10} ${y}q${w * 0.12} ${h * 0.5} ${-w * 0.04} ${h + 2 * ry}`}
				fill="none"
				style:stroke={`color-mix(in oklab, ${colour} 70%, ${i % 2 ? 'black' : 'white'})`}
				stroke-width={strands > 1 ? 2.2 : 1.3}
				stroke-opacity="0.75"
			/>
		{/each}
	</g>
	<ellipse
		cx={size / 2}
		cy={y + ry}
		rx={w / 2}
		{ry}
		style:fill={`color-mix(in oklab, ${colour} 86%, white)`}
		class="stroke-base-content/60"
		stroke-width="1"
	/>
	<ellipse cx={size / 2} cy={y + ry} rx={w * 0.13} ry={ry * 0.45} class="fill-base-content/70" />
	<path
		d={`M${x} ${y + ry}V${y + h}A${w / 2} ${ry} 0 0 0 ${x + w} ${y + h}V${y + ry}`}
		fill="none"
		class="stroke-base-content/60"
		stroke-width="1.2"
	/>
</svg>
